import type { Station, Unit } from '../unit/index.ts';
import {
  boltsOver,
  isFree,
  namedBy,
  partOff,
  partsOn,
  putOn,
  shaftIn,
  shaftOut,
  takeOff,
  type Clash,
} from './motion.ts';
import { judgeActs } from './judgeActs.ts';
import { judgeEnd } from './judgeEnd.ts';
import { judgeOrder } from './judgeOrder.ts';
import type { PlannedAct, Refusal } from './refusal.ts';
import type { Piece } from './pieces.ts';
import { heapOf, worldOf, type World } from './world.ts';

/** How a unit was when its plan begins, where it was not whole. */
export interface Came {
  /** Ids of bolt circles that were loose, and of parts that lay apart. */
  readonly loosened?: readonly string[];
  readonly apart?: readonly string[];
  /** Ids of stations that were out. */
  readonly out?: readonly string[];
}

/**
 * Carry a plan out on the solid things of a unit, and refuse what cannot be or may not be. It knows physics and nothing of
 * how a plan is made: it reads the unit and the acts.
 */
export function checkPlan(
  unit: Unit,
  acts: readonly PlannedAct[],
  came: Came = {},
): readonly Refusal[] {
  const world = worldOf(unit);
  came.loosened?.forEach((id) => world.loosened.add(id));
  came.apart?.forEach((id) =>
    world.heap.set(id, `${world.turning.has(id) ? 'shaft' : 'part'} ${id}`),
  );
  for (const { id, station } of world.pieces)
    if (came.out?.includes(station.id) === true) world.off.add(id);
  const found = acts.flatMap((act, at) =>
    carriedOut(world, act).map(({ rule, moving, by }): Refusal => ({
      rule,
      at,
      act: act.act,
      moving,
      by,
    })),
  );
  return [
    ...found,
    ...leftOver(world, acts.length, untouched(acts, came.apart ?? [])),
    ...judgeActs(unit, acts, came.out ?? []),
    ...judgeEnd(unit, acts),
    ...judgeOrder(unit, acts, [...(came.loosened ?? []), ...(came.out ?? [])]),
  ].toSorted((a, b) => a.at - b.at);
}

/** What is wrong with an act by itself. */
type Found = Pick<Refusal, 'rule' | 'moving' | 'by'>;

const OUT: ReadonlySet<string> = new Set(['draw', 'pull', 'pressOut', 'loosen']);
const IN: ReadonlySet<string> = new Set([
  'seat',
  'place',
  'fitSeal',
  'fitPack',
  'assemble',
  'torque',
  'setPreload',
]);

function carriedOut(world: World, { act, on }: PlannedAct): readonly Found[] {
  const parts = on.filter((id) => world.heap.has(id));
  const things = on.filter((id) => !world.heap.has(id));
  const [named] = things;
  if (act === 'open')
    return parts.flatMap((id) =>
      told(1, world.turning.has(id) ? shaftOut(world, id) : partOff(world, id)),
    );
  if (act === 'close') {
    parts.forEach((id) => closedBolts(world, id));
    world.alreadyIn.clear();
    return told(2, partsOn(world, parts));
  }
  if (OUT.has(act)) {
    if (act === 'loosen') things.forEach((id) => world.loosened.add(id));
    const shafts = parts.filter((id) => world.turning.has(id));
    const outAlready = shafts.filter((id) => isApart(world, id) && things.length === 0);
    const pieces = named === undefined ? [] : piecesAt(world, things);
    return [
      // To undo what is undone harms nothing.
      ...twice(act === 'loosen' ? [] : pieces.filter(({ id }) => world.off.has(id))),
      ...twice(outAlready.map((id) => ({ id }))),
      ...shafts.flatMap((id) => told(1, shaftOut(world, id))),
      ...pieces.flatMap((piece) => told(1, takeOff(world, piece))),
    ];
  }
  if (!IN.has(act)) return [];
  if (act === 'fitSeal') things.forEach((id) => world.newSeals.add(id));
  const shafts = parts.filter((id) => world.turning.has(id));
  // With a shaft it is that which goes in, through the ring.
  const isOwn = FITTED.has(act) && shafts.length === 0;
  const inAlready = act === 'assemble' ? [] : shafts.filter((id) => !isApart(world, id));
  return [
    ...twice(inAlready.filter((id) => world.alreadyIn.has(id)).map((id) => ({ id }))),
    ...twice(isOwn ? piecesAt(world, things).filter((piece) => isIn(world, piece)) : []),
    ...piecesAt(world, things)
      .filter(({ station }) => act !== 'setPreload' || THREADED.has(station.kind))
      .flatMap((piece) => told(2, putOn(world, piece))),
    ...shafts.flatMap((id) => told(2, shaftIn(world, id))),
    ...(act === 'seat' && shafts.length === 0 ? sealedEarly(world, things) : []),
  ];
}

/**
 * Seals that were fitted before a ring of their axis was pressed or dropped home, and could have gone in after it: heat, a driver
 * and chips come near them for nothing.
 */
function sealedEarly(world: World, ids: readonly string[]): readonly Found[] {
  const [ring] = piecesAt(world, ids);
  return [...world.newSeals]
    .flatMap((id) => namedBy(world, id))
    .filter((seal) => seal.axisId === ring?.axisId && isFree(world, seal))
    .map(({ id }) => ({ rule: 12, moving: id, by: ring!.id }));
}

/** Acts that put in what they name, and nothing else. */
const FITTED: ReadonlySet<string> = new Set(['seat', 'fitSeal']);

/** What is put on by being turned; all else that a preload is set by was put in before. */
const THREADED: ReadonlySet<Station['kind']> = new Set(['nut', 'adjuster']);

/** Whether a piece is where it belongs: neither off its part nor left behind by its shaft. */
const isIn = ({ off, left }: World, { id }: Piece): boolean => !off.has(id) && !left.has(id);

/** Whether a shaft lies by itself. */
const isApart = ({ heap }: World, id: string): boolean => heap.get(id) === `shaft ${id}`;

const twice = (pieces: readonly { readonly id: string }[]): readonly Found[] =>
  pieces.map(({ id }) => ({ rule: 10, moving: id, by: null }));

/** The pieces that an act names: where it names a ring, that ring; the station beside it says whose. */
function piecesAt(world: World, ids: readonly string[]) {
  const rings = ids.filter((id) => /:(?:cup|cone)$/u.test(id));
  return (rings.length > 0 ? rings : ids).flatMap((id) => namedBy(world, id));
}

const closedBolts = (world: World, partId: string): void =>
  boltsOver(world, partId).forEach(({ id }) => world.loosened.delete(id));

const told = (rule: 1 | 2, clash: Clash | null): readonly Found[] =>
  clash === null ? [] : [{ ...clash, rule }];

/** Parts that lay apart when the unit came, and that the plan does nothing with: they lie apart when it goes. */
const untouched = (acts: readonly PlannedAct[], apart: readonly string[]): readonly string[] =>
  apart.filter((id) => !acts.some(({ act, on }) => MOVED.has(act) && on.includes(id)));
const MOVED: ReadonlySet<string> = new Set(['open', 'close', 'heat', 'assemble', 'pressOut']);

/** What is not where it was: each thing off its part, each part apart from the rest. */
function leftOver(world: World, at: number, apart: readonly string[]): readonly Refusal[] {
  const homes = new Set(world.heap.values());
  const [home] = homes;
  const left = new Set(apart.map((id) => `part ${id}`));
  const off = world.pieces.filter((piece) => {
    const heap = heapOf(world, piece);
    return heap !== home && !left.has(heap ?? '') && !left.has(home ?? '');
  });
  return off.map(({ id }) => ({ rule: 9, at, act: 'finish', moving: id, by: null }));
}
