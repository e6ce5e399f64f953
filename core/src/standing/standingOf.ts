import { modelOf, subjectOf, type Goal } from '../course/index.ts';
import { isolated } from '../faults/index.ts';
import { liftedJobEvent, toldTo, type JobEvent, type JobState } from '../job/index.ts';
import { oncePerObject } from '../memo/index.ts';
import type { Unit } from '../unit/index.ts';
import { EFFECTS, opened, stepOf } from './effects.ts';
import { Fold, type StandingNow } from './fold.ts';
import { MOVES_IT, TIGHTENS } from './stepEffects.ts';

/**
 * What is so of a unit by its log: one fold in order, in which what was said last holds. A reading, a check and a closed joint are
 * witnesses: what they need to be so is so. Nothing is asked of the plan that was shown when it was recorded.
 *
 * @param state the job folded from these events, with its unit
 */
export function standingOf(state: JobState, events: readonly JobEvent[]): StandingNow {
  const fold = new Fold(modelOf(state.unit!));
  const undone = undoneIn(events);
  const atOnce = undoneAtOnce(events);
  const byId = new Map(events.map((event) => [event.id, event]));
  const ignored = new Set(state.log.ignored.map(({ eventId }) => eventId));
  let order = 0;
  for (const event of events) {
    if (undone.has(event.id)) continue;
    if (event.type !== 'Undone') order += 1;
    fold.order = order;
    if (ignored.has(event.id)) continue;
    if (event.type === 'Undone' && atOnce.has(event.id)) continue;
    if (event.type === 'Undone') isolated(() => takeBack(fold, byId.get(event.data.eventId)));
    // What an event says that cannot be so says nothing of the unit.
    else
      isolated(() =>
        (EFFECTS[event.type] as Apply | undefined)?.(fold, liftedJobEvent(event).data, state),
      );
  }
  return fold.standing();
}

/** What is so of a unit by the log of its job. */
export const standingNow = oncePerObject((state: JobState): StandingNow =>
  standingOf(state, toldTo(state)),
);

type Apply = (fold: Fold, data: JobEvent['data'], state: JobState) => void;

/** The events that were taken back, and whose taking back was not. */
function undoneIn(events: readonly JobEvent[]): ReadonlySet<string> {
  const undone = new Set<string>();
  for (const event of events.toReversed())
    if (event.type === 'Undone' && !undone.has(event.id)) undone.add(event.data.eventId);
  return undone;
}

/** What was taken back before anything else was recorded was never so: one after the other, as undo is pressed. */
function undoneAtOnce(events: readonly JobEvent[]): ReadonlySet<string> {
  const atOnce = new Set<string>();
  const standing: string[] = [];
  for (const event of events) {
    if (event.type !== 'Undone') standing.push(event.id);
    else if (standing.at(-1) === event.data.eventId) {
      standing.pop();
      atOnce.add(event.id);
    }
  }
  return atOnce;
}

/** A step that is taken back is so at that moment: what it put in is out, over any check that stood; what it took out is in. */
function takeBack(fold: Fold, event: JobEvent | undefined): void {
  if (event?.type !== 'StepDone') return;
  const { rule, target } = stepOf(event.data.stepId);
  const what = MOVES_IT[rule];
  for (const one of what?.events(fold, target) ?? [])
    if (what!.to === 'out') fold.into(one);
    else {
      // What never went in was not spoiled by coming out.
      fold.putIn.delete(subjectOf(one));
      fold.out(one);
      fold.fresh.delete(subjectOf(one));
    }
  if (TIGHTENS.has(rule)) {
    fold.slack.add(target);
    fold.locked.delete(target);
  }
}

/** What is so of a unit as it came, before anything is recorded of it. */
export const startOf = ({ unit, sheet }: JobState): StandingNow => startsOf(unit!)(sheet.start);

const startsOf = oncePerObject((unit: Unit) => {
  const known = new Map<JobState['sheet']['start'], StandingNow>();
  return (start: JobState['sheet']['start']): StandingNow => {
    const fold = new Fold(modelOf(unit));
    opened(fold, { start });
    const standing = known.get(start) ?? fold.standing();
    known.set(start, standing);
    return standing;
  };
});

/** What a job is for, as a course takes it. */
export function goalOf({ sheet: { scope, renew }, inspection, unit }: JobState): Goal {
  if (scope === 'renew') return { scope, renew };
  if (scope === 'setPlay') return { scope };
  const gauged = unit!.axes
    .flatMap(({ stations }) => stations)
    .filter(
      ({ id, kind }) => kind === 'plainBearing' && inspection.decisions[id]?.verdict === 'replace',
    )
    .map(({ id }) => id);
  return { scope: 'overhaul', gauged };
}
