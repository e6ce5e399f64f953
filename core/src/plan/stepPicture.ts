import {
  assemblyOf,
  eventOfPart,
  eventsOfStation,
  sideOf,
  type Assembly,
  type EventKey,
} from '../assembly/index.ts';
import { isolated } from '../faults/index.ts';
import type { JobState } from '../job/index.ts';
import type { Axis, Side, Station, Unit } from '../unit/index.ts';
import { motionOf, type Motion } from './motions.ts';
import { orderFor } from './orderOfBuild.ts';
import type { Subject } from './rule.ts';
import type { Step } from './step.ts';

/** A ring of a bearing that parts, or all of a station. */
export type Piece = 'cup' | 'cone' | 'whole';

/** How a station stands in the picture of a step. */
export interface PicturedStation {
  readonly station: Station;
  /** What of it is there: of a bearing that parts, each ring for itself. */
  readonly there: readonly Piece[];
  /** What of it comes out or goes in at this step. */
  readonly moving: readonly Piece[];
  /** The side to which that comes out or from which it goes in; null where it moves across, or does not move. */
  readonly side: Side | null;
  /** Whether the step is about it. */
  readonly marked: boolean;
}

/** The section of an axis as it is while a step is done. */
export interface StepPicture {
  readonly axis: Axis;
  readonly stations: readonly PicturedStation[];
  /** Whether what moves comes out or goes in; null where nothing moves. */
  readonly to: Motion['to'] | null;
}

/**
 * What is together while a step is done, what moves and from which side: by the order in which the job takes things out and
 * puts them in. Where nothing moves it is what the last that went in has left, and of a part that is heated only that part.
 * Null for a step that is about no axis.
 * @param steps of the plan, in its order
 */
export function stepPicture(
  state: JobState,
  step: Step,
  steps: readonly Step[],
): StepPicture | null {
  const { unit } = state;
  const subject = unit === null ? null : subjectFor(state, unit, step);
  const axis = unit === null ? null : axisOf(unit, step);
  if (unit === null || subject === null || axis === null) return null;
  const assembly = assemblyOf(unit);
  const moved = isolated(() => motionOf(step.rule, subject));
  const motion = moved.ok ? moved.value : null;
  const { isThere, parts } =
    motion === null ? standing(state, unit, step, steps) : whileMoving(assembly, motion);
  const stations = axis.stations
    .filter(({ partId }) => parts?.has(partId) ?? true)
    .map((station) => pictured(assembly, station, motion, isThere, step.stationId));
  const shown = stations.filter(({ there, moving }) => there.length + moving.length > 0);
  return { axis, stations: shown, to: motion?.to ?? null };
}

function subjectFor(state: JobState, unit: Unit, step: Step): Subject | null {
  const { axisId, stationId, partId } = step;
  const bare = { state, unit };
  const axis = unit.axes.find(({ id }) => id === axisId) ?? null;
  const part = unit.parts.find(({ id }) => id === partId) ?? null;
  if (stationId !== null && axis !== null) {
    const station = axis.stations.find(({ id }) => id === stationId);
    return station === undefined
      ? null
      : { ...bare, about: 'station', axis, station, part, faults: [] };
  }
  if (axis !== null) return { ...bare, about: 'axis', axis };
  return part === null ? null : { ...bare, about: 'part', part };
}

/** The axis that a step is on; of a part the one on which most of it stands. */
function axisOf({ axes }: Unit, { axisId, partId }: Step): Axis | null {
  if (axisId !== null) return axes.find(({ id }) => id === axisId) ?? null;
  const standing = ({ stations }: Axis) => stations.filter((one) => one.partId === partId).length;
  const [most] = axes.toSorted((a, b) => standing(b) - standing(a));
  return most !== undefined && standing(most) > 0 ? most : null;
}

function pictured(
  assembly: Assembly,
  station: Station,
  motion: Motion | null,
  isThere: (event: EventKey) => boolean,
  marked: string | null,
): PicturedStation {
  const events = eventsOfStation(assembly, station.id).filter(
    (event) => !event.startsWith('undo:'),
  );
  // What is one with its part is where that is.
  const ofPart = eventOfPart(assembly, station.partId);
  const all: readonly EventKey[] = events.length > 0 ? events : ofPart === null ? [] : [ofPart];
  const pieces = all.map((event) => ({
    event,
    piece: pieceOf(event),
    by: motion === null ? null : movedBy(assembly, motion, event),
  }));
  const moving = pieces.filter(({ by }) => by !== null);
  const there = pieces.filter(({ event, by }) => by === null && isThere(event));
  const [first] = moving;
  return {
    station,
    there: all.length === 0 ? ['whole'] : there.map(({ piece }) => piece),
    moving: moving.map(({ piece }) => piece),
    side: first === undefined ? null : sideOf(motion!.order.ways.get(first.by!) ?? null),
    marked: station.id === marked,
  };
}

/** The event by which something moves at a step: its own, or that of the shaft that it is on already; null where it stays. */
function movedBy(assembly: Assembly, motion: Motion, event: EventKey): EventKey | null {
  const { events, order } = motion;
  const host = assembly.bodies.find(({ id }) => `take:${id}` === event)?.host;
  const shaft: EventKey | null =
    host !== undefined && assembly.shafts.includes(host) ? `take:${host}` : null;
  const isOnIt =
    shaft !== null &&
    events.includes(shaft) &&
    isBeforeShaft(motion, event, order.places.get(shaft)!);
  if (isOnIt) return shaft;
  return events.includes(event) ? event : null;
}

/** Whether something is on its shaft while that moves: it went on before, or comes off after. */
function isBeforeShaft({ to, order }: Motion, event: EventKey, shaft: number): boolean {
  const place = order.places.get(event);
  if (place === undefined) return true;
  return to === 'in' ? place < shaft : place > shaft;
}

const pieceOf = (event: EventKey): Piece =>
  event.endsWith(':cup') ? 'cup' : event.endsWith(':cone') ? 'cone' : 'whole';

/** What is there at a step, and the parts that lie together with what it is about; null for all of them. */
interface Standing {
  readonly isThere: (event: EventKey) => boolean;
  readonly parts: ReadonlySet<string> | null;
}

/** What is there while a motion is made; the part that something goes into or comes out of lies on the bench. */
function whileMoving(assembly: Assembly, motion: Motion): Standing {
  const host = hostOf(assembly, motion.events);
  const own = host === null ? null : eventOfPart(assembly, host);
  return {
    isThere: (event) => event === own || stays(motion, event),
    parts: host === null ? null : togetherWith(assembly, host, (event) => stays(motion, event)),
  };
}

/** The part, not a shaft, that something stands in; null where nothing of it does. */
function hostOf({ bodies, shafts }: Assembly, events: readonly EventKey[]): string | null {
  const body = bodies.find(
    ({ id, host }) => events.includes(`take:${id}`) && !shafts.includes(host),
  );
  return body?.host ?? null;
}

/** The parts that lie together with one: over joints that are closed; shafts and what no joint holds are where they are. */
function togetherWith(
  { joints, shafts, unit }: Assembly,
  partId: string,
  isClosed: (event: EventKey) => boolean,
): ReadonlySet<string> {
  const together = new Set([partId]);
  const closed = joints.filter(({ part }) => isClosed(`part:${part}`));
  for (let size = 0; size !== together.size;) {
    size = together.size;
    for (const { part, to } of closed) {
      if (together.has(part)) together.add(to);
      if (together.has(to)) together.add(part);
    }
  }
  const jointed = new Set(joints.flatMap(({ part, to }) => [part, to]));
  const loose = unit.parts.map(({ id }) => id).filter((id) => !jointed.has(id));
  return new Set([...together, ...shafts, ...loose]);
}

/** Whether something is in its place while a motion is made: it goes in before, or comes out after; what the job leaves stays. */
function stays({ to, order, at }: Motion, event: EventKey): boolean {
  const place = order.places.get(event);
  if (place === undefined) return true;
  return to === 'in' ? place < at : place > at;
}

/** What stands in its place at a step that moves nothing: all of it, until something has gone in. */
function standing(state: JobState, unit: Unit, step: Step, steps: readonly Step[]): Standing {
  const assembly = assemblyOf(unit);
  const last = lastIn(
    state,
    unit,
    steps.slice(
      0,
      steps.findIndex(({ id }) => id === step.id),
    ),
  );
  const heated = step.act === 'heat' ? step.partId : null;
  const subject = subjectFor(state, unit, step);
  if (last === null && (heated === null || subject === null))
    return { isThere: () => true, parts: null };
  const order = last?.order ?? orderFor(subject!, 'in');
  const isIn = (event: EventKey) => (order.places.get(event) ?? -1) <= (last?.upTo ?? -1);
  // A part that is heated is there, whatever closes it later.
  const host = heated ?? last?.host ?? null;
  const own = host === null ? null : eventOfPart(assembly, host);
  const parts = host === null ? null : togetherWith(assembly, host, isIn);
  return {
    isThere: (event) => event === own || isIn(event),
    parts: heated === null ? parts : new Set([heated]),
  };
}

/** The last of some steps that puts something in, and how far its order has come with it; null where none does. */
function lastIn(state: JobState, unit: Unit, steps: readonly Step[]) {
  for (const step of steps.toReversed()) {
    const subject = subjectFor(state, unit, step);
    const moved = subject === null ? null : isolated(() => motionOf(step.rule, subject));
    const motion = moved?.ok === true ? moved.value : null;
    if (motion?.to === 'out') return null;
    if (motion === null) continue;
    const { order, events, at } = motion;
    const host = hostOf(assemblyOf(unit), events);
    return {
      order,
      host,
      upTo: Math.max(at, ...events.map((event) => order.places.get(event) ?? at)),
    };
  }
  return null;
}
