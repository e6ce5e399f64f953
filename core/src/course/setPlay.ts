import { finishUp } from './after.ts';
import { before } from './before.ts';
import type { Draft } from './draft.ts';
import { ensure } from './ensure.ts';
import { inTheWayOf } from './inTheWayOf.ts';
import { isCrushed, isLocked, isSetter } from './kinds.ts';
import { bodyEvent, type Body } from './model/index.ts';
import { withSpoiled } from './needs.ts';
import { setAdjuster } from './adjusters.ts';
import type { Standing } from './standing.ts';

/** Set the figures of a unit that is sound: only what sets them is reached, and the rest put back. */
export function setPlay(draft: Draft, standing: Standing): void {
  const { model } = draft;
  const setters = model.bodies.filter(isSetter);
  const adjusters = setters.filter(({ station }) => station.kind === 'adjuster');
  for (const { axisId, figure } of draft.figures) draft.note('measure', axisId, { figure });
  const own = new Set((adjusters.length > 0 ? adjusters : setters).map(({ id }) => bodyEvent(id)));
  const covers = inTheWayOf(draft, [...own]);
  before(draft, covers, false);
  if (adjusters.length > 0) {
    const late = new Set([...covers].filter((event) => !own.has(event)));
    ensure(
      draft,
      draft.all((event) => late.has(event)),
      [...withSpoiled(model, draft.place, late)].filter((event) => !own.has(event)),
    );
    for (const { id, station, axisId } of adjusters) {
      if (isLocked(station)) draft.add('loosen', id);
      setAdjuster(draft, id, axisId);
      if (isLocked(station)) draft.add('lock', id);
    }
  } else {
    for (const { id } of setters.filter(isChosen)) {
      draft.add('choose', id);
      draft.settled.add(id);
    }
    ensure(draft, draft.all(), [...withSpoiled(model, draft.place, own)]);
  }
  ensure(draft, draft.all());
  finishUp(draft, {
    isOverhaul: false,
    standing,
    open: covers,
    whole: standing.place.in,
    figures: draft.figures,
    hadTrial: true,
  });
}

/** Chosen by the reading: packs and spacers, but for a depth shim, which its cone covers. */
const isChosen = (body: Body): boolean =>
  !isCrushed(body) && body.station.place !== 'behindHeadCone';
