import { refuse, requireNumber } from '../faults/index.ts';

/** A build that was measured: the thickness in place and the end play it gave, both mm. */
export interface TrialBuild {
  readonly thickness: number;
  readonly endPlay: number;
}

/**
 * The gain of an unknown arrangement from two trial builds: `(e2 − e1)/(t2 − t1)`.
 *
 * A gain of more than 1.5 either way cannot come from shims acting along the axis, so it is refused as a
 * reading that cannot be trusted rather than used.
 *
 * @throws InputError `contradiction` when the packs differ by less than 0.05 mm (the difference would drown
 *   in the readings) or the result is not believable
 * @example trialGain({ thickness: 1, endPlay: 0.1 }, { thickness: 1.2, endPlay: 0.3 }) // 1
 */
export function trialGain(first: TrialBuild, second: TrialBuild): number {
  const bounds = { min: -50, max: 200, unit: 'mm' };
  const [t1, t2] = [first, second].map((trial, index) =>
    requireNumber(`trials[${index}].thickness`, trial.thickness, bounds),
  ) as [number, number];
  const [e1, e2] = [first, second].map((trial, index) =>
    requireNumber(`trials[${index}].endPlay`, trial.endPlay, bounds),
  ) as [number, number];
  if (Math.abs(t2 - t1) < 0.05 - 1e-9)
    refuse('contradiction', 'trials[1].thickness', t2, { id: 'trialPacksDiffer', by: 0.05 });
  const gain = (e2 - e1) / (t2 - t1);
  if (Math.abs(gain) > 1.5)
    refuse('contradiction', 'trials[1].endPlay', e2, { id: 'playMovesWithPack' });
  return gain;
}
