import { orRefused } from '../faults/index.ts';
import type { JobState } from '../job/index.ts';
import { decideKnown, studentFactor } from '../measure/index.ts';
import { adjusterTurn, turnWithin, type AdjusterTurn } from '../preload/index.ts';
import type { Axis, Station } from '../unit/index.ts';
import { pairNow } from './pairNow.ts';
import { pairStep } from './pairStep.ts';
import { builtPlay } from './builtPlay.ts';
import { settersOf } from '../setters/index.ts';

/** The threaded adjuster that sets the play of an axis; null where something else does. */
export function adjusterSetter(axis: Axis): Station | null {
  return settersOf(axis).find(({ kind }) => kind === 'adjuster')?.station ?? null;
}

/** The turn of one of a carrier's two adjusters, by play and backlash together. */
function sideTurn(state: JobState, axis: Axis, adjuster: Station): AdjusterTurn | null {
  const pair = pairNow(state, axis);
  const step = pairStep(state, axis);
  if (pair === null || adjuster.lead === undefined) return null;
  if (step.status !== 'move' || step.next.turns === null) return null;
  const { turns, forecast, split } = step.next;
  const turn = turns[adjuster.id === pair.of.mesh.gearSideAt ? 'gear' : 'other'];
  const clockwise = turn.angle >= 0 === ((adjuster.hand ?? 'right') === 'right');
  const { value } = forecast.play!;
  return {
    angle: turn.angle,
    set: turn.angle,
    notches: turn.notches,
    direction: clockwise ? 'clockwise' : 'anticlockwise',
    inwards: turn.angle >= 0,
    expectedPlay: value,
    decision: decideKnown(forecast.play!, pair.play!.band),
    perNotch: adjuster.notches === undefined ? null : adjuster.lead / adjuster.notches,
    setWithin: turnWithin(adjuster.lead, adjuster.notches !== undefined, turn.angle < 0),
    working: split.working,
  };
}

/**
 * How far an adjuster of an axis has to be turned; null while the play is not measured, its thread not described, or the
 * play further off than an adjuster goes.
 */
export function adjusterProgress(
  state: JobState,
  axis: Axis,
  station: Pick<Station, 'id'> | null = adjusterSetter(axis),
): AdjusterTurn | null {
  const setters = settersOf(axis).filter(({ kind }) => kind === 'adjuster');
  const adjuster = setters.find((setter) => setter.station.id === station?.id)?.station;
  if (adjuster !== undefined && setters.length > 1) return sideTurn(state, axis, adjuster);
  const built = builtPlay(state, axis, 'endPlay');
  if (adjuster?.lead === undefined || built === null) return null;
  const { value, uncertainty, degreesOfFreedom, band } = built;
  const { lead, notches = null, hand = 'right' } = adjuster;
  const guard = studentFactor(degreesOfFreedom ?? Infinity) * uncertainty;
  return orRefused(
    () => adjusterTurn({ play: value, guard, band, lead, notches, hand }),
    () => null,
  );
}
