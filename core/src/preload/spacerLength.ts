import { refuse, requireNumber } from '../faults/index.ts';
import { bandTarget, NORMAL_FACTOR, type Band } from '../measure/index.ts';
import { line, type WorkingLine } from '../working/index.ts';
import { type SpacerTrial, type ZeroPlay, zeroPlayLength, zeroLine } from './spacerZeroPlay.ts';

/** What the spacer has to give: a play (below 0 is preload), or a rolling torque. */
export interface SpacerTarget {
  readonly by: 'play' | 'torque';
  readonly band: Band;
}

/** How the length was found, the best first. */
export const SPACER_BASES = ['play', 'torque', 'zeroPlay', 'bracket'] as const;

/** The length that is wanted, as far as the trials tell. mm. */
export type SpacerLength =
  | {
      readonly status: 'known';
      readonly basis: (typeof SPACER_BASES)[number];
      readonly wanted: number;
      readonly standard: number;
      /** Lengths that are allowed, drawn in by the uncertainty; null where that leaves none, or the basis cannot say. */
      readonly allowed: { readonly from: number; readonly to: number } | null;
      readonly bracket: Bracket;
      readonly working: readonly WorkingLine[];
    }
  | {
      readonly status: 'needs';
      readonly what: 'aTrial' | 'aLooseOne' | 'aTightOne';
      readonly bracket: Bracket;
    };

/** Shortest that left play and longest that was tight, among the trials. */
export interface Bracket {
  readonly loose: number | null;
  readonly tight: number | null;
}

/** Exponents of the rise of rolling torque with preload travel, as for a sleeve. */
const EXPONENTS = { least: 1, most: 1.5 };

/**
 * The length of a solid spacer between clamped cones, from trials. A longer one gives as much more play as it is longer.
 *
 * - play measured: `L* = L + (target − play)`, the mean over the trials; two that contradict each other are refused.
 * - rolling torque wanted: the length of zero play `L₀ = L − play`, and from a tight trial of torque T
 *   `L₀ − (L₀ − L)·(T_wanted/T)^(1/n)`, n from 1 to 1.5. Without a tight trial that was read: to zero play first.
 * - only felt: half way between the shortest loose one and the longest tight one.
 *
 * @throws InputError naming `trials[i].…`; `contradiction` when a shorter one was loose and a longer one tight
 */
export function spacerLength(trials: readonly SpacerTrial[], target: SpacerTarget): SpacerLength {
  trials.forEach(requireTrial);
  const bracket = bracketOf(trials);
  const zero = zeroPlayLength(trials);
  if (target.by === 'play' && zero !== null) return byPlay(zero, target.band, bracket);
  if (target.by === 'torque') {
    const found = byTorque(trials, zero, target.band, bracket);
    if (found !== null) return found;
  }
  const { loose, tight } = bracket;
  if (loose !== null && tight !== null) {
    const wanted = (loose + tight) / 2;
    return {
      status: 'known',
      basis: 'bracket',
      wanted,
      standard: (loose - tight) / Math.sqrt(12),
      allowed: null,
      bracket,
      working: [
        line(
          'Half way',
          'L = (L_loose + L_tight)/2',
          [
            ['L_loose', loose, 'length'],
            ['L_tight', tight, 'length'],
          ],
          ['L', wanted, 'length'],
          'bracket',
        ),
      ],
    };
  }
  return {
    status: 'needs',
    what: loose !== null ? 'aTightOne' : tight !== null ? 'aLooseOne' : 'aTrial',
    bracket,
  };
}

function byPlay(zero: ZeroPlay, band: Band, bracket: Bracket): SpacerLength {
  const target = bandTarget(band);
  const wanted = zero.length + target;
  const guard = NORMAL_FACTOR * zero.standard;
  const from = band.lower === null ? -Infinity : zero.length + band.lower + guard;
  const to = band.upper === null ? Infinity : zero.length + band.upper - guard;
  return {
    status: 'known',
    basis: 'play',
    wanted,
    standard: zero.standard,
    bracket,
    allowed: from <= to ? { from, to } : null,
    working: [
      zeroLine(zero),
      line(
        'Length that gives the target',
        'L* = L₀ + target',
        [
          ['L₀', zero.length, 'length'],
          ['target', target, 'length'],
        ],
        ['L*', wanted, 'length'],
        'loop',
      ),
    ],
  };
}

function byTorque(
  trials: readonly SpacerTrial[],
  zero: ZeroPlay | null,
  band: Band,
  bracket: Bracket,
): SpacerLength | null {
  if (zero === null) return null;
  const target = bandTarget(band);
  const tight = trials
    .filter(({ torque, length }) => torque !== null && torque > 0 && length < zero.length)
    .toSorted((a, b) => Math.abs(a.torque! - target) - Math.abs(b.torque! - target))[0];
  if (tight === undefined)
    return {
      status: 'known',
      basis: 'zeroPlay',
      wanted: zero.length,
      standard: zero.standard,
      allowed: null,
      bracket,
      working: [zeroLine(zero)],
    };
  const travel = zero.length - tight.length;
  const at = (exponent: number, torque = target) =>
    zero.length - travel * (torque / tight.torque!) ** (1 / exponent);
  const [one, other] = [at(EXPONENTS.least), at(EXPONENTS.most)];
  const wanted = (one + other) / 2;
  const standard = Math.hypot(
    zero.standard,
    tight.lengthUncertainty,
    (one - other) / Math.sqrt(12),
  );
  // More torque is a shorter spacer; both exponents have to agree that it is inside.
  const ends = (torque: number) => [at(EXPONENTS.least, torque), at(EXPONENTS.most, torque)];
  const from =
    band.upper === null ? 0 : Math.max(...ends(band.upper)) + NORMAL_FACTOR * zero.standard;
  const to =
    band.lower === null
      ? zero.length
      : Math.min(...ends(band.lower)) - NORMAL_FACTOR * zero.standard;
  return {
    status: 'known',
    basis: 'torque',
    wanted,
    standard,
    bracket,
    allowed: from <= to ? { from, to } : null,
    working: [zeroLine(zero), torqueLine(zero, tight, target, wanted)],
  };
}

function torqueLine(
  zero: ZeroPlay,
  tight: SpacerTrial,
  target: number,
  wanted: number,
): WorkingLine {
  return line(
    'Length that gives the torque',
    'L* = L₀ − (L₀ − L)·(T*/T)^(1/n), n 1 to 1.5',
    [
      ['L₀', zero.length, 'length'],
      ['L', tight.length, 'length'],
      ['T*', target, 'torque'],
      ['T', tight.torque!, 'torque'],
    ],
    ['L*', wanted, 'length'],
    'sleeveLaw',
  );
}

function bracketOf(trials: readonly SpacerTrial[]): Bracket {
  const lengths = (wanted: SpacerTrial['feel']) =>
    trials.filter(({ feel }) => feel === wanted).map(({ length }) => length);
  const [loose, tight] = [lengths('loose'), lengths('tight')];
  const bracket = {
    loose: loose.length === 0 ? null : Math.min(...loose),
    tight: tight.length === 0 ? null : Math.max(...tight),
  };
  if (bracket.loose !== null && bracket.tight !== null && bracket.tight >= bracket.loose)
    refuse('contradiction', 'trials', bracket.tight, {
      id: 'shorterThanLoose',
      length: bracket.loose,
    });
  return bracket;
}

function requireTrial({ length, lengthUncertainty, play, torque }: SpacerTrial, at: number): void {
  requireNumber(`trials[${at}].length`, length, { above: 0, max: 500, unit: 'mm' });
  requireNumber(`trials[${at}].lengthUncertainty`, lengthUncertainty, {
    min: 0,
    max: 0.1,
    unit: 'mm',
  });
  if (play !== null)
    requireNumber(`trials[${at}].play.value`, play.value, { min: 0, max: 20, unit: 'mm' });
  if (play !== null)
    requireNumber(`trials[${at}].play.uncertainty`, play.uncertainty, {
      min: 0,
      max: 1,
      unit: 'mm',
    });
  if (torque !== null)
    requireNumber(`trials[${at}].torque`, torque, { min: 0, max: 500, unit: 'N·m' });
}
