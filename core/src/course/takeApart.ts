import type { Draft } from './draft.ts';
import { isSpoiled, THREADED } from './kinds.ts';
import {
  bodyEvent,
  isBody,
  isBolts,
  joinEvent,
  SEALS,
  subjectOf,
  type Body,
  type EventKey,
  type Model,
} from './model/index.ts';
import type { RowMove } from './acts.ts';
import type { Row } from './row.ts';
import { afterOut, type Move } from './ways/index.ts';

/** What a move moves, as a row tells it. */
export function rowMove(to: RowMove['to'], { event, direction, left, lay }: Move): RowMove {
  const id = subjectOf(event);
  const what = isBody(event) ? { body: id } : isBolts(event) ? { bolts: id } : { part: id };
  return { to, ...what, direction, left, ...(lay === null ? {} : { lay }) };
}

/** A move apart, and its row. */
export function takeApart(draft: Draft, move: Move): void {
  const { model } = draft;
  const id = subjectOf(move.event);
  const moved = { move: rowMove('out', move) };
  const pressed = isPressedOut(draft, move);
  draft.place = afterOut(model, draft.place, move);
  draft.hot = null;
  draft.slack.delete(id);
  draft.forget('prepare', id);
  draft.stir(move.event, 'out');
  const body = draft.bodyOf(move.event);
  if (body !== null) return takeOutBody(draft, body, moved);
  if (isBolts(move.event)) return draft.add('loosen', id, moved);
  if (!model.shaftOf.has(id)) return draft.add('open', partedAt(model, id), moved);
  draft.add(pressed ? 'pressOut' : 'pull', id, moved);
}

/** What is parted at a joint: a cover, or both halves of a case. */
export const partedAt = ({ jointOf, root }: Model, id: string): string | readonly string[] =>
  jointOf.get(id)?.halves === true ? [id, root] : id;

function takeOutBody(draft: Draft, body: Body, moved: Partial<Row>): void {
  const { id, station } = body;
  // A new one that comes out is spoiled too: the next is laid beside it.
  if (isSpoiled(body) && draft.fresh.delete(id)) draft.forget('compare', station.id);
  if (THREADED.has(station.kind)) return draft.add('loosen', id, moved);
  if (station.kind === 'retainer') {
    draft.add('loosen', id);
    return draft.add('open', id, moved);
  }
  if (SEALS.has(station.kind)) return draft.add('draw', id, moved);
  draft.add(station.kind === 'bush' ? 'pressOut' : 'pull', id, {
    ...moved,
    ...heldBy(draft, body),
  });
}

/** By which ring a bearing still sits; of one that is tight on both, by the outer one once its shaft is out, and by both before. */
function heldBy({ place }: Draft, body: Body): Pick<Row, 'ring'> {
  const { piece, alsoOn, station } = body;
  if (piece === null || (alsoOn !== null && place.in.has(joinEvent(alsoOn)))) return {};
  return { ring: piece === 'whole' && station.tightRing === 'inner' ? 'inner' : ringOf(body) };
}

/** Which ring of a bearing an act is about. */
export const ringOf = ({ piece }: Body): 'outer' | 'inner' =>
  piece === 'cone' ? 'inner' : 'outer';

/** A shaft is pressed out where a bearing is tight on it and in its part too, or a tight ring is left behind. */
function isPressedOut({ model, place }: Draft, { event, left }: Move): boolean {
  return (
    rings(model, subjectOf(event), place.in).length > 0 ||
    left.some((id) => model.bodyOf.get(id)!.fit === 'tight')
  );
}

/** Bearings in their parts through which a shaft is pressed. */
export const rings = (
  { bodies }: Model,
  shaft: string,
  together: ReadonlySet<EventKey>,
): readonly Body[] =>
  bodies.filter(({ id, alsoOn }) => alsoOn === shaft && together.has(bodyEvent(id)));
