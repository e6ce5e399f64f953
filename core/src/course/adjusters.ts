import type { Draft } from './draft.ts';
import { ensure } from './ensure.ts';
import { isCrushed } from './kinds.ts';
import { bodyEvent, boltsEvent, type Body, type EventKey } from './model/index.ts';
import type { Stage, StageGoal } from './stage.ts';
import { clear, wholePlace } from './ways/index.ts';

/** Adjusters: all but what covers or locks them, the caps no more than snug; then turned to their figure; the rest follows. */
export function turnAdjusters(draft: Draft, { axes, absent }: Stage, goal: StageGoal): void {
  const { model } = draft;
  const adjusters = model.bodies.filter(
    ({ station, axisId }) => station.kind === 'adjuster' && axes.includes(axisId),
  );
  const isAsked =
    goal.isOverhaul ||
    goal.open.some(({ axisId }) => adjusters.some((body) => body.axisId === axisId));
  if (adjusters.length === 0 || !isAsked) return;
  const late = coversOf(draft, adjusters);
  draft.waypoint = 'trial';
  draft.onTrial(() =>
    ensure(
      draft,
      draft.all((event) => absent.has(event) || (late.has(event) && !draft.has(event))),
    ),
  );
  for (const { id, axisId } of adjusters) {
    if (draft.settled.has(id)) continue;
    setAdjuster(draft, id, axisId);
    draft.settled.add(id);
  }
}

/** An adjuster is read and turned until its figure is right. */
export function setAdjuster(draft: Draft, id: string, axisId: string): void {
  const [figure] = draft.axisOf(axisId).sets;
  if (figure !== undefined) draft.add('measure', axisId, { figure });
  draft.add('setPreload', id);
}

/** What covers or locks adjusters in a unit that is whole, and the bolts that hold no joint; not the caps that share their thread. */
function coversOf({ model }: Draft, adjusters: readonly Body[]): ReadonlySet<EventKey> {
  const own = new Set(adjusters.map(({ id }) => bodyEvent(id)));
  const axes = new Set(adjusters.map(({ axisId }) => axisId));
  const caps = new Set(
    model.holds
      .filter(({ axisId, isOfCaps }) => isOfCaps && axes.has(axisId))
      .map(({ boltsId }) => boltsEvent(boltsId)),
  );
  const inTheWay = [...own].flatMap((event) => clear(model, event, wholePlace(model))?.moves ?? []);
  return new Set(
    [
      ...inTheWay.map(({ event }) => event),
      ...model.holds.map(({ boltsId }) => boltsEvent(boltsId)),
    ].filter((event) => !own.has(event) && !caps.has(event)),
  );
}

/** Whether the figures of an axis are set by turning: an adjuster, or the nut on a sleeve. */
export const isTurned = ({ model }: Draft, axisId: string): boolean =>
  model.bodies.some(
    (body) => body.axisId === axisId && (body.station.kind === 'adjuster' || isCrushed(body)),
  );
