import {
  assemblyOf,
  eventOfPart,
  eventsOfStation,
  sideOf,
  type Assembly,
  type EventKey,
} from '../assembly/index.ts';
import type { JobState } from '../job/index.ts';
import type { Axis, Side, Station, Unit } from '../unit/index.ts';
import { motionOf, type Motion } from './motions.ts';
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
  /** Whether the step is about it. */
  readonly marked: boolean;
}

/** The section of an axis as it is while a step is done. */
export interface StepPicture {
  readonly axis: Axis;
  readonly stations: readonly PicturedStation[];
  /** What moves comes out, or goes in. */
  readonly to: Motion['to'] | null;
  /** The side to which it comes out or from which it goes in; null where it moves across, or nothing moves. */
  readonly side: Side | null;
}

/**
 * What is together while a step is done, what moves and from which side: by the order in which the job takes things out and
 * puts them in. Null for a step that is about no axis.
 */
export function stepPicture(state: JobState, step: Step): StepPicture | null {
  const { unit } = state;
  const subject = unit === null ? null : subjectFor(state, unit, step);
  const axis = unit === null ? null : axisOf(unit, step);
  if (unit === null || subject === null || axis === null) return null;
  const assembly = assemblyOf(unit);
  const motion = motionOf(step.rule, subject);
  const stations = axis.stations.map((station) =>
    pictured(assembly, station, motion, step.stationId),
  );
  const shown = stations.filter(({ there, moving }) => there.length + moving.length > 0);
  return { axis, stations: shown, to: motion?.to ?? null, side: sideOfMotion(motion) };
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
  marked: string | null,
): PicturedStation {
  const events = eventsOfStation(assembly, station.id).filter(
    (event) => !event.startsWith('undo:'),
  );
  // What is one with its part is where that is.
  const ofPart = eventOfPart(assembly, station.partId);
  const all: readonly EventKey[] = events.length > 0 ? events : ofPart === null ? [] : [ofPart];
  const pieces = all.map((event) => ({ event, piece: pieceOf(event) }));
  const isMoving = (event: EventKey): boolean => motion?.events.includes(event) === true;
  const there = pieces.filter(({ event }) => !isMoving(event) && isThere(motion, event));
  return {
    station,
    there: all.length === 0 ? ['whole'] : there.map(({ piece }) => piece),
    moving: pieces.filter(({ event }) => isMoving(event)).map(({ piece }) => piece),
    marked: station.id === marked,
  };
}

const pieceOf = (event: EventKey): Piece =>
  event.endsWith(':cup') ? 'cup' : event.endsWith(':cone') ? 'cone' : 'whole';

/** Whether something is in its place while a motion is made: it goes in before, or comes out after; what the job leaves stays. */
function isThere(motion: Motion | null, event: EventKey): boolean {
  const place = motion?.order.places.get(event);
  if (motion === null || place === undefined) return true;
  return motion.to === 'in' ? place < motion.at : place > motion.at;
}

/** The side of the first of its events that moves along the axis. */
function sideOfMotion(motion: Motion | null): Side | null {
  if (motion === null) return null;
  for (const event of motion.events) {
    const side = sideOf(motion.order.ways.get(event) ?? null);
    if (side !== null) return side;
  }
  return null;
}
