import {
  bodyEvent,
  boltsEvent,
  carrierOf,
  groupOf,
  joinEvent,
  modelOf,
  type Body,
  type EventKey,
  type Model,
  type Place,
  type RowMove,
} from '../course/index.ts';
import type { StationToDraw } from '../drawing/index.ts';
import type { JobState } from '../job/index.ts';
import { startOf } from '../standing/index.ts';
import type { Axis, Side, Station, Unit } from '../unit/index.ts';
import type { Step } from './step.ts';
import { moved } from './spokenCourse.ts';

/** A ring of a bearing that parts, or all of a station. */
export type Piece = StationToDraw['there'][number];

/** How a station stands in the picture of a step. */
export type PicturedStation = StationToDraw;

/** The section of an axis as it is while a step is done. */
export interface StepPicture {
  readonly axis: Axis;
  readonly stations: readonly PicturedStation[];
  /** Whether what moves comes out or goes in; null where nothing moves. */
  readonly to: 'out' | 'in' | null;
}

/**
 * What is together while a step is done, what moves and from which side: what the steps before it have left together. Of what lies
 * on the bench only that is shown with which the step works; of a part that is heated only that part.
 * Null for a step that is about no axis.
 * @param steps of the plan, in its order
 */
export function stepPicture(
  state: JobState,
  step: Step,
  steps: readonly Step[],
): StepPicture | null {
  const { unit } = state;
  const axis = unit === null ? null : axisOf(unit, step);
  if (unit === null || axis === null || !isAboutOne(step)) return null;
  const model = modelOf(unit);
  const seen = seenAt(model, step, placeAt(state, step, steps));
  const stations = axis.stations.map((station) => pictured(model, station, seen, step.stationId));
  const shown = stations.filter(({ there, moving }) => there.length + moving.length > 0);
  return { axis, stations: shown, to: seen.move?.to ?? null };
}

const isAboutOne = ({ axisId, partId }: Step): boolean => axisId !== null || partId !== null;

/** The axis that a step is on; of a part the one on which most of it stands. */
function axisOf({ axes }: Unit, { axisId, partId }: Step): Axis | null {
  if (axisId !== null) return axes.find(({ id }) => id === axisId) ?? null;
  const standing = ({ stations }: Axis) => stations.filter((one) => one.partId === partId).length;
  const [most] = axes.toSorted((a, b) => standing(b) - standing(a));
  return most !== undefined && standing(most) > 0 ? most : null;
}

/** What the acts of a step move, in their order. */
const movesOf = ({ move, rows }: Step): readonly RowMove[] =>
  move === null ? rows.flatMap((row) => row.move ?? []) : [move];

/** What is together once the steps before one are done. */
function placeAt(state: JobState, step: Step, steps: readonly Step[]): Place {
  const { place } = startOf(state);
  const together = new Set(place.in);
  const lies = new Map(place.lies);
  for (const before of steps) {
    if (before.id === step.id) break;
    for (const move of movesOf(before)) {
      moved(together, { move });
      if (move.body === undefined) continue;
      if (move.to === 'in' && move.lay !== undefined) lies.set(move.body, move.lay);
      else lies.delete(move.body);
    }
    for (const { to, part, left } of movesOf(before))
      if (part !== undefined)
        for (const id of left)
          if (to === 'in') lies.delete(id);
          else lies.set(id, modelOf(state.unit!).shaftOf.get(part)?.to ?? part);
  }
  return { in: together, lies };
}

/** What is seen at a step. */
interface Seen {
  readonly move: RowMove | null;
  /** What is together, with what moves in its place. */
  readonly place: Place;
  /** Bodies and parts that move. */
  readonly movingBodies: ReadonlySet<string>;
  readonly movingParts: ReadonlySet<string>;
  /** Parts that are there besides; null for all of them. */
  readonly here: ReadonlySet<string> | null;
}

function seenAt(model: Model, step: Step, before: Place): Seen {
  const [move = null] = movesOf(step).filter(({ bolts }) => bolts === undefined);
  const first = move ?? movesOf(step)[0] ?? null;
  const together = new Set(before.in);
  for (const one of movesOf(step)) if (one.to === 'in') moved(together, { move: one });
  const place: Place = { in: together, lies: before.lies };
  if (first?.part !== undefined) return withPart(model, { ...first, part: first.part }, place);
  const movingBodies = new Set(
    first?.body === undefined ? [] : carriedBy(model, first.body, place),
  );
  const heated = step.act === 'heat' ? step.partId : null;
  const home = heated ?? homeOf(model, step, first, place);
  return {
    move: first,
    place,
    movingBodies,
    movingParts: new Set(),
    here: heated !== null ? new Set([heated]) : home === null ? null : groupOf(model, home, place),
  };
}

/** A part, or a shaft with what is on it, on its way to what it is joined to, or from it. */
function withPart(model: Model, move: RowMove & { readonly part: string }, place: Place): Seen {
  const join = joinEvent(move.part);
  const movingParts = groupOf(model, move.part, place, join);
  const to = model.shaftOf.get(move.part)?.to ?? model.jointOf.get(move.part)?.to ?? model.root;
  const left = new Set(move.left);
  const onIt = model.bodies.filter(
    (body) =>
      place.in.has(bodyEvent(body.id)) &&
      !left.has(body.id) &&
      movingParts.has(carrierOf(model, body, place) ?? ''),
  );
  return {
    move,
    place,
    movingBodies: new Set(onIt.map(({ id }) => id)),
    movingParts,
    here: groupOf(model, to, place, join),
  };
}

/** A body, and what is in or on it. */
function carriedBy({ bodies }: Model, id: string, place: Place): readonly string[] {
  const within = bodies.filter((one) => one.host === id && place.in.has(bodyEvent(one.id)));
  return [id, ...within.map((one) => one.id)];
}

/** The part that a step works on: what carries what moves, else what it is about; null for all of it. */
function homeOf(model: Model, step: Step, move: RowMove | null, place: Place): string | null {
  const ids = move?.body === undefined ? [...step.on, step.stationId ?? ''] : [move.body];
  const bodies = model.bodies.filter(
    ({ id, station }) => ids.includes(id) || ids.includes(station.id),
  );
  const [at] = bodies.flatMap((body) => carrierOf(model, body, place) ?? []);
  if (at !== undefined) return at;
  const holder = bodies.flatMap(({ host }) => model.bodyOf.get(host)?.host ?? [])[0];
  return holder ?? step.partId ?? null;
}

/** A station as it stands in a picture. */
function pictured(
  model: Model,
  station: Station,
  seen: Seen,
  marked: string | null,
): PicturedStation {
  const own = { station, side: sideOf(seen.move), marked: station.id === marked };
  const bodies = model.bodies.filter((body) => body.station.id === station.id);
  if (bodies.length === 0) return { ...own, ...fixed(model, station, seen) };
  const isMoving = ({ id }: Body) => seen.movingBodies.has(id);
  const moving = bodies.filter(isMoving);
  const there = bodies.filter((body) => !isMoving(body) && isThere(model, body, seen));
  return { ...own, there: there.map(pieceOf), moving: moving.map(pieceOf) };
}

/** What is one with its part, and a circle of bolts, is where that is; bolts only while they are on. */
function fixed(
  { bolts }: Model,
  { id, partId }: Station,
  { move, place, movingParts, here }: Seen,
): Pick<PicturedStation, 'there' | 'moving'> {
  const isBolts = bolts.some((one) => one.id === id);
  if (isBolts && move?.bolts === id) return { there: [], moving: ['whole'] };
  if (isBolts && !place.in.has(boltsEvent(id))) return NOTHING;
  if (movingParts.has(partId)) return { there: [], moving: ['whole'] };
  return here?.has(partId) === false ? NOTHING : { there: ['whole'], moving: [] };
}

const NOTHING = { there: [], moving: [] } as const;

function isThere(model: Model, body: Body, { place, here }: Seen): boolean {
  if (!place.in.has(bodyEvent(body.id) satisfies EventKey)) return false;
  const carrier = carrierOf(model, body, place);
  return carrier !== null && (here?.has(carrier) ?? true);
}

const pieceOf = ({ piece }: Body): Piece => (piece === 'cup' || piece === 'cone' ? piece : 'whole');

function sideOf(move: RowMove | null): Side | null {
  if (move === null || move.direction === 'across') return null;
  return move.direction === -1 ? 'left' : 'right';
}
