import { STATION_KIND_TABLE } from '../unit/index.ts';
import type { Assembly, EventKey } from './assembly.ts';
import { attemptsOf, type Obstacle } from './obstacles.ts';
import type { Move, NoWay } from './move.ts';
import { after, subjectOf, type State } from './state.ts';

/** What has to happen for some events to happen, themselves among it, in an order that can be worked. */
export interface Cleared {
  readonly moves: readonly Move[];
  readonly events: ReadonlySet<EventKey>;
  readonly noWay: readonly NoWay[];
  readonly state: State;
}

/** An order that frees one event, and what it costs. */
interface Freed {
  readonly moves: readonly Move[];
  readonly cost: number;
  readonly state: State;
}

/** Searched no deeper than this: so many things lie behind one another in no unit. A rule of this program. */
const DEEPEST = 14;
/** What is not found within so many looks is not there: a description that contradicts itself has no end of ways to try. */
const LONGEST = 400;

/**
 * The least that has to happen so that each of some events can. For each way in which an event can happen, whatever
 * clears most of what is in the way for the least work is done first, and then looked at again; of the ways the cheapest
 * is taken.
 */
export function clear(assembly: Assembly, from: State, wanted: readonly EventKey[]): Cleared {
  const search = searchOf(assembly);
  const moves: Move[] = [];
  const noWay: NoWay[] = [];
  let state = from;
  for (const event of wanted) {
    if (state.done.has(event)) continue;
    const found = search(state, event, new Set());
    const freed = found === null ? null : pruned(assembly, state, found.moves);
    if (freed === null) {
      const [attempt] = attemptsOf(assembly, state, event);
      const first = attempt?.obstacles[0];
      if (first !== undefined) noWay.push({ event, moving: first.moving, by: first.by });
      moves.push({ event, way: attempt?.way ?? null });
      state = after(assembly, state, event, attempt?.way ?? null);
    } else {
      moves.push(...freed.moves);
      state = freed.state;
    }
  }
  return { moves, events: new Set(moves.map(({ event }) => event)), noWay, state };
}

/** Without what turned out not to be needed: each move is left out where the others still can be made. */
function pruned(
  assembly: Assembly,
  from: State,
  moves: readonly Move[],
): { readonly moves: readonly Move[]; readonly state: State } {
  let [kept, state] = [moves, replayed(assembly, from, moves)!];
  for (const move of moves.slice(0, -1)) {
    const fewer = kept.filter((one) => one !== move);
    const without = replayed(assembly, from, fewer);
    if (without !== null) [kept, state] = [fewer, without];
  }
  return { moves: kept, state };
}

/** The state after some moves; null where one of them cannot be made. */
function replayed(assembly: Assembly, from: State, moves: readonly Move[]): State | null {
  let state = from;
  for (const { event, way } of moves) {
    const attempt = attemptsOf(assembly, state, event).find((one) => one.way === way);
    if (attempt === undefined || attempt.obstacles.length > 0) return null;
    state = after(assembly, state, event, way);
  }
  return state;
}

type Search = (state: State, event: EventKey, above: ReadonlySet<EventKey>) => Freed | null;

/** The search for one call: what it found for a state is found once. */
function searchOf(assembly: Assembly): Search {
  const found = new Map<string, Freed>();
  let looked = 0;
  const search: Search = (state, event, above) => {
    if (above.has(event) || above.size > DEEPEST || looked > LONGEST) return null;
    looked += 1;
    const key = `${event} ${[...state.done].toSorted().join(' ')}`;
    const known = found.get(key);
    if (known !== undefined) return known;
    const within = new Set(above).add(event);
    let least: Freed | null = null;
    for (const { way } of attemptsOf(assembly, state, event)) {
      const move = { event, way };
      const freed = byWay(assembly, state, move, least?.cost ?? Infinity, (at, remedy) =>
        search(at, remedy, within),
      );
      if (freed !== null && (least === null || freed.cost < least.cost)) least = freed;
    }
    if (least !== null) found.set(key, least);
    return least;
  };
  return search;
}

/** Free one event in one way; null where something cannot be cleared, or it costs as much as what is known. */
function byWay(
  assembly: Assembly,
  from: State,
  { event, way }: Move,
  most: number,
  search: (state: State, remedy: EventKey) => Freed | null,
): Freed | null {
  const moves: Move[] = [];
  let [state, cost] = [from, costOf(assembly, event)];
  for (;;) {
    if (cost >= most) return null;
    const attempt = attemptsOf(assembly, state, event).find((one) => one.way === way);
    if (attempt === undefined) return null;
    if (attempt.obstacles.length === 0) break;
    const best = bestRemedy(attempt.obstacles, (remedy) => search(state, remedy));
    if (best === null) return null;
    moves.push(...best.moves);
    cost += best.cost;
    state = best.state;
  }
  return { moves: [...moves, { event, way }], cost, state: after(assembly, state, event, way) };
}

/** The remedy that clears most for what it costs; null where one obstacle has none. */
function bestRemedy(
  obstacles: readonly Obstacle[],
  search: (remedy: EventKey) => Freed | null,
): Freed | null {
  const remedies = obstacles.map((one) => one.remedies());
  const fewest = Math.min(...remedies.map(({ length }) => length));
  const candidates = new Set(remedies.filter(({ length }) => length === fewest).flat());
  const clears = (remedy: EventKey) => remedies.filter((one) => one.includes(remedy)).length;
  return (
    [...candidates]
      .flatMap((remedy) => {
        const freed = search(remedy);
        return freed === null ? [] : [{ freed, worth: clears(remedy) / freed.cost }];
      })
      .toSorted((a, b) => b.worth - a.worth || a.freed.cost - b.freed.cost)[0]?.freed ?? null
  );
}

/** How much work an event is against undoing a nut. A rule of this program. */
function costOf({ bodies, shafts }: Assembly, event: EventKey): number {
  const id = subjectOf(event);
  if (event.startsWith('part:') || shafts.includes(id)) return 2;
  const body = bodies.find((one) => one.id === id);
  return body !== undefined && STATION_KIND_TABLE[body.station.kind].bearing !== null ? 2 : 1;
}
