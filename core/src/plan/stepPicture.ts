import {
  assemblyOf,
  eventOfPart,
  eventsOfStation,
  sideOf,
  type Assembly,
  type EventKey,
} from '../assembly/index.ts';
import type { StationToDraw } from '../drawing/index.ts';
import type { JobState } from '../job/index.ts';
import type { Axis, Station, Unit } from '../unit/index.ts';
import type { Motion } from './motions.ts';
import { motionAt, standing, subjectFor, whileMoving } from './standing.ts';
import type { Step } from './step.ts';

/** A ring of a bearing that parts, or all of a station. */
export type Piece = StationToDraw['there'][number];

/** How a station stands in the picture of a step. */
export type PicturedStation = StationToDraw;

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
  const motion = motionAt(state, step);
  const { isThere, parts } =
    motion === null ? standing(state, unit, step, steps) : whileMoving(assembly, motion);
  const isHere = (partId: string) => parts?.has(partId) ?? true;
  const stations = axis.stations.map((station) =>
    pictured(assembly, station, motion, { isThere, isHere }, step.stationId),
  );
  const shown = stations.filter(({ there, moving }) => there.length + moving.length > 0);
  return { axis, stations: shown, to: motion?.to ?? null };
}

/** The axis that a step is on; of a part the one on which most of it stands. */
function axisOf({ axes }: Unit, { axisId, partId }: Step): Axis | null {
  if (axisId !== null) return axes.find(({ id }) => id === axisId) ?? null;
  const standing = ({ stations }: Axis) => stations.filter((one) => one.partId === partId).length;
  const [most] = axes.toSorted((a, b) => standing(b) - standing(a));
  return most !== undefined && standing(most) > 0 ? most : null;
}

/** What is in its place, and which parts lie where the work is. */
interface Seen {
  readonly isThere: (event: EventKey) => boolean;
  readonly isHere: (partId: string) => boolean;
}

function pictured(
  assembly: Assembly,
  station: Station,
  motion: Motion | null,
  { isThere, isHere }: Seen,
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
  const homeOf = (event: EventKey) =>
    assembly.bodies.find(({ id }) => `take:${id}` === event)?.host ?? station.partId;
  const there = pieces.filter(
    ({ event, by }) => by === null && isThere(event) && isHere(homeOf(event)),
  );
  const fixed: readonly Piece[] = isHere(station.partId) ? ['whole'] : [];
  const [first] = moving;
  return {
    station,
    there: all.length === 0 ? fixed : there.map(({ piece }) => piece),
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
