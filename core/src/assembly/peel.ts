import type { Assembly, EventKey } from './assembly.ts';
import type { NoWay } from './clear.ts';
import { attemptsOf } from './obstacles.ts';
import { after, moversOf, subjectOf, type State, type Way } from './state.ts';

/** One event in the order in which it can happen. */
export interface Move {
  readonly event: EventKey;
  readonly way: Way;
}

/** An order in which events can happen, one after the other; and what had to be forced because nothing was free. */
export interface Peeled {
  readonly moves: readonly Move[];
  readonly noWay: readonly NoWay[];
  readonly state: State;
}

/** Of two events that are both free, the lower one goes first. */
export type Preference = (event: EventKey) => readonly number[];

/**
 * Take a unit apart by the events wanted: of those that are free, always the one preferred. What is free stays free, so
 * the order is always one that can be worked. Where nothing is free, what is left is in its own way: the first is forced,
 * and told.
 */
export function peel(
  assembly: Assembly,
  state: State,
  wanted: Iterable<EventKey>,
  preference: Preference,
): Peeled {
  const ranked = [...wanted]
    .map((event) => ({ event, key: preference(event) }))
    .toSorted((a, b) => byKey(a.key, b.key) || (a.event < b.event ? -1 : 1))
    .map(({ event }) => event);
  const moves: Move[] = [];
  const noWay: NoWay[] = [];
  const held = new Map<EventKey, Held>();
  let now = state;
  let left = ranked;
  while (left.length > 0) {
    const next = firstFree(assembly, now, left, held) ?? forced(assembly, now, left[0]!, noWay);
    moves.push(next);
    now = after(assembly, now, next.event, next.way);
    left = left.filter((event) => event !== next.event);
  }
  return { moves, noWay, state: now };
}

/** What holds a body back: while it, its part and the first in each of its ways stay where they are, it stays held. */
interface Held {
  readonly ids: readonly string[];
  readonly state: State;
}

function firstFree(
  assembly: Assembly,
  state: State,
  left: readonly EventKey[],
  held: Map<EventKey, Held>,
): Move | null {
  for (const event of left) {
    if (isStillHeld(held.get(event), state)) continue;
    const attempts = attemptsOf(assembly, state, event);
    const free = attempts.find(({ obstacles }) => obstacles.length === 0);
    if (free !== undefined)
      return (
        leftBehind(assembly, state, left, { event, way: free.way }) ?? { event, way: free.way }
      );
    const body = assembly.bodies.find(({ id }) => `take:${id}` === event);
    const by = attempts.map(({ obstacles }) => obstacles[0]!.by);
    if (body !== undefined) held.set(event, { ids: [body.id, body.host, ...by], state });
  }
  return null;
}

/** What a shaft would leave behind and can come off it before; null where there is nothing of it. */
function leftBehind(
  assembly: Assembly,
  state: State,
  left: readonly EventKey[],
  { event, way }: Move,
): Move | null {
  const shaft = subjectOf(event);
  if (!event.startsWith('take:') || !assembly.shafts.includes(shaft)) return null;
  const moving = new Set(moversOf(assembly, state, event, way).bodies);
  for (const body of assembly.bodies) {
    const off: EventKey = `take:${body.id}`;
    if (body.host !== shaft || moving.has(body) || !left.includes(off)) continue;
    const free = attemptsOf(assembly, state, off).find(({ obstacles }) => obstacles.length === 0);
    if (free !== undefined) return { event: off, way: free.way };
  }
  return null;
}

const isStillHeld = (before: Held | undefined, state: State): boolean =>
  before !== undefined &&
  before.ids.every((id) => before.state.where.get(id) === state.where.get(id));

/** Where nothing is free, what is left is in its own way. */
function forced(assembly: Assembly, state: State, event: EventKey, noWay: NoWay[]): Move {
  const [attempt] = attemptsOf(assembly, state, event);
  const first = attempt?.obstacles[0];
  if (first !== undefined) noWay.push({ event, moving: first.moving, by: first.by });
  return { event, way: attempt?.way ?? null };
}

function byKey(a: readonly number[], b: readonly number[]): number {
  const at = a.findIndex((part, index) => part !== b[index]);
  return at === -1 ? 0 : a[at]! - b[at]!;
}
