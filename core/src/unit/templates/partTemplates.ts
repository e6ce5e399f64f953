import { bushAndSeal, oneBore } from '../layouts/boreLayouts.ts';
import { oneBush, oneRace, pistonCover } from '../layouts/serviceLayouts.ts';
import { BEARINGS, type TemplateRow } from '../templateRow.ts';

/** One part, or what stands in one bore. */
export const PART_TEMPLATES = {
  oneRace: {
    words: 'One race on a shaft',
    family: 'part',
    note: 'against its shoulder, under a nut',
    axisName: 'Shaft',
    arrangement: 'plainThrust',
    sets: [],
    ends: ['Race'],
    layout: oneRace,
  },
  oneBush: {
    words: 'One bush in a housing',
    family: 'part',
    note: 'pressed and gauged',
    axisName: 'Shaft',
    arrangement: 'plainThrust',
    sets: [],
    ends: ['Bush'],
    layout: oneBush,
  },
  pistonCover: {
    words: 'Cover with a piston',
    family: 'part',
    note: 'two piston seals, a snap ring',
    axisName: 'Piston',
    arrangement: 'plainThrust',
    sets: [],
    ends: ['Piston'],
    layout: pistonCover,
  },
  oneBore: {
    words: 'Two bearings in one bore',
    family: 'part',
    note: 'driven in one behind the other, a tube between them',
    axisName: 'Shaft',
    arrangement: 'plainThrust',
    sets: [],
    ends: BEARINGS,
    layout: oneBore,
  },
  bushAndSeal: {
    words: 'Bush and seal in a housing',
    family: 'part',
    note: 'pressed, gauged, sealed',
    axisName: 'Shaft',
    arrangement: 'plainThrust',
    sets: [],
    ends: ['Bush', 'Seal'],
    layout: bushAndSeal,
  },
} as const satisfies Record<string, TemplateRow>;
