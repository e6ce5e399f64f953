import { orRefused } from '../faults/index.ts';
import type { JobState } from '../job/index.ts';
import { studentFactor } from '../measure/index.ts';
import { adjusterTurn, type AdjusterTurn } from '../preload/index.ts';
import type { Axis, Station } from '../unit/index.ts';
import { inFinalBuild } from './packQuestion.ts';
import { playSpec, playVerdict } from './playProgress.ts';
import { settersOf } from './setters.ts';

/** The threaded adjuster that sets the play of an axis; null where something else does. */
export function adjusterSetter(axis: Axis): Station | null {
  return settersOf(axis).find(({ kind }) => kind === 'adjuster')?.station ?? null;
}

/**
 * How far the adjuster of an axis has to be turned; null while the play is not measured, its thread not described, or the
 * play further off than an adjuster goes.
 */
export function adjusterProgress(state: JobState, axis: Axis): AdjusterTurn | null {
  const adjuster = adjusterSetter(axis);
  const spec = playSpec(state, axis.id, 'endPlay');
  const verdict = spec === null ? null : playVerdict(state, spec.specId);
  if (adjuster?.lead === undefined || spec === null || verdict === null) return null;
  const { value, uncertainty, degreesOfFreedom } = inFinalBuild(state, axis, 'endPlay', verdict);
  const { lead, notches = null, hand = 'right' } = adjuster;
  const guard = studentFactor(degreesOfFreedom ?? Infinity) * uncertainty;
  return orRefused(
    () => adjusterTurn({ play: value, guard, band: spec.band, lead, notches, hand }),
    () => null,
  );
}
