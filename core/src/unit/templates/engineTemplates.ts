import { crankcaseHalves } from '../layouts/caseLayouts.ts';
import { blockShells, crankGearbox } from '../layouts/engineLayouts.ts';
import { BEARINGS, type TemplateRow } from '../templateRow.ts';

/** Cranks in cases and blocks. */
export const ENGINE_TEMPLATES = {
  crankcaseHalves: {
    words: 'Crankcase halves',
    family: 'engine',
    note: 'bearings in both halves',
    axisName: 'Crankshaft',
    arrangement: 'plainThrust',
    sets: ['endPlay'],
    ends: BEARINGS,
    layout: crankcaseHalves,
  },
  crankGearbox: {
    words: 'Crankcase halves with gearbox',
    family: 'engine',
    note: 'crank and two gearbox shafts from half to half',
    axisName: 'Crankshaft',
    arrangement: 'plainThrust',
    sets: ['endPlay'],
    ends: BEARINGS,
    layout: crankGearbox,
  },
  blockShells: {
    words: 'Crank on shells',
    family: 'engine',
    note: 'main shells under caps, thrust washers',
    axisName: 'Crankshaft',
    arrangement: 'plainThrust',
    sets: ['endPlay'],
    ends: ['Left shells', 'Right shells'],
    layout: blockShells,
  },
} as const satisfies Record<string, TemplateRow>;
