import { requireNumber, refuse } from '../faults/index.ts';
import { requireScatterRange, type Scatter, type ScatterRange } from '../measure/index.ts';
import type { WorkingLine } from '../working/index.ts';
import { buildsWorking } from './buildsWorking.ts';
import type { Build } from './builds.ts';
import { learnBuilds } from './learnBuilds.ts';

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
  /** How far the play of one assembly differs from that of the next with the same thickness. */
  readonly scatter: ScatterRange;
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
  readonly scatter: Scatter;
  readonly working: readonly WorkingLine[];
}

/** How far a place's gain may be from what its geometry says, as a share, standard: seats that give, burrs. A rule of this program. */
export const USUAL_GAIN_SPREAD = 0.02;
/**
 * What a place's gain, the scatter of assembling and the play are, from the builds that were measured with different
 * thicknesses: a straight line through them by Bayes, the gain held to what geometry says within its uncertainty, the
 * scatter weighed over all that it can be (uniform in its logarithm before).
 *
 * `play_i = a + gain·t_i + reading_i + assembly_i`; two assemblies differ by √2 times what one scatters by.
 *
 * One build says nothing of gain or scatter: then they are what they were before.
 *
 * @param tries in order, the last is the build that is in place
 * @throws InputError naming `tries` when there is none, or a field that is not a length
 * @example learnPlay([{ thickness: 1, play: 0.3, uncertainty: 0.004, shared: 0.002 }], { gain: 1, gainUncertainty: 0.02, scatter: USUAL_RANGE })
 */
export function learnPlay(tries: readonly PlayTry[], before: BeforeTries): LearnedPlay {
  requireTries(tries, before);
  const builds = tries.map(({ thickness, play, uncertainty, shared }): Build => ({
    thicknesses: [thickness],
    by: 'play',
    read: play,
    uncertainty,
    shared,
  }));
  const held = {
    gains: [{ value: before.gain, uncertainty: before.gainUncertainty }],
    scatter: before.scatter,
  };
  const learned = learnBuilds(builds, held);
  const { value, uncertainty, scatter, gains } = learned;
  return {
    value,
    uncertainty,
    gain: gains[0]!.value,
    gainUncertainty: gains[0]!.uncertainty,
    scatter,
    working: buildsWorking(builds, held, learned),
  };
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
  requireScatterRange('before.scatter', before.scatter);
}
