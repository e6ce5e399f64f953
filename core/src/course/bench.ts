import { byPlace } from './byPlace.ts';
import { noteKey, type Draft } from './draft.ts';
import { COMPARED, isCrushed, isNewNut, isSpoiled, MEASURED_BEFORE, SIZED } from './kinds.ts';
import { bodyEvent, type Body, type EventKey } from './model/index.ts';

/** Stripped: washed, measured, looked at. */
export function onTheBench(draft: Draft): void {
  const { unit, bodies, bolts } = draft.model;
  const parts = unit.parts.map(({ id }) => id);
  draft.note('clean', draft.model.root, { on: parts });
  for (const { piece, station } of bodies.toSorted((a, b) => byPlace(a.station, b.station)))
    if (piece !== 'cone' && SIZED.has(station.kind)) draft.note('measureSize', station.id);
  for (const { id, longest } of bolts.toSorted(byPlace))
    if (longest !== undefined) draft.note('measureSize', id);
  for (const id of parts) draft.note('inspect', id);
}

/** What is new is laid beside the old: what is changed, what its way out spoiled, what holds only once. */
export function compareNew(
  draft: Draft,
  open: ReadonlySet<EventKey>,
  { isOverhaul, again }: { readonly isOverhaul: boolean; readonly again: ReadonlySet<string> },
): void {
  const bodies = draft.model.bodies.toSorted((a, b) => byPlace(a.station, b.station));
  const isNew = (body: Body): boolean => {
    // What was decided against.
    if (again.has(noteKey('compare', body.station.id))) return true;
    if (draft.isToRenew(body))
      return !isOverhaul || isCrushed(body) || COMPARED.has(body.station.kind);
    return (isNewNut(body.station) || isSpoiled(body)) && open.has(bodyEvent(body.id));
  };
  for (const id of new Set(bodies.filter(isNew).map(({ station }) => station.id)))
    draft.note('compare', id);
  // What runs on its own surface is measured before it goes in: its clearance is not known otherwise.
  for (const body of bodies)
    if (draft.isToRenew(body) && MEASURED_BEFORE.has(body.station.kind))
      draft.note('measureSize', body.station.id);
}
