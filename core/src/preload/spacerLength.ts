import { refuse, requireNumber } from '../faults/index.ts';
import { bandTarget, NORMAL_FACTOR, type Band } from '../measure/index.ts';
import { line, type WorkingLine } from '../working/index.ts';

/** A solid spacer that was tried, and what it gave. mm, N·m. */
export interface SpacerTrial {
  readonly length: number;
  /** Standard uncertainty of the length. */
  readonly lengthUncertainty: number;
  readonly feel: 'loose' | 'tight';
  /** Free travel that was measured with it, and its standard uncertainty; null where it was only felt, or is tight. */
  readonly play: { readonly value: number; readonly uncertainty: number } | null;
  /** Rolling torque of the bearings alone; null where it was not read. */
  readonly torque: number | null;
}

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
/** Estimates of two trials may differ by so many standard uncertainties. A rule of this program. */
const APART = 4;

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

interface ZeroPlay {
  readonly length: number;
  readonly standard: number;
  readonly trial: SpacerTrial;
}

/** Length at which the play is just gone: the mean of what the measured plays say. */
function zeroPlayLength(trials: readonly SpacerTrial[]): ZeroPlay | null {
  const each = trials.flatMap((trial): readonly ZeroPlay[] => {
    if (trial.play === null) return [];
    const standard = Math.max(1e-4, Math.hypot(trial.lengthUncertainty, trial.play.uncertainty));
    return [{ length: trial.length - trial.play.value, standard, trial }];
  });
  if (each.length === 0) return null;
  const best = each.at(-1)!;
  for (const other of each)
    if (Math.abs(other.length - best.length) > APART * Math.hypot(other.standard, best.standard))
      refuse(
        'contradiction',
        'trials',
        best.trial.play!.value,
        `a play that changes as the spacer does: ${other.trial.length} mm gave ${other.trial.play!.value.toFixed(3)} mm. Measure both again, something was not home`,
      );
  const weight = each.reduce((sum, { standard }) => sum + standard ** -2, 0);
  return {
    length: each.reduce((sum, { length, standard }) => sum + length * standard ** -2, 0) / weight,
    standard: weight ** -0.5,
    trial: best.trial,
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
    working: [
      zeroLine(zero),
      line(
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
      ),
    ],
  };
}

function zeroLine({ length, trial }: ZeroPlay): WorkingLine {
  return line(
    'Length of zero play',
    'L₀ = L − play',
    [
      ['L', trial.length, 'length'],
      ['play', trial.play!.value, 'length'],
    ],
    ['L₀', length, 'length'],
    'loop',
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
    refuse(
      'contradiction',
      'trials',
      bracket.tight,
      `shorter than ${bracket.loose} mm, which still had play: a ring was not home in one of the two builds`,
    );
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

/** What to turn off a spacer now. mm. */
export interface SpacerCut {
  /** From the spacer that is turned to the wanted length; below 0 it is too short already. */
  readonly cut: number;
  /** Take this much now, and stop at this length. */
  readonly now: number;
  readonly stopAt: number;
  /** Whether a rest is left for after the next measurement. */
  readonly rest: boolean;
}

/** Share of a computed cut that is taken first. Common practice, no source. */
export const FIRST_SHARE = 0.75;
/** A rest of no more than this is taken in one go, mm. A rule of this program. */
const LAST_CUT = 0.02;

/**
 * Creep up on the length: three quarters of the computed cut first, then measure, then the rest. mm.
 * @throws InputError naming `from` or `wanted`
 * @example spacerCut(59, 58.9) // { cut: 0.1, now: 0.075, stopAt: 58.925, rest: true }
 */
export function spacerCut(from: number, wanted: number): SpacerCut {
  const length = { above: 0, max: 500, unit: 'mm' };
  const cut = requireNumber('from', from, length) - requireNumber('wanted', wanted, length);
  const whole = cut <= LAST_CUT + 1e-9;
  const now = cut <= 0 ? 0 : whole ? cut : FIRST_SHARE * cut;
  return { cut, now, stopAt: from - now, rest: !whole };
}
