import { refuse } from '../faults/index.ts';
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

/** Estimates of two trials may differ by so many standard uncertainties. A rule of this program. */
const APART = 4;

export interface ZeroPlay {
  readonly length: number;
  readonly standard: number;
  readonly trial: SpacerTrial;
}

/** Length at which the play is just gone: the mean of what the measured plays say. */
export function zeroPlayLength(trials: readonly SpacerTrial[]): ZeroPlay | null {
  const each = trials.flatMap((trial): readonly ZeroPlay[] => {
    if (trial.play === null) return [];
    const standard = Math.max(1e-4, Math.hypot(trial.lengthUncertainty, trial.play.uncertainty));
    return [{ length: trial.length - trial.play.value, standard, trial }];
  });
  if (each.length === 0) return null;
  const best = each.at(-1)!;
  for (const other of each)
    if (Math.abs(other.length - best.length) > APART * Math.hypot(other.standard, best.standard))
      refuse('contradiction', 'trials', best.trial.play!.value, {
        id: 'spacerMovesPlay',
        length: other.trial.length,
        play: other.trial.play!.value,
      });
  const weight = each.reduce((sum, { standard }) => sum + standard ** -2, 0);
  return {
    length: each.reduce((sum, { length, standard }) => sum + length * standard ** -2, 0) / weight,
    standard: weight ** -0.5,
    trial: best.trial,
  };
}

export function zeroLine({ length, trial }: ZeroPlay): WorkingLine {
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
