import { requireNumber, refuse } from '../faults/index.ts';
import { line, type WorkingLine } from '../working/index.ts';

/** A build that was measured with a known thickness in place. mm. */
export interface PlayTry {
  readonly thickness: number;
  readonly play: number;
  /** Standard, of what differs from one reading to the next: repeat, resolution. */
  readonly uncertainty: number;
  /** Standard, of what all readings of one indicator share: its calibration, its angle. */
  readonly shared: number;
}

/** What is held of a place before the unit has said anything. */
export interface BeforeTries {
  /** ∂(play)/∂(thickness) by geometry, or by two trials, and its standard uncertainty. */
  readonly gain: number;
  readonly gainUncertainty: number;
  /** How far the play of one assembly differs from that of the next with the same thickness, standard, mm. */
  readonly scatter: number;
}

/** What the builds that were measured say of the next one. mm. */
export interface LearnedPlay {
  /**
   * Play of a build with the last thickness, and its standard uncertainty: what is left of it when the difference to the
   * next assembly ({@link LearnedPlay.scatter}) is taken on its own.
   */
  readonly value: number;
  readonly uncertainty: number;
  readonly gain: number;
  readonly gainUncertainty: number;
  /** Scatter from one assembly to the next, as the builds say. */
  readonly scatter: number;
  readonly working: readonly WorkingLine[];
}

/** How far a place's gain may be from what its geometry says, as a share, standard: seats that give, burrs. A rule of this program. */
export const USUAL_GAIN_SPREAD = 0.02;
/** How firmly the scatter is held before: as if so many builds had shown it. A rule of this program. */
const SCATTER_FREEDOM = 4;
/** Scatters of an assembly that are weighed, mm: from well below what a bench can show to a tenth. */
const SCATTERS: readonly number[] = Array.from({ length: 60 }, (_, at) => 0.0004 * 1.1 ** at);

/**
 * What a place's gain, the scatter of assembling and the play are, from the builds that were measured with different
 * thicknesses: a straight line through them by Bayes, the gain held to what geometry says within its uncertainty, the
 * scatter weighed over all that it can be (scaled inverse χ² before).
 *
 * `play_i = a + gain·t_i + reading_i + assembly_i`; two assemblies differ by √2 times what one scatters by.
 *
 * One build says nothing of gain or scatter: then they are what they were before.
 *
 * @param tries in order, the last is the build that is in place
 * @throws InputError naming `tries` when there is none, or a field that is not a length
 * @example learnPlay([{ thickness: 1, play: 0.3, uncertainty: 0.004, shared: 0.002 }], { gain: 1, gainUncertainty: 0.02, scatter: 0.003 })
 */
export function learnPlay(tries: readonly PlayTry[], before: BeforeTries): LearnedPlay {
  requireTries(tries, before);
  const last = tries.at(-1)!;
  const shared = Math.max(...tries.map((one) => one.shared));
  if (tries.length === 1)
    return {
      value: last.play,
      uncertainty: Math.hypot(last.uncertainty, shared),
      gain: before.gain,
      gainUncertainty: before.gainUncertainty,
      scatter: before.scatter,
      working: [],
    };
  const rows = SCATTERS.map((scatter) => lineWith(scatter, tries, before));
  const likeliest = Math.max(...rows.map(({ logWeight }) => logWeight));
  const weights = rows.map(({ logWeight }) => Math.exp(logWeight - likeliest));
  const total = weights.reduce((sum, weight) => sum + weight, 0);
  const mean = (of: (row: FittedLine) => number): number =>
    rows.reduce((sum, row, at) => sum + weights[at]! * of(row), 0) / total;
  const value = mean((row) => row.value);
  const gain = mean((row) => row.gain);
  const learned = {
    value,
    uncertainty: Math.hypot(
      Math.sqrt(
        Math.max(
          0,
          mean((row) => row.valueVariance + (row.value - value) ** 2 - row.scatter ** 2),
        ),
      ),
      shared,
    ),
    gain,
    gainUncertainty: Math.sqrt(mean((row) => row.gainVariance + (row.gain - gain) ** 2)),
    scatter: Math.SQRT2 * Math.sqrt(mean((row) => row.scatter ** 2)),
  };
  return { ...learned, working: workingOf(tries, before, learned) };
}

/** The line through the tries where assemblies scatter by so much. */
interface FittedLine {
  readonly scatter: number;
  readonly value: number;
  readonly valueVariance: number;
  readonly gain: number;
  readonly gainVariance: number;
  /** Logarithm of how likely such a scatter is, up to a constant. */
  readonly logWeight: number;
}

/** Weighted least squares for the play at the last thickness and the gain, the gain held to what is known before. */
function lineWith(scatter: number, tries: readonly PlayTry[], before: BeforeTries): FittedLine {
  const { thickness: about } = tries.at(-1)!;
  const rows = tries.map(({ thickness, play, uncertainty }) => ({
    x: thickness - about,
    // What is left when the gain is what it was before: then nothing large is taken from large.
    y: play - before.gain * (thickness - about),
    weight: 1 / (uncertainty ** 2 + scatter ** 2),
  }));
  const sum = (of: (row: (typeof rows)[number]) => number): number =>
    rows.reduce((all, row) => all + row.weight * of(row), 0);
  const held = 1 / before.gainUncertainty ** 2;
  const [w, wx, wxx] = [sum(() => 1), sum(({ x }) => x), sum(({ x }) => x * x) + held];
  const [wy, wxy, wyy] = [sum(({ y }) => y), sum(({ x, y }) => x * y), sum(({ y }) => y * y)];
  const determinant = w * wxx - wx * wx;
  const value = (wxx * wy - wx * wxy) / determinant;
  const more = (w * wxy - wx * wy) / determinant;
  const misfit = wyy - value * wy - more * wxy;
  const usual = (before.scatter ** 2 / 2) * (SCATTER_FREEDOM - 2);
  return {
    scatter,
    value,
    valueVariance: wxx / determinant,
    gain: before.gain + more,
    gainVariance: w / determinant,
    logWeight:
      -SCATTER_FREEDOM * Math.log(scatter) -
      usual / (2 * scatter ** 2) +
      0.5 * rows.reduce((all, { weight }) => all + Math.log(weight), 0) -
      0.5 * Math.log(determinant) -
      0.5 * misfit,
  };
}

function workingOf(
  tries: readonly PlayTry[],
  before: BeforeTries,
  learned: Omit<LearnedPlay, 'working'>,
): readonly WorkingLine[] {
  return [
    line(
      'Gain of the place, by the builds so far, held to what was known before',
      'play = a + gain·t',
      [
        ['gain before', before.gain, 'number'],
        ['± (1 σ)', before.gainUncertainty, 'number'],
        ...tries.flatMap(
          ({ thickness, play }, at) =>
            [
              [`t${at + 1}`, thickness, 'length'],
              [`play ${at + 1}`, play, 'length'],
            ] as const,
        ),
      ],
      ['gain', learned.gain, 'number'],
      'learnedPlay',
    ),
    line(
      'Scatter from one assembly to the next, by the same builds',
      's² weighed over all that it can be; s = √2 · that of one assembly',
      [['s before', before.scatter, 'length']],
      ['s', learned.scatter, 'length'],
      'learnedPlay',
    ),
    line(
      'Play with the pack in place, by all builds',
      'e₀ = a + gain·t₀',
      [['last read', tries.at(-1)!.play, 'length']],
      ['e₀', learned.value, 'length'],
      'learnedPlay',
    ),
  ];
}

function requireTries(tries: readonly PlayTry[], before: BeforeTries): void {
  if (tries.length === 0) refuse('outOfRange', 'tries', 0, { id: 'list', least: 1 });
  tries.forEach(({ thickness, play, uncertainty, shared }, at) => {
    requireNumber(`tries[${at}].thickness`, thickness, { min: -1000, max: 10_000, unit: 'mm' });
    requireNumber(`tries[${at}].play`, play, { min: -1000, max: 1000, unit: 'mm' });
    requireNumber(`tries[${at}].uncertainty`, uncertainty, { min: 0, max: 100, unit: 'mm' });
    requireNumber(`tries[${at}].shared`, shared, { min: 0, max: 100, unit: 'mm' });
  });
  requireNumber('before.gain', before.gain, { min: -10, max: 10 });
  requireNumber('before.gainUncertainty', before.gainUncertainty, { above: 0, max: 10 });
  requireNumber('before.scatter', before.scatter, { above: 0, max: 1, unit: 'mm' });
}
