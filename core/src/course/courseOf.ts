import { finishUp, outForGood, tightenForGood } from './after.ts';
import { before } from './before.ts';
import { compareNew, onTheBench } from './bench.ts';
import { checkIt } from './putTogether.ts';
import { opensOil } from './again.ts';
import { Draft, figureKey, noteKey, type AxisFigure } from './draft.ts';
import { ensure, ensureApart } from './ensure.ts';
import { inTheWayOf } from './inTheWayOf.ts';
import { isSetter } from './kinds.ts';
import { bodyEvent, subjectOf, type EventKey, type Model } from './model/index.ts';
import { needsOf } from './needs.ts';
import { restsOn } from './rests.ts';
import { eventOf, type Row } from './row.ts';
import { setPlay } from './setPlay.ts';
import { measureShells } from './shells.ts';
import { runStages } from './stages.ts';
import { wholeStanding, type Goal, type Standing } from './standing.ts';

/** The acts from what is so to what a job is for, in an order in which they can be done. */
export interface Course {
  readonly rows: readonly Row[];
  /** Events for which the description leaves no way. */
  readonly noWay: readonly EventKey[];
}

/**
 * The course of a unit: worked out from its bodies and what stands in their way, from what is so and what is wanted. No order is kept
 * in it that physics does not ask for or that is not preferred among what is free. Total: what has no way is named and left.
 */
export function courseOf(
  model: Model,
  goal: Goal,
  standing: Standing = wholeStanding(model),
): Course {
  const draft = new Draft(model, standing, needsOf(model, goal, standing));
  if (goal.scope === 'setPlay') setPlay(draft, standing);
  else {
    const gauged = goal.scope === 'renew' ? goal.renew : (goal.gauged ?? []);
    changeParts(draft, gauged, { isOverhaul: goal.scope === 'overhaul', standing });
  }
  draft.waypoint = 'end';
  draft.add('finish', model.unit.axes[0]?.id ?? model.root);
  return { rows: drained(draft, standing), noWay: [...new Set(draft.noWay)] };
}

/** What was filled is drained before a joint or a seal of it is opened. */
function drained({ model, rows }: Draft, { noted }: Standing): readonly Row[] {
  const isFull = noted.has(noteKey('fill', model.root));
  const opens = rows.some(({ move }) => move?.to === 'out' && opensOil(model, eventOf(move)));
  if (!isFull || !opens || rows.some(({ act }) => act === 'drain')) return rows;
  return [{ act: 'drain', on: [model.root], waypoint: 'before' }, ...rows];
}

/** What a change of parts is told. */
interface Change {
  readonly isOverhaul: boolean;
  readonly standing: Standing;
}

/** Change what has to be changed, and prove what rests on what moved. @param gauged stations of new shells */
function changeParts(
  draft: Draft,
  gauged: readonly string[],
  { isOverhaul, standing }: Change,
): void {
  const isFirst = !standing.isBegun;
  for (const id of standing.putIn)
    if (!draft.needs.has(bodyEvent(id))) checkIt(draft, draft.model.bodyOf.get(id)!);
  const apart = toTakeApart(draft, isOverhaul && isFirst);
  if (isFirst) before(draft, apart, isOverhaul);
  const whole = new Set(draft.place.in);
  draft.waypoint = 'strip';
  ensureApart(
    draft,
    draft.all((event) => apart.has(event)),
  );
  const open = new Set(draft.model.events.filter((event) => !draft.has(event)));
  draft.waypoint = 'bench';
  if (isOverhaul && open.size > 0) onTheBench(draft);
  compareNew(draft, open, { isOverhaul, again: standing.again });
  measureShells(draft, gauged);
  const figures = toProve(draft, { isOverhaul, standing, open });
  const hadTrial = runStages(draft, { isOverhaul, open: figures });
  draft.waypoint = 'final';
  ensure(draft, draft.all(), outForGood(draft, standing));
  tightenForGood(draft);
  draft.waypoint = 'end';
  const hasMoved = draft.rows.some(({ move }) => move !== undefined);
  if (hasMoved || standing.isBegun)
    finishUp(draft, { isOverhaul, standing, open, whole, figures, hadTrial });
}

/** What comes apart: in an overhaul all joints and shafts, what is renewed and what sets; else the least. */
function toTakeApart(draft: Draft, isAll: boolean): ReadonlySet<EventKey> {
  if (!isAll)
    return inTheWayOf(
      draft,
      [...draft.needs].filter((event) => draft.has(event)),
    );
  return draft.all((event) => {
    const body = draft.bodyOf(event);
    return body !== null && !draft.needs.has(event) && !isSetter(body);
  });
}

/** The figures that something moved under, or that an overhaul has still to prove. */
function toProve(
  draft: Draft,
  { isOverhaul, standing, open }: Change & { readonly open: ReadonlySet<EventKey> },
): readonly AxisFigure[] {
  const { model } = draft;
  const slack = model.events.filter((event) => draft.slack.has(subjectOf(event)));
  return draft.figures.filter(
    (one) =>
      (!draft.proven.has(figureKey(one)) && (isOverhaul || standing.isBegun)) ||
      [...open, ...slack].some((event) => restsOn(model, one.axisId, event)),
  );
}
