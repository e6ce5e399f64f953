import { finishUp, outForGood, tightenForGood } from './after.ts';
import { before } from './before.ts';
import { figureKey, type Draft } from './draft.ts';
import { ensure } from './ensure.ts';
import { inTheWayOf } from './inTheWayOf.ts';
import { chosenSites, isCrushed, isLocked, isSetter } from './kinds.ts';
import { bodyEvent, type Body, type EventKey } from './model/index.ts';
import { withSpoiled } from './needs.ts';
import { setAdjuster } from './adjusters.ts';
import type { Standing } from './standing.ts';

/** Set the figures of a unit that is sound: only what sets them is reached, and the rest put back. */
export function setPlay(draft: Draft, standing: Standing): void {
  const { model } = draft;
  const setters = model.bodies.filter(
    (body) => isSetter(body) && (isCrushed(body) || chosenSites(model).has(body.station.id)),
  );
  const adjusters = setters.filter(({ station }) => station.kind === 'adjuster');
  for (const { axisId, figure } of draft.figures) draft.note('measure', axisId, { figure });
  const open = (adjusters.length > 0 ? adjusters : setters).filter(({ id }) =>
    isStillToSet(draft, standing, id),
  );
  const own = new Set(open.map(({ id }) => bodyEvent(id)));
  const covers = inTheWayOf(
    draft,
    [...own].filter((event) => draft.has(event)),
  );
  for (const { id } of adjusters.length > 0 ? [] : open.filter(isChosen)) {
    if (!draft.settled.has(id)) draft.add('choose', id);
    draft.settled.add(id);
  }
  if (!standing.isBegun && own.size > 0) before(draft, covers, false);
  draft.waypoint = 'final';
  if (adjusters.length > 0) turnThem(draft, open, covers);
  else
    ensure(draft, draft.all(), [
      ...withSpoiled(
        model,
        draft.place,
        new Set([...own, ...draft.needs].filter((event) => draft.has(event))),
      ),
    ]);
  ensure(draft, draft.all(), outForGood(draft, standing));
  tightenForGood(draft);
  draft.waypoint = 'end';
  if (!standing.isBegun && draft.rows.every(({ move }) => move === undefined) && own.size === 0) {
    for (const one of draft.figures) if (!draft.proven.has(figureKey(one))) draft.prove(one);
    return;
  }
  finishUp(draft, {
    isOverhaul: false,
    standing,
    open: covers,
    whole: standing.place.in,
    figures: draft.figures,
    hadTrial: true,
  });
}

/** What sets a figure is reached while it does not stand, or another is chosen for it. */
const isStillToSet = (draft: Draft, { chosen }: Standing, id: string): boolean =>
  !draft.settled.has(id) || chosen.has(id) || !draft.has(bodyEvent(id));

/** Adjusters: what covers them off, turned to their figure, the cover on again. */
function turnThem(draft: Draft, adjusters: readonly Body[], covers: ReadonlySet<EventKey>): void {
  const { model } = draft;
  const own = new Set(adjusters.map(({ id }) => bodyEvent(id)));
  const late = new Set([...covers].filter((event) => !own.has(event)));
  ensure(
    draft,
    draft.all((event) => late.has(event)),
    [...withSpoiled(model, draft.place, late)].filter((event) => !own.has(event)),
  );
  for (const { id, station, axisId } of adjusters) {
    if (isLocked(station)) draft.add('loosen', id);
    setAdjuster(draft, id, axisId);
  }
}

/** Chosen by the reading: packs and spacers, but for a depth shim, which its cone covers. */
const isChosen = (body: Body): boolean =>
  !isCrushed(body) && body.station.place !== 'behindHeadCone';
