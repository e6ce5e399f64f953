import { requireNumber } from '../faults/index.ts';
import { decide, type Decision } from '../measure/index.ts';
import { line, type WorkingLine } from '../working/index.ts';

/** A ring counts as home when it lies within this of where it should, mm. A rule of this program. */
export const HOME_WITHIN = 0.05;

/** How far in a ring went, from depths measured round it. mm. */
export interface DepthVerdict {
  /** Expected less measured, mean: above 0 it stands proud of its place. */
  readonly proud: number;
  /** Largest less smallest depth: how crooked it sits. */
  readonly tilt: number;
  readonly decision: Decision;
  readonly tiltDecision: Decision;
  /** `tooDeep`: deeper than the shoulder allows, so the datum or the width is wrong. */
  readonly word: 'home' | 'proud' | 'tilted' | 'tooDeep' | 'cannotDecide';
  readonly working: readonly WorkingLine[];
}

/** What is driven to a depth and rests on nothing lies within this of it, mm. Common practice, no source. */
export const DRIVEN_WITHIN = 0.2;

/** Whether a ring rests on a shoulder, or is driven to a depth and rests on nothing. */
export type DepthKind = 'onShoulder' | 'driven';

/** What to do on each. Common practice, no source. */
export const DEPTH_REMEDIES: Readonly<
  Record<DepthKind, Readonly<Record<DepthVerdict['word'], string>>>
> = {
  onShoulder: {
    home: 'It is home.',
    proud: 'Not home: reheat the case, push it down, measure again. What lies under it?',
    tilted: 'It sits crooked: take it out hot, look for a burr, put it in straight.',
    tooDeep:
      'Deeper than its shoulder: the datum, the width of the ring or the depth measured before is wrong.',
    cannotDecide: 'Too near the limit for this depth gauge: measure with a finer one.',
  },
  driven: {
    home: 'It is at its depth.',
    proud:
      'Not deep enough: press it on to its depth, with a driver whose collar stops it there. Measure again.',
    tilted:
      'It sits crooked: it is not straightened in its bore. Press it out, a new one in, straight.',
    tooDeep:
      'Too deep: a thin shell is spoiled by drawing it back. Measure once more; where it is so, press it out and a new one in, with a collar on the driver.',
    cannotDecide: 'Too near the limit for this depth gauge: measure with a finer one.',
  },
};

/**
 * Judge whether a ring is home from its depth below a face: expected = depth to the shoulder − width of the ring, or the depth
 * that it is driven to. Mean within ± and a spread of at most `within`, decided by ISO 14253-1 with `g = k·u`.
 *
 * @param measured one to three depths, mm
 * @param guard one-sided 95 % uncertainty of the difference, mm
 * @throws InputError naming `measured` or `expected`
 * @example judgeDepth({ measured: [5.02, 5.01], expected: 5, guard: 0.01 }).word // 'home'
 */
export function judgeDepth({
  measured,
  expected,
  guard,
  within = HOME_WITHIN,
}: {
  readonly measured: readonly number[];
  readonly expected: number;
  readonly guard: number;
  readonly within?: number;
}): DepthVerdict {
  requireNumber('measured', measured.length, { min: 1, max: 12 });
  measured.forEach((value, at) =>
    requireNumber(`measured[${at}]`, value, { min: -1000, max: 1000, unit: 'mm' }),
  );
  requireNumber('expected', expected, { min: -1000, max: 1000, unit: 'mm' });
  const mean = measured.reduce((sum, value) => sum + value, 0) / measured.length;
  const proud = expected - mean;
  const tilt = Math.max(...measured) - Math.min(...measured);
  const decision = decide(proud, proud, { lower: -within, upper: within, target: null }, guard);
  const tiltDecision = decide(tilt, tilt, { lower: null, upper: within, target: null }, guard);
  return {
    proud,
    tilt,
    decision,
    tiltDecision,
    word: wordOf(decision, tiltDecision),
    working: [
      line(
        'Stands proud by',
        'expected − mean',
        [
          ['expected', expected, 'length'],
          ['mean', mean, 'length'],
        ],
        ['proud', proud, 'length'],
        'asMeasured',
      ),
      line('Crooked by', 'largest − smallest', [], ['tilt', tilt, 'length'], 'asMeasured'),
    ],
  };
}

function wordOf(decision: Decision, tilt: Decision): DepthVerdict['word'] {
  if (decision.word === 'doesNotConform') return decision.limit === 'upper' ? 'proud' : 'tooDeep';
  if (tilt.word === 'doesNotConform') return 'tilted';
  return decision.word === 'conforms' && tilt.word === 'conforms' ? 'home' : 'cannotDecide';
}
