import { STATION_KIND_TABLE } from '../unit/index.ts';
import { asKnown, type Assembly, type EventKey } from './assembly.ts';
import { remediesOf } from './obstacle.ts';
import { attemptsOf } from './obstacles.ts';
import type { Move, NoWay } from './move.ts';
import { heldBack } from './peel.ts';
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
/**
 * What is not found within so many looks is not there: a description that contradicts itself has no end of ways to try. A rule of
 * this program.
 */
const LONGEST = 400;

/**
 * The least that has to happen so that each of some events can. For each way in which an event can happen, whatever
 * clears most of what is in the way for the least work is done first, and then looked at again; of the ways the cheapest
 * is taken. What is wanted is looked for in its order and backwards: the way with fewer moves stands.
 */
export function clear(assembly: Assembly, from: State, wanted: readonly EventKey[]): Cleared {
  const ahead = clearedInTurn(assembly, from, wanted);
  if (wanted.length < 2) return ahead;
  const back = clearedInTurn(assembly, from, wanted.toReversed());
  return back.noWay.length <= ahead.noWay.length && back.moves.length < ahead.moves.length
    ? back
    : ahead;
}

/** One event after the other, each from where the one before has left things. */
function clearedInTurn(assembly: Assembly, from: State, wanted: readonly EventKey[]): Cleared {
  const search = searchOf(assembly);
  const searchKnown = assembly.outlines === 'drawn' ? searchOf(asKnown(assembly)) : null;
  const moves: Move[] = [];
  const noWay: NoWay[] = [];
  let state = from;
  for (const event of wanted) {
    if (state.done.has(event)) continue;
    const found = search(state, event, new Set(), Infinity);
    const freed = found === null ? null : pruned(assembly, state, found.moves);
    if (freed === null) {
      const loose = searchKnown?.(state, event, new Set(), Infinity) ?? null;
      const told = heldBack(assembly, state, event, loose !== null);
      if (told !== null) noWay.push(told);
      const [attempt] = attemptsOf(assembly, state, event);
      const forced = loose?.moves ?? [{ event, way: attempt?.way ?? null }];
      for (const move of forced) state = after(assembly, state, move.event, move.way);
      moves.push(...forced);
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

type Search = (
  state: State,
  event: EventKey,
  above: ReadonlySet<EventKey>,
  most: number,
) => Freed | null;

/** The search for one call: what it found for a state is found once, and nothing is followed that costs as much as is known. */
function searchOf(assembly: Assembly): Search {
  const found = new Map<string, Freed>();
  let looked = 0;
  const search: Search = (state, event, above, most) => {
    if (above.has(event) || above.size > DEEPEST || looked > LONGEST) return null;
    const key = `${event} ${[...state.done].toSorted().join(' ')}`;
    const known = found.get(key);
    if (known !== undefined) return known.cost < most ? known : null;
    looked += 1;
    const within = new Set(above).add(event);
    let least: Freed | null = null;
    for (const { way } of attemptsOf(assembly, state, event)) {
      const bound: number = least?.cost ?? most;
      const freed = byWay(assembly, state, { event, way }, bound, (at, remedy, left) =>
        search(at, remedy, within, left),
      );
      if (freed !== null) least = freed;
    }
    if (least !== null) found.set(key, least);
    return least;
  };
  return search;
}

type Remedied = (state: State, remedy: EventKey, most: number) => Freed | null;

/** Free one event in one way; null where something cannot be cleared, or it costs as much as what is known. */
function byWay(
  assembly: Assembly,
  from: State,
  { event, way }: Move,
  most: number,
  search: Remedied,
): Freed | null {
  const moves: Move[] = [];
  let [state, cost] = [from, costOf(assembly, event)];
  for (;;) {
    if (cost >= most) return null;
    const attempt = attemptsOf(assembly, state, event).find((one) => one.way === way);
    if (attempt === undefined) return null;
    if (attempt.obstacles.length === 0) break;
    const now = state;
    const remedies = attempt.obstacles.map((one) => remediesOf(assembly, now, event, one));
    const best = bestRemedy(assembly, remedies, most - cost, (remedy, left) =>
      search(now, remedy, left),
    );
    if (best === null) return null;
    moves.push(...best.moves);
    cost += best.cost;
    state = best.state;
  }
  return { moves: [...moves, { event, way }], cost, state: after(assembly, state, event, way) };
}

/** Of the remedies of each obstacle the one that clears most for what it costs; null where one has none that costs little enough. */
function bestRemedy(
  assembly: Assembly,
  remedies: readonly (readonly EventKey[])[],
  most: number,
  search: (remedy: EventKey, most: number) => Freed | null,
): Freed | null {
  const fewest = Math.min(...remedies.map(({ length }) => length));
  const candidates = [...new Set(remedies.filter(({ length }) => length === fewest).flat())]
    .map((remedy) => ({
      remedy,
      clears: remedies.filter((one) => one.includes(remedy)).length,
      least: costOf(assembly, remedy),
    }))
    .toSorted((a, b) => b.clears / b.least - a.clears / a.least);
  let best: { readonly freed: Freed; readonly worth: number } | null = null;
  for (const { remedy, clears, least } of candidates) {
    const worth: number = best?.worth ?? 0;
    if (clears / least <= worth) break;
    const freed = search(remedy, Math.min(most, worth === 0 ? Infinity : clears / worth));
    if (freed !== null) best = { freed, worth: clears / freed.cost };
  }
  return best?.freed ?? null;
}

/** How much work an event is against undoing a nut: a ring that is tight in a part wants heat again. A rule of this program. */
function costOf({ bodies, shafts }: Assembly, event: EventKey): number {
  const id = subjectOf(event);
  if (event.startsWith('part:') || shafts.includes(id)) return 2;
  const body = bodies.find((one) => one.id === id);
  if (body === undefined || STATION_KIND_TABLE[body.station.kind].bearing === null) return 1;
  return body.hold === 'fixed' && !shafts.includes(body.host) ? 3 : 2;
}
