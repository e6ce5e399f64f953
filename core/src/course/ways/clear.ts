import { isBolts, isJoin, subjectOf, type EventKey, type Model } from '../model/index.ts';
import { afterOut, type Move, type Place } from './place.ts';
import { isFree, type Way } from './way.ts';
import { waysOf } from './waysOf.ts';

/** Moves that end with an event apart, and what they cost. */
export interface Cleared {
  readonly moves: readonly Move[];
  readonly cost: number;
  readonly place: Place;
}

/** What it costs to take something apart: rules of this program. */
const COST = { bolts: 1, joint: 2, shaft: 3, tight: 3, other: 1, leaving: 0.5 } as const;
const MOST_COST = 400;
const DEEPEST = 14;
const MOST_ASKED = 20_000;
/** Obstacles of one way that are cleared one after the other at the most. */
const MOST_OBSTACLES = 60;

/**
 * The cheapest moves that take an event apart: of what stands in a way the obstacle with the fewest remedies first, and of these the one
 * that costs least for all that it clears. Null where there is no way.
 */
export function clear(model: Model, event: EventKey, place: Place): Cleared | null {
  return new Search(model).from(event, place, [], MOST_COST);
}

/** The move of an event by a way that is free. */
export const moveBy = (place: Place, event: EventKey, { direction, left }: Way): Move => ({
  event,
  direction,
  left,
  lay: place.lies.get(subjectOf(event)) ?? null,
});

class Search {
  readonly #model: Model;
  #asked = 0;

  constructor(model: Model) {
    this.#model = model;
  }

  from(event: EventKey, place: Place, above: readonly EventKey[], budget: number): Cleared | null {
    this.#asked += 1;
    const isEndless = above.includes(event) || above.length > DEEPEST || this.#asked > MOST_ASKED;
    if (isEndless || budget < 0) return null;
    let best: Cleared | null = null;
    for (const way of waysOf(this.#model, event, place)) {
      const found = this.#by(way, event, { place, above, budget, best });
      if (found !== null && (best === null || found.cost < best.cost)) best = found;
    }
    return best;
  }

  /** By one way of it: its obstacles cleared one after the other. */
  #by(
    first: Way,
    event: EventKey,
    {
      place,
      above,
      budget,
      best,
    }: {
      readonly place: Place;
      readonly above: readonly EventKey[];
      readonly budget: number;
      readonly best: Cleared | null;
    },
  ): Cleared | null {
    let now = place;
    let cost = costOf(this.#model, event) + (first.left.length > 0 ? COST.leaving : 0);
    let way: Way | null = first;
    const moves: Move[] = [];
    for (let count = 0; way !== null && !isFree(way) && count < MOST_OBSTACLES; count += 1) {
      const picked = this.#remedy(way, now, [...above, event], budget - cost);
      if (picked === null) return null;
      moves.push(...picked.moves);
      now = picked.place;
      cost += picked.cost;
      if (best !== null && cost >= best.cost) return null;
      way = sameWay(waysOf(this.#model, event, now), first);
    }
    if (way === null || !isFree(way)) return null;
    const move = moveBy(now, event, way);
    return { moves: [...moves, move], cost, place: afterOut(this.#model, now, move) };
  }

  #remedy(
    { obstacles }: Way,
    place: Place,
    above: readonly EventKey[],
    budget: number,
  ): Cleared | null {
    const remedies = obstacles
      .map((obstacle) => new Set(obstacle))
      .reduce((fewest, one) => (one.size < fewest.size ? one : fewest));
    let best: Cleared | null = null;
    let least = Infinity;
    for (const remedy of remedies) {
      if (!place.in.has(remedy)) continue;
      const found = this.from(remedy, place, above, budget);
      if (found === null) continue;
      const each = found.cost / obstacles.filter((one) => one.includes(remedy)).length;
      if (each < least) [best, least] = [found, each];
    }
    return best;
  }
}

/** The way that was begun, as it is now; else one in its direction, else the one with the fewest obstacles. */
function sameWay(ways: readonly Way[], { direction, left }: Way): Way | null {
  const leaves = left.length > 0;
  const there = ways.filter((way) => way.direction === direction);
  return (
    there.find((way) => way.left.length > 0 === leaves) ??
    there[0] ??
    ways.toSorted((a, b) => a.obstacles.length - b.obstacles.length)[0] ??
    null
  );
}

function costOf(model: Model, event: EventKey): number {
  if (isBolts(event)) return COST.bolts;
  const id = subjectOf(event);
  if (isJoin(event)) return model.shaftOf.has(id) ? COST.shaft : COST.joint;
  const { fit, station } = model.bodyOf.get(id)!;
  return fit === 'tight' && station.kind !== 'seal' ? COST.tight : COST.other;
}
