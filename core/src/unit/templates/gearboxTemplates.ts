import { floatingCountershaft, needleThrustStack } from '../layouts/caseLayouts.ts';
import { thrustPastPlate } from '../layouts/serviceLayouts.ts';
import {
  adjusterOneEnd,
  coneSpacerShims,
  coverShims,
  retainedGear,
  thrustWasher,
} from '../layouts/shaftLayouts.ts';
import type { TemplateRow } from '../templateRow.ts';

const BEARINGS = ['Left bearing', 'Right bearing'] as const;

/** Shafts of gearboxes. */
export const GEARBOX_TEMPLATES = {
  coverShims: {
    words: 'Cover shims',
    family: 'gearbox',
    note: 'tapered rollers face to face',
    axisName: 'Shaft',
    arrangement: 'faceToFace',
    sets: ['endPlay'],
    ends: BEARINGS,
    layout: coverShims,
  },
  retainedGear: {
    words: 'Gear on a sleeve, cover shims',
    family: 'gearbox',
    note: 'play of the shaft and side clearance of the gear',
    axisName: 'Shaft',
    arrangement: 'faceToFace',
    sets: ['endPlay', 'sideClearance'],
    ends: BEARINGS,
    layout: retainedGear,
  },
  adjusterOneEnd: {
    words: 'Adjuster at one end',
    family: 'gearbox',
    note: 'tapered rollers face to face, a threaded ring',
    axisName: 'Shaft',
    arrangement: 'faceToFace',
    sets: ['endPlay'],
    ends: BEARINGS,
    layout: adjusterOneEnd,
  },
  coneSpacerShims: {
    words: 'Cone spacer with shims',
    family: 'gearbox',
    note: 'tapered rollers back to back',
    axisName: 'Shaft',
    arrangement: 'backToBack',
    sets: ['endPlay'],
    ends: BEARINGS,
    layout: coneSpacerShims,
  },
  thrustWasher: {
    words: 'Thrust washer',
    family: 'gearbox',
    note: 'shaft between thrust faces',
    axisName: 'Shaft',
    arrangement: 'plainThrust',
    sets: ['endPlay'],
    ends: BEARINGS,
    layout: thrustWasher,
  },
  floatingCountershaft: {
    words: 'Floating countershaft',
    family: 'gearbox',
    note: 'cluster on loose rollers',
    axisName: 'Countershaft',
    arrangement: 'plainThrust',
    sets: ['endPlay'],
    ends: ['Left rollers', 'Right rollers'],
    layout: floatingCountershaft,
  },
  thrustPastPlate: {
    words: 'Thrust needles past a plate',
    family: 'gearbox',
    note: 'clamped on a spacer through a fixed plate',
    axisName: 'Shaft',
    arrangement: 'plainThrust',
    sets: ['endPlay'],
    ends: ['Left needles', 'Right needles'],
    layout: thrustPastPlate,
  },
  needleThrustStack: {
    words: 'Needle thrust stack',
    family: 'gearbox',
    note: 'gear between needle thrust bearings',
    axisName: 'Shaft',
    arrangement: 'plainThrust',
    sets: ['endPlay'],
    ends: ['Left needles', 'Right needles'],
    layout: needleThrustStack,
  },
} as const satisfies Record<string, TemplateRow>;
