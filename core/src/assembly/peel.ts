import { asKnown, type Assembly, type EventKey } from './assembly.ts';
import type { Move, NoWay } from './move.ts';
import type { Obstacle } from './obstacle.ts';
import { attemptsOf, type Attempt } from './obstacles.ts';
import { after, moversOf, subjectOf, type State } from './state.ts';

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
  const [held, heldForSure] = [new Map<EventKey, Held>(), new Map<EventKey, Held>()];
  let now = state;
  let left = ranked;
  while (left.length > 0) {
    const next =
      firstFree(assembly, now, left, held) ?? forced(assembly, now, left, heldForSure, noWay);
    moves.push(next);
    now = after(assembly, now, next.event, next.way);
    left = left.filter((event) => event !== next.event);
  }
  return { moves, noWay, state: now };
}

/** What holds an event back: as long as each pair is together, nothing else need be looked at. */
type Held = readonly Pick<Obstacle, 'moving' | 'by'>[];

function firstFree(
  assembly: Assembly,
  state: State,
  left: readonly EventKey[],
  held: Map<EventKey, Held>,
): Move | null {
  for (const event of left) {
    if (held.get(event)?.every((pair) => areTogether(state, pair)) === true) continue;
    const attempts = attemptsOf(assembly, state, event);
    const free = attempts.find(({ obstacles }) => obstacles.length === 0);
    if (free !== undefined)
      return (
        leftBehind(assembly, state, left, { event, way: free.way }) ?? { event, way: free.way }
      );
    held.set(event, firmlyHeld(assembly, event, attempts));
  }
  return null;
}

/**
 * One obstacle of each attempt that nothing but its own leaving takes away. Where an attempt has none (what slides may come
 * to move along), the last pair is of nothing with nothing, which is never together.
 */
function firmlyHeld(assembly: Assembly, event: EventKey, attempts: readonly Attempt[]): Held {
  const own = subjectOf(event);
  const isFirm = ({ moving, by }: Obstacle): boolean => {
    const [mover, other] = [moving, by].map((id) => assembly.solidsOf.get(id)?.[0]?.body ?? null);
    return (mover === null || mover!.hold === 'fixed' || moving === own) && other?.host !== own;
  };
  const host = assembly.solidsOf.get(own)?.[0]?.body?.host;
  return [
    ...attempts.map(({ obstacles }) => obstacles.find(isFirm) ?? { moving: '', by: '' }),
    ...(host === undefined ? [] : [{ moving: own, by: host }]),
  ];
}

/** Whether two things still are in the way of one another; bolts are as long as they are not undone. */
function areTogether({ where, done }: State, { moving, by }: Held[number]): boolean {
  if (!where.has(moving) || done.has(`undo:${by}`)) return false;
  return !where.has(by)
    ? by !== '' && !done.has(`take:${by}`)
    : where.get(by) === where.get(moving);
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

/** Where nothing is free, what is left is in its own way: it gives way where only the drawing holds it. */
function forced(
  assembly: Assembly,
  state: State,
  left: readonly EventKey[],
  held: Map<EventKey, Held>,
  noWay: NoWay[],
): Move {
  const loose =
    assembly.outlines === 'drawn' ? firstFree(asKnown(assembly), state, left, held) : null;
  const { event } = loose ?? { event: leastHeld(assembly, state, left) };
  const told = heldBack(assembly, state, event, loose !== null);
  if (told !== null) noWay.push(told);
  const [attempt] = attemptsOf(assembly, state, event);
  return loose ?? { event, way: attempt?.way ?? null };
}

/** The event with the fewest things in the way of it: what holds so little back is nearest to the fault. */
function leastHeld(assembly: Assembly, state: State, left: readonly EventKey[]): EventKey {
  const held = (event: EventKey) =>
    Math.min(...attemptsOf(assembly, state, event).map(({ obstacles }) => obstacles.length));
  return left
    .map((event) => ({ event, by: held(event) }))
    .reduce((least, one) => (one.by < least.by ? one : least)).event;
}

/** What holds an event back, as it is told. */
export function heldBack(
  assembly: Assembly,
  state: State,
  event: EventKey,
  drawn: boolean,
): NoWay | null {
  const [attempt] = attemptsOf(assembly, state, event);
  const first = attempt?.obstacles[0];
  return first === undefined ? null : { event, moving: first.moving, by: first.by, drawn };
}

function byKey(a: readonly number[], b: readonly number[]): number {
  const at = a.findIndex((part, index) => part !== b[index]);
  return at === -1 ? 0 : a[at]! - b[at]!;
}
