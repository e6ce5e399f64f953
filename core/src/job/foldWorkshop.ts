import type { WorkshopEvent } from './events.ts';
import { foldEvents } from './foldEvents.ts';
import type { MeasuredPiece } from './kinds.ts';
import { standingEvents } from './undo.ts';
import { WORKSHOP_EVENTS } from './workshopEventTable.ts';
import { EMPTY_WORKSHOP, type WorkshopState } from './workshopState.ts';

/** The state of the workshop from its log. An event that cannot be applied changes nothing. */
export function foldWorkshop(events: readonly WorkshopEvent[]): WorkshopState {
  return foldEvents(WORKSHOP_EVENTS, EMPTY_WORKSHOP, standingEvents(events), {
    order: 0,
    lastAt: null,
    refused: (state) => state,
  }).state;
}

/** How many pieces of each size some packs hold. */
export function piecesBySize(
  packs: readonly { readonly pieces: readonly MeasuredPiece[] }[],
): Readonly<Record<string, number>> {
  const counts: Record<string, number> = {};
  for (const { sizeId, quantity } of packs.flatMap(({ pieces }) => pieces))
    counts[sizeId] = (counts[sizeId] ?? 0) + quantity;
  return counts;
}
