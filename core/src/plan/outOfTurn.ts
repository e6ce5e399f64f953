import {
  clear,
  eventOf,
  modelOf,
  subjectOf,
  waysOf,
  isFree,
  type EventKey,
  type Model,
  type Place,
} from '../course/index.ts';
import { EVENT_VERSION, foldRest, type JobEvent, type JobState } from '../job/index.ts';
import { standingNow } from '../standing/index.ts';
import { compilePlan, type Plan } from './compilePlan.ts';
import { nameOfBody } from './nameOfBody.ts';
import { isBehind, type Step } from './step.ts';

/** What it means to do a step now, before what it waits for. */
export interface OutOfTurn {
  /** Titles of what has to be done besides because of it: what comes out again, what is spoiled and renewed. */
  readonly more: readonly string[];
  /** Names of what is in its way by the log: as long as that is in, it cannot go in. Empty where nothing is. */
  readonly shutBy: readonly string[];
}

/**
 * What a step that waits for others costs where it is done all the same; null for a step whose turn it is, and for one that moves
 * nothing. It is never refused: what is recorded is taken as done, and the plan goes on from there.
 */
export function outOfTurn(state: JobState, plan: Plan, step: Step): OutOfTurn | null {
  const { unit } = state;
  const moves = step.move === null ? step.rows.flatMap(({ move }) => move ?? []) : [step.move];
  if (unit === null || step.waitsFor.length === 0 || moves.length === 0) return null;
  const after = foldRest(state, [doneNow(state, step)]);
  const before = new Set(openMoves(plan).map(({ id }) => id));
  const more =
    after === null ? [] : openMoves(compilePlan(after)).filter(({ id }) => !before.has(id));
  const model = modelOf(unit);
  const { place } = standingNow(state);
  const shut = moves.flatMap((move) => shutNow(model, place, eventOf(move), move.to));
  return {
    more: [...new Set(more.map(({ title }) => title))],
    shutBy: [...new Set(shut.map((event) => nameOfBody(unit, subjectOf(event))))],
  };
}

const openMoves = ({ steps }: Plan): readonly Step[] =>
  steps.filter(
    (step) =>
      !isBehind(step) && (step.move !== null || step.rows.some(({ move }) => move !== undefined)),
  );

/** The step as if it were ticked. */
const doneNow = ({ log }: JobState, { id }: Step): JobEvent =>
  ({
    id: `out-of-turn ${id}`,
    seq: log.order + 1,
    type: 'StepDone',
    version: EVENT_VERSION,
    at: log.lastAt ?? '',
    by: '',
    data: { stepId: id, note: '' },
  }) as JobEvent;

/** What is together that would have to be apart for a move to be made now. */
function shutNow(
  model: Model,
  { in: together, lies }: Place,
  event: EventKey,
  to: 'in' | 'out',
): readonly EventKey[] {
  if (together.has(event) === (to === 'in')) return [];
  const place: Place = { in: new Set(together).add(event), lies };
  if (waysOf(model, event, place).some(isFree)) return [];
  return (clear(model, event, place)?.moves ?? [])
    .map((move) => move.event)
    .filter((other) => other !== event && together.has(other));
}
