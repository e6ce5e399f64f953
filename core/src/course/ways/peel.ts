import { bodyEvent, type EventKey, type Model } from '../model/index.ts';
import { moveBy } from './clear.ts';
import { afterOut, type Move, type Place } from './place.ts';
import { isFree, wayOut, type Obstacle, type Way } from './way.ts';
import { waysOf } from './waysOf.ts';

/** Which of the moves that are free comes first: the least, number by number. @param before the event that came apart last */
export type PeelKey = (move: Move, before: EventKey | null) => readonly number[];

/** What was taken apart, and what could not be. */
export interface Peeled {
  readonly moves: readonly Move[];
  readonly place: Place;
  /** Events that no way was left for. */
  readonly stuck: readonly EventKey[];
  /** Events that were taken apart although no way was left for them. */
  readonly forced: readonly EventKey[];
}

/**
 * Take some events apart, again and again the one that is free and comes first. To take apart opens ways and closes none: what is
 * free stays free, but where something was left behind. What is stuck is left together.
 *
 * @param mayLeave whether a shaft may be drawn off what is on it
 * @param force whether what is stuck is taken apart as if it passed
 */
export function peel(
  model: Model,
  place: Place,
  events: Iterable<EventKey>,
  {
    key,
    mayLeave = true,
    force = false,
  }: { readonly key: PeelKey; readonly mayLeave?: boolean; readonly force?: boolean },
): Peeled {
  const open = new Set([...events].filter((event) => place.in.has(event)));
  const asked = new Asked(model);
  const moves: Move[] = [];
  const forced: EventKey[] = [];
  let now = place;
  let before: EventKey | null = null;
  while (open.size > 0) {
    const free = asked.free(open, now).filter(({ left }) => mayLeave || left.length === 0);
    if (free.length === 0 && !force) break;
    const move: Move = free.length > 0 ? first(free, before, key) : leastShut(model, open, now);
    if (free.length === 0) forced.push(move.event);
    moves.push(move);
    now = afterOut(model, now, move);
    open.delete(move.event);
    asked.forget(move);
    before = move.event;
  }
  return { moves, place: now, stuck: [...open], forced };
}

/** Of what is stuck, what the fewest things hold, as if it passed them. */
function leastShut(model: Model, open: ReadonlySet<EventKey>, place: Place): Move {
  const ranked = [...open].toSorted().map((event) => {
    const ways = waysOf(model, event, place);
    // What has no way at all is what the others wait for.
    return { event, held: ways.length === 0 ? 0 : Math.min(...ways.map(countOf)) };
  });
  const { event } = ranked.reduce((least, one) => (one.held < least.held ? one : least));
  return moveBy(place, event, wayOut('across', []));
}

const countOf = ({ obstacles }: Way): number => obstacles.length;

function first(free: readonly Move[], before: EventKey | null, key: PeelKey): Move {
  const ranked = free.map((move) => ({ move, rank: key(move, before) }));
  return ranked.reduce((best, one) => (comesBefore(one, best) ? one : best)).move;
}

/** By rank; of two that are alike the one with the lesser id, so that the order of a description decides nothing. */
function comesBefore(
  one: { readonly move: Move; readonly rank: readonly number[] },
  other: { readonly move: Move; readonly rank: readonly number[] },
): boolean {
  if (isLess(one.rank, other.rank)) return true;
  return !isLess(other.rank, one.rank) && one.move.event < other.move.event;
}

function isLess(one: readonly number[], other: readonly number[]): boolean {
  const at = one.findIndex((value, place) => value !== other[place]);
  return at >= 0 && one[at]! < other[at]!;
}

/** Ways that were asked for, so that only what can have changed is asked again. */
class Asked {
  readonly #model: Model;
  readonly #free = new Map<EventKey, Way>();
  /** One obstacle of each way: as long as each of these stands nothing has opened. */
  readonly #shut = new Map<EventKey, readonly Obstacle[]>();

  constructor(model: Model) {
    this.#model = model;
  }

  free(open: ReadonlySet<EventKey>, place: Place): readonly Move[] {
    for (const event of open) if (this.#isOpenToChange(event, place)) this.#ask(event, place);
    return [...open].flatMap((event) => {
      const way = this.#free.get(event);
      return way === undefined ? [] : [moveBy(place, event, way)];
    });
  }

  forget({ event, left }: Move): void {
    this.#free.delete(event);
    if (left.length === 0) return;
    this.#free.clear();
    this.#shut.clear();
  }

  #isOpenToChange(event: EventKey, place: Place): boolean {
    if (this.#free.get(event)?.left.length === 0) return false;
    const shut = this.#shut.get(event);
    return (
      shut === undefined || shut.some((obstacle) => obstacle.some((one) => !place.in.has(one)))
    );
  }

  #ask(event: EventKey, place: Place): void {
    const ways = waysOf(this.#model, event, place);
    const found = ways
      .filter(isFree)
      .reduce<Way | null>(
        (best, way) => (best === null || way.left.length < best.left.length ? way : best),
        null,
      );
    if (found === null) this.#free.delete(event);
    else this.#free.set(event, found);
    if (found?.left.length === 0) {
      this.#shut.delete(event);
      return;
    }
    const blocked = ways
      .filter((way) => !isFree(way))
      .map(({ obstacles }) => obstacles.find((one) => new Set(one).size === 1) ?? obstacles[0]!);
    this.#shut.set(
      event,
      found === null ? blocked : [...blocked, found.left.map((id) => bodyEvent(id))],
    );
  }
}
