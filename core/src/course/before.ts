import type { Draft } from './draft.ts';
import { THREADED } from './kinds.ts';
import { isBolts, isJoin, subjectOf, type EventKey, type Model } from './model/index.ts';

/** Before anything comes apart: the oil out, the figures as found, what has a place marked. */
export function before(draft: Draft, apart: ReadonlySet<EventKey>, isOverhaul: boolean): void {
  const { model } = draft;
  const opens = [...apart].some(
    (event) => isJoin(event) || draft.bodyOf(event)?.station.kind === 'seal',
  );
  if (isOverhaul || opens) draft.note('drain', model.root);
  if (isOverhaul)
    for (const { axisId, figure } of draft.figures)
      draft.note('measureAsFound', axisId, { figure });
  for (const event of model.events)
    if ((isOverhaul || apart.has(event)) && isMarked(model, event))
      draft.note('mark', subjectOf(event));
}

/** Bolts, covers, and what is turned or packed: each has its own place. */
function isMarked(model: Model, event: EventKey): boolean {
  if (isBolts(event)) return true;
  const id = subjectOf(event);
  if (isJoin(event)) return model.jointOf.has(id);
  const { kind } = model.bodyOf.get(id)!.station;
  return THREADED.has(kind) || kind === 'shimSite' || kind === 'plainBearing';
}
