import type { Arrangement } from '../arrangement/index.ts';
import {
  carrierAdjusters,
  carrierInboard,
  carrierOutboard,
  pinionSleeve,
  pinionSolid,
  pinionSpacer,
} from './layouts/axleLayouts.ts';
import { bushAndSeal, oneBore } from './layouts/boreLayouts.ts';
import { blockShells, crankGearbox } from './layouts/engineLayouts.ts';
import { oneBush, oneRace, pistonCover, thrustPastPlate } from './layouts/serviceLayouts.ts';
import { hubFlange } from './layouts/hubLayout.ts';
import type { Layout, TemplateInput } from './layouts/layout.ts';
import { crankcaseHalves, floatingCountershaft, needleThrustStack } from './layouts/caseLayouts.ts';
import {
  adjusterOneEnd,
  coneSpacerShims,
  coverShims,
  retainedGear,
  thrustWasher,
} from './layouts/shaftLayouts.ts';
import type { FigureKind } from '../figures/index.ts';

/** One of the usual arrangements a unit can be begun from. */
export interface TemplateRow {
  readonly words: string;
  /** How the shaft is held, in a few words. */
  readonly note: string;
  readonly axisName: string;
  readonly arrangement: Arrangement;
  readonly sets: readonly FigureKind[];
  /** What the two things at the ends are called when they are asked for. */
  readonly ends: readonly [left: string, right: string] | readonly [only: string];
  readonly layout: (input: TemplateInput) => Layout;
}

const BEARINGS = ['Left bearing', 'Right bearing'] as const;
const HEAD_TAIL = ['Head bearing', 'Tail bearing'] as const;

/** Every template. */
export const TEMPLATE_TABLE = {
  coverShims: {
    words: 'Cover shims',
    note: 'tapered rollers face to face',
    axisName: 'Shaft',
    arrangement: 'faceToFace',
    sets: ['endPlay'],
    ends: BEARINGS,
    layout: coverShims,
  },
  retainedGear: {
    words: 'Gear on a sleeve, cover shims',
    note: 'play of the shaft and side clearance of the gear',
    axisName: 'Shaft',
    arrangement: 'faceToFace',
    sets: ['endPlay', 'sideClearance'],
    ends: BEARINGS,
    layout: retainedGear,
  },
  adjusterOneEnd: {
    words: 'Adjuster at one end',
    note: 'tapered rollers face to face, a threaded ring',
    axisName: 'Shaft',
    arrangement: 'faceToFace',
    sets: ['endPlay'],
    ends: BEARINGS,
    layout: adjusterOneEnd,
  },
  coneSpacerShims: {
    words: 'Cone spacer with shims',
    note: 'tapered rollers back to back',
    axisName: 'Shaft',
    arrangement: 'backToBack',
    sets: ['endPlay'],
    ends: BEARINGS,
    layout: coneSpacerShims,
  },
  pinionSleeve: {
    words: 'Pinion, collapsible sleeve',
    note: 'preload set by the nut, once',
    axisName: 'Pinion',
    arrangement: 'backToBack',
    sets: ['rollingTorque'],
    ends: HEAD_TAIL,
    layout: pinionSleeve,
  },
  pinionSpacer: {
    words: 'Pinion, solid spacer',
    note: 'preload set by shims beside it',
    axisName: 'Pinion',
    arrangement: 'backToBack',
    sets: ['endPlay', 'rollingTorque'],
    ends: HEAD_TAIL,
    layout: pinionSpacer,
  },
  pinionSolid: {
    words: 'Pinion, spacer turned to length',
    note: 'preload set by its length alone',
    axisName: 'Pinion',
    arrangement: 'backToBack',
    sets: ['rollingTorque'],
    ends: HEAD_TAIL,
    layout: pinionSolid,
  },
  hubFlange: {
    words: 'Hub with flange and sleeve',
    note: 'preload set by the flange nut, once',
    axisName: 'Hub',
    arrangement: 'backToBack',
    sets: ['rollingTorque'],
    ends: ['Inner bearing', 'Flange-side bearing'],
    layout: hubFlange,
  },
  carrierOutboard: {
    words: 'Carrier, shims outboard',
    note: 'shims outside the cups',
    axisName: 'Carrier',
    arrangement: 'faceToFace',
    sets: ['endPlay', 'backlash'],
    ends: BEARINGS,
    layout: carrierOutboard,
  },
  carrierInboard: {
    words: 'Carrier, shims inboard',
    note: 'shims behind the cones',
    axisName: 'Carrier',
    arrangement: 'faceToFace',
    sets: ['endPlay', 'backlash'],
    ends: BEARINGS,
    layout: carrierInboard,
  },
  carrierAdjusters: {
    words: 'Carrier, adjusters',
    note: 'threaded rings with notches',
    axisName: 'Carrier',
    arrangement: 'faceToFace',
    sets: ['endPlay', 'rollingTorque', 'backlash'],
    ends: BEARINGS,
    layout: carrierAdjusters,
  },
  crankcaseHalves: {
    words: 'Crankcase halves',
    note: 'bearings in both halves',
    axisName: 'Crankshaft',
    arrangement: 'plainThrust',
    sets: ['endPlay'],
    ends: BEARINGS,
    layout: crankcaseHalves,
  },
  crankGearbox: {
    words: 'Crankcase halves with gearbox',
    note: 'crank and two gearbox shafts from half to half',
    axisName: 'Crankshaft',
    arrangement: 'plainThrust',
    sets: ['endPlay'],
    ends: BEARINGS,
    layout: crankGearbox,
  },
  blockShells: {
    words: 'Crank on shells',
    note: 'main shells under caps, thrust washers',
    axisName: 'Crankshaft',
    arrangement: 'plainThrust',
    sets: ['endPlay'],
    ends: ['Left shells', 'Right shells'],
    layout: blockShells,
  },
  oneRace: {
    words: 'One race on a shaft',
    note: 'against its shoulder, under a nut',
    axisName: 'Shaft',
    arrangement: 'plainThrust',
    sets: [],
    ends: ['Race'],
    layout: oneRace,
  },
  oneBush: {
    words: 'One bush in a housing',
    note: 'pressed and gauged',
    axisName: 'Shaft',
    arrangement: 'plainThrust',
    sets: [],
    ends: ['Bush'],
    layout: oneBush,
  },
  pistonCover: {
    words: 'Cover with a piston',
    note: 'two piston seals, a snap ring',
    axisName: 'Piston',
    arrangement: 'plainThrust',
    sets: [],
    ends: ['Piston'],
    layout: pistonCover,
  },
  oneBore: {
    words: 'Two bearings in one bore',
    note: 'driven in one behind the other, a tube between them',
    axisName: 'Shaft',
    arrangement: 'plainThrust',
    sets: [],
    ends: BEARINGS,
    layout: oneBore,
  },
  bushAndSeal: {
    words: 'Bush and seal in a housing',
    note: 'pressed, gauged, sealed',
    axisName: 'Shaft',
    arrangement: 'plainThrust',
    sets: [],
    ends: ['Bush', 'Seal'],
    layout: bushAndSeal,
  },
  thrustWasher: {
    words: 'Thrust washer',
    note: 'shaft between thrust faces',
    axisName: 'Shaft',
    arrangement: 'plainThrust',
    sets: ['endPlay'],
    ends: BEARINGS,
    layout: thrustWasher,
  },
  floatingCountershaft: {
    words: 'Floating countershaft',
    note: 'cluster on loose rollers',
    axisName: 'Countershaft',
    arrangement: 'plainThrust',
    sets: ['endPlay'],
    ends: ['Left rollers', 'Right rollers'],
    layout: floatingCountershaft,
  },
  thrustPastPlate: {
    words: 'Thrust needles past a plate',
    note: 'clamped on a spacer through a fixed plate',
    axisName: 'Shaft',
    arrangement: 'plainThrust',
    sets: ['endPlay'],
    ends: ['Left needles', 'Right needles'],
    layout: thrustPastPlate,
  },
  needleThrustStack: {
    words: 'Needle thrust stack',
    note: 'gear between needle thrust bearings',
    axisName: 'Shaft',
    arrangement: 'plainThrust',
    sets: ['endPlay'],
    ends: ['Left needles', 'Right needles'],
    layout: needleThrustStack,
  },
} as const satisfies Record<string, TemplateRow>;

export type UnitTemplate = keyof typeof TEMPLATE_TABLE;
export const UNIT_TEMPLATES = Object.keys(TEMPLATE_TABLE) as readonly UnitTemplate[];
