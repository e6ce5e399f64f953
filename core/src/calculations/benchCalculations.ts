import { MATERIAL_IDS } from '../materials/index.ts';
import { depthStack, type StackLength } from '../measure/index.ts';
import { reamSize } from '../plain/index.ts';
import { preloadForce, rigidWarmPlay, type PreloadedBearing } from '../preload/index.ts';
import {
  closingIn,
  drawnCupBore,
  gaugeForce,
  type DrawnCup,
  type PressedBush,
} from '../pressFit/index.ts';
import { field, type Calculation } from './calculation.ts';
import { mm } from './quantityFields.ts';

const TEMPERATURE = { min: -60, max: 200 };

/** What is worked out at the bench besides: stacks, presses, bushes, play of unequal temperatures. */
export const BENCH_CALCULATIONS: readonly Calculation[] = [
  {
    name: 'depth-stack',
    summary:
      'Depth put together from several lengths: worst case and root of the sum of squares, against one measured directly',
    fields: [
      field('lengths[].way', ['plus', 'minus'], '', {}, 'added or taken off'),
      mm('lengths[].value', { min: 0, max: 10_000 }, 'length'),
      mm('lengths[].within', { min: 0, max: 100 }, 'how far it may be off, either way'),
      field(
        'direct.value',
        'number',
        'mm',
        { min: -10_000, max: 10_000 },
        'the same depth in one go; null where it was not measured',
        'nullable',
      ),
      mm('direct.within', { min: 0, max: 100 }, 'how far that may be off'),
    ],
    run: ({
      lengths,
      direct: { value, within },
    }: {
      lengths: readonly StackLength[];
      direct: { value: number | null; within: number };
    }) => depthStack(lengths, value === null ? null : { value, within }),
  },
  {
    name: 'preload-force',
    summary:
      'Preload of tapered bearings from their rolling torque, or the torque from the preload; within a factor of two',
    fields: [
      mm('bearings[].bore', { above: 0, max: 1000 }, 'bore'),
      field('bearings[].contactAngle', 'number', '°', { min: 5, max: 45 }, 'contact angle'),
      field(
        'given.force',
        'number',
        'N',
        { min: 0, max: 1_000_000 },
        'preload; null where it is asked',
        'nullable',
      ),
      field(
        'given.torque',
        'number',
        'N·m',
        { min: 0, max: 500 },
        'rolling torque; null where it is asked',
        'nullable',
      ),
    ],
    run: ({
      bearings,
      given,
    }: {
      bearings: readonly PreloadedBearing[];
      given: Parameters<typeof preloadForce>[1];
    }) => preloadForce(bearings, given),
  },
  {
    name: 'warm-play-two',
    summary:
      'End play with case and shaft at temperatures of their own, in a case that its cups follow',
    fields: [
      mm('cold', { min: -10, max: 100 }, 'at 20 °C'),
      field('arrangement', ['faceToFace', 'backToBack'], '', {}, 'how the bearings hold the shaft'),
      mm('span', { min: 0, max: 5000 }, 'between the middles of the cups'),
      field('housing', MATERIAL_IDS, '', {}, 'material of the case'),
      field('shaft', MATERIAL_IDS, '', {}, 'material of the shaft'),
      field('housingTemperature', 'number', '°C', TEMPERATURE, 'of the case'),
      field('shaftTemperature', 'number', '°C', TEMPERATURE, 'of the shaft'),
      mm('bearings[].meanDiameter', { above: 0, max: 2000 }, 'mean diameter'),
      field('bearings[].contactAngle', 'number', '°', { min: 5, max: 45 }, 'contact angle'),
    ],
    run: (input: Parameters<typeof rigidWarmPlay>[0]) => rigidWarmPlay(input),
  },
  {
    name: 'gauge-force',
    summary: 'Force of a hydraulic press from its gauge',
    fields: [
      field(
        'pressure',
        'number',
        'MPa',
        { min: 0, max: 400 },
        'as the gauge shows it; 1 bar is 0.1',
      ),
      mm('piston', { above: 0, max: 1000 }, 'diameter of the ram’s piston'),
    ],
    run: ({ pressure, piston }: { pressure: number; piston: number }) =>
      gaugeForce(pressure, piston),
  },
  {
    name: 'drawn-cup-bore',
    summary: 'Bore of a drawn cup under its needles once it is pressed in',
    fields: [
      mm('gaugedLeast', { above: 0, max: 500 }, 'in the ring gauge, smallest'),
      mm('gaugedMost', { atLeast: 'gaugedLeast', max: 500 }, 'in the ring gauge, largest'),
      mm('gauge', { moreThan: 'gaugedMost', max: 500 }, 'bore of the ring gauge'),
      mm('boreLeast', { above: 0, max: 500 }, 'bore it goes into, smallest'),
      mm('boreMost', { atLeast: 'boreLeast', max: 500 }, 'bore it goes into, largest'),
    ],
    run: (input: DrawnCup) => drawnCupBore(input),
  },
  {
    name: 'closing-in',
    summary: 'By how much the bore of a bush closes in as it is pressed home',
    fields: [
      mm('bush.diameter', { above: 0, max: 1000 }, 'common diameter'),
      mm('bush.bore', { above: 0, lessThan: 'diameter' }, 'bore before it is pressed in'),
      mm('bush.width', { above: 0, max: 1000 }, 'width'),
      field(
        'bush.bossOutside',
        'number',
        'mm',
        { moreThan: 'diameter', max: 2000 },
        'outside of the boss; 1.6 of the bore where it is left out',
        'optional',
      ),
      field('bush.bush', MATERIAL_IDS, '', {}, 'of the bush'),
      field('bush.housing', MATERIAL_IDS, '', {}, 'of the housing'),
      mm('interference', { min: -5, max: 10 }, 'diametral'),
    ],
    run: ({ bush, interference }: { bush: PressedBush; interference: number }) =>
      closingIn(bush, interference),
  },
  {
    name: 'ream-size',
    summary: 'Size a pressed bush is reamed to for its journal, and what there is to take out',
    fields: [
      mm('bore', { above: 0, max: 1000 }, 'of the bush as it is pressed in'),
      mm('journalLeast', { above: 0, max: 1000 }, 'journal, smallest'),
      mm('journalMost', { atLeast: 'journalLeast', max: 1000 }, 'journal, largest'),
      mm('clearanceLeast', { min: 0, max: 5 }, 'least clearance'),
      mm('clearanceMost', { atLeast: 'clearanceLeast', max: 5 }, 'most clearance'),
    ],
    run: (input: Parameters<typeof reamSize>[0]) => reamSize(input),
  },
];
