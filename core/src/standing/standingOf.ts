import { bodyEvent, modelOf, type Goal, type Standing } from '../course/index.ts';
import type { JobEvent, JobState } from '../job/index.ts';
import { EFFECTS, stepOf } from './effects.ts';
import { Fold } from './fold.ts';
import { PUTS_IN, TAKES_OUT } from './oldSteps.ts';

/**
 * What is so of a unit by its log: one fold in order, in which what was said last holds. A reading, a check and a closed joint are
 * witnesses: what they need to be so is so. Nothing is asked of the plan that was shown when it was recorded.
 *
 * @param state the job folded from these events, with its unit
 */
export function standingOf(state: JobState, events: readonly JobEvent[]): Standing {
  const fold = new Fold(modelOf(state.unit!));
  const undone = undoneIn(events);
  const byId = new Map(events.map((event) => [event.id, event]));
  for (const event of events) {
    if (undone.has(event.id)) continue;
    if (event.type === 'Undone') takeBack(fold, byId.get(event.data.eventId));
    else (EFFECTS[event.type] as Apply | undefined)?.(fold, event.data, state);
  }
  return fold.standing();
}

type Apply = (fold: Fold, data: JobEvent['data'], state: JobState) => void;

/** The events that were taken back, and whose taking back was not. */
function undoneIn(events: readonly JobEvent[]): ReadonlySet<string> {
  const undone = new Set<string>();
  for (const event of events.toReversed())
    if (event.type === 'Undone' && !undone.has(event.id)) undone.add(event.data.eventId);
  return undone;
}

/** A step that is taken back is so at that moment: what it put in is out, over any check that stood; what it took out is in. */
function takeBack(fold: Fold, event: JobEvent | undefined): void {
  if (event?.type !== 'StepDone') return;
  const { rule, target } = stepOf(event.data.stepId);
  if (PUTS_IN.has(rule))
    for (const { id } of fold.bodiesAt(target, PUTS_IN.get(rule))) {
      fold.out(bodyEvent(id));
      fold.fresh.delete(id);
    }
  if (TAKES_OUT.has(rule)) for (const one of fold.eventsAt(target)) fold.into(one);
  if (rule === 'torque') {
    fold.slack.add(target);
    fold.locked.delete(target);
  }
}

/** What a job is for, as a course takes it. */
export function goalOf({ sheet: { scope, renew } }: JobState): Goal {
  if (scope === 'renew') return { scope, renew };
  return { scope: scope === 'setPlay' ? 'setPlay' : 'overhaul' };
}
