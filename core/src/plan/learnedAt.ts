import type { JobState } from '../job/index.ts';
import { USUAL_SEATING } from '../odds/index.ts';
import { learnPlay, USUAL_GAIN_SPREAD, type LearnedPlay } from '../tries/index.ts';
import type { Axis, Station } from '../unit/index.ts';
import type { Gain } from './gains.ts';
import type { PlayKind } from './setters.ts';
import { triesAt } from './triesAt.ts';

/** What the builds of a place say of its next one. */
export interface LearnedAt extends LearnedPlay {
  /** How many builds say it. */
  readonly builds: number;
  /** They differ by far more than assemblies do: something else than the pack was changed between them. */
  readonly disagree: boolean;
}

/** How freely a gain is held that two trials gave and no geometry: the tries themselves say it. */
const BY_TRIALS = 0.5;
/** Builds that scatter by more than so many times what is usual do not agree. A rule of this program. */
const DISAGREE = 3;

/**
 * Play, gain and scatter of a place by all builds that were measured with it, from what is usual until they say more.
 * @param run the run that speaks for what is in place now
 * @returns null when that run says nothing of this place
 */
export function learnedAt(
  state: JobState,
  axis: Axis,
  station: Station,
  of: { readonly kind: PlayKind; readonly runId: string; readonly gain: Gain },
): LearnedAt | null {
  const { gain, kind, runId } = of;
  const tries = triesAt(state, axis, station, kind);
  if (gain.status !== 'known' || tries.at(-1)?.run.runId !== runId) return null;
  const held = gain.by === 'table' || gain.uncertainty === 0;
  const before = {
    gain: held ? gain.value : Math.sign(gain.value),
    gainUncertainty: held ? USUAL_GAIN_SPREAD * Math.abs(gain.value) : BY_TRIALS,
    scatter: USUAL_SEATING,
  };
  const learned = learnPlay(tries, before);
  const disagree = learned.scatter > DISAGREE * USUAL_SEATING;
  // What was changed besides is not known: then the last build alone says how it stands now.
  const stands = disagree && held ? learnPlay(tries.slice(-1), before) : learned;
  return { ...stands, scatter: learned.scatter, builds: tries.length, disagree };
}
