import {
  carrierAdjusters,
  carrierInboard,
  carrierOutboard,
  pinionSleeve,
  pinionSolid,
  pinionSpacer,
} from '../layouts/axleLayouts.ts';
import { hubFlange } from '../layouts/hubLayout.ts';
import { BEARINGS, type TemplateRow } from '../templateRow.ts';

const HEAD_TAIL = ['Head bearing', 'Tail bearing'] as const;

/** Pinions, hubs and carriers. */
export const AXLE_TEMPLATES = {
  pinionSleeve: {
    words: 'Pinion, collapsible sleeve',
    family: 'axle',
    note: 'preload set by the nut, once',
    axisName: 'Pinion',
    arrangement: 'backToBack',
    sets: ['rollingTorque'],
    ends: HEAD_TAIL,
    layout: pinionSleeve,
  },
  pinionSpacer: {
    words: 'Pinion, solid spacer',
    family: 'axle',
    note: 'preload set by shims beside it',
    axisName: 'Pinion',
    arrangement: 'backToBack',
    sets: ['endPlay', 'rollingTorque'],
    ends: HEAD_TAIL,
    layout: pinionSpacer,
  },
  pinionSolid: {
    words: 'Pinion, spacer turned to length',
    family: 'axle',
    note: 'preload set by its length alone',
    axisName: 'Pinion',
    arrangement: 'backToBack',
    sets: ['rollingTorque'],
    ends: HEAD_TAIL,
    layout: pinionSolid,
  },
  hubFlange: {
    words: 'Hub with flange and sleeve',
    family: 'axle',
    note: 'preload set by the flange nut, once',
    axisName: 'Hub',
    arrangement: 'backToBack',
    sets: ['rollingTorque'],
    ends: ['Inner bearing', 'Flange-side bearing'],
    layout: hubFlange,
  },
  carrierOutboard: {
    words: 'Carrier, shims outboard',
    family: 'axle',
    note: 'shims outside the cups',
    axisName: 'Carrier',
    arrangement: 'faceToFace',
    sets: ['endPlay', 'backlash'],
    ends: BEARINGS,
    layout: carrierOutboard,
  },
  carrierInboard: {
    words: 'Carrier, shims inboard',
    family: 'axle',
    note: 'shims behind the cones',
    axisName: 'Carrier',
    arrangement: 'faceToFace',
    sets: ['endPlay', 'backlash'],
    ends: BEARINGS,
    layout: carrierInboard,
  },
  carrierAdjusters: {
    words: 'Carrier, adjusters',
    family: 'axle',
    note: 'threaded rings with notches',
    axisName: 'Carrier',
    arrangement: 'faceToFace',
    sets: ['endPlay', 'rollingTorque', 'backlash'],
    ends: BEARINGS,
    layout: carrierAdjusters,
  },
} as const satisfies Record<string, TemplateRow>;
