import { put as at, unitOf } from '../../draws/index.ts';
import type { Part, Station, Unit } from '../../unit/index.ts';

export { at };

/** A unit of one axis. */
export const madeUnit = (
  parts: Readonly<Record<string, Part['kind']>>,
  stations: readonly Station[],
): Unit => unitOf(parts, [{ id: 'axis', arrangement: 'plainThrust', sets: [], stations }]);

/** A shaft on two ball bearings, the right one held in by a snap ring, a seal outside it. */
export const RINGED = madeUnit({ case: 'case', shaft: 'shaft' }, [
  at(['journal', 'shaftStep', 'shaft'], [0, 100], [0, 30]),
  at(['collar', 'shaftStep', 'shaft'], [20, 60], [0, 40]),
  at(['wall', 'housing', 'case'], [60, 110], [62, 90]),
  at(['shoulder', 'housing', 'case'], [50, 60], [50, 90]),
  at(['ball', 'ballBearing', 'case'], [60, 76], [30, 62], { tightRing: 'outer' }),
  at(['ring', 'snapRing', 'case'], [76, 78], [54, 66]),
  at(['seal', 'seal', 'case'], [90, 98], [30, 62], { wayIn: 'left' }),
]);

/** A pinion with its head on the left; its tail cone slides, a flange covers its seal, a nut clamps all. */
export const PINION = madeUnit({ case: 'case', shaft: 'shaft' }, [
  at(['head', 'gear', 'shaft'], [-20, 0], [0, 56]),
  at(['seat-head', 'shaftStep', 'shaft'], [0, 24], [0, 35]),
  at(['neck', 'shaftStep', 'shaft'], [24, 120], [0, 30]),
  at(['nose', 'housing', 'case'], [0, 24], [80, 120]),
  at(['between', 'housing', 'case'], [24, 70], [61, 120]),
  at(['tail-wall', 'housing', 'case'], [70, 104], [72, 120]),
  at(['head-bearing', 'taperedRoller', 'case'], [0, 24], [35, 80], {
    tightRing: 'both',
    thrust: 'right',
    wayIn: 'right',
  }),
  at(['sleeve', 'spacer', 'shaft'], [24, 70], [30, 42], { spacerType: 'collapsible' }),
  at(['tail-bearing', 'taperedRoller', 'case'], [70, 90], [30, 72], {
    tightRing: 'outer',
    thrust: 'left',
    wayIn: 'left',
  }),
  at(['seal', 'seal', 'case'], [94, 102], [30, 72], { wayIn: 'left' }),
  at(['flange', 'gear', 'shaft'], [104, 112], [30, 95]),
  at(['nut', 'nut', 'shaft'], [112, 120], [30, 45]),
]);

/** A crank in two halves, each with its bearing; a plate in the right half lies under a gear. */
export const HALVES = madeUnit({ left: 'caseHalf', right: 'caseHalf', crank: 'shaft' }, [
  at(['end-left', 'shaftStep', 'crank'], [-20, 10], [0, 30]),
  at(['webs', 'shaftStep', 'crank'], [10, 50], [0, 110]),
  at(['end-right', 'shaftStep', 'crank'], [50, 80], [0, 30]),
  at(['wall-left', 'housing', 'left'], [-6, 10], [62, 130]),
  at(['wall-right', 'housing', 'right'], [50, 70], [62, 130]),
  at(['ball-left', 'ballBearing', 'left'], [-6, 10], [30, 62], {
    tightRing: 'both',
    wayIn: 'left',
  }),
  at(['ball-right', 'ballBearing', 'right'], [50, 66], [30, 62], {
    tightRing: 'both',
    wayIn: 'right',
  }),
  at(['seal-left', 'seal', 'left'], [-14, -7], [30, 50], { wayIn: 'right' }),
  at(['bolts', 'bolts', 'right'], [20, 40], [120, 130], { count: 8, pattern: 'pan' }),
]);

/** A lip between two shoulders of a shaft that is itself between two walls. */
export const SHUT_IN = madeUnit({ case: 'case', shaft: 'shaft' }, [
  at(['step', 'shaftStep', 'shaft'], [0, 60], [0, 20]),
  at(['big', 'shaftStep', 'shaft'], [10, 20], [0, 80]),
  at(['wide', 'shaftStep', 'shaft'], [40, 50], [0, 80]),
  at(['lip', 'seal', 'case'], [24, 32], [20, 40], { wayIn: 'left' }),
  at(['wall-l', 'housing', 'case'], [0, 8], [21, 100]),
  at(['wall-r', 'housing', 'case'], [52, 60], [21, 100]),
]);
