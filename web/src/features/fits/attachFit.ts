import type { JobEventData } from '@wendaxis/core/job';
import { STATION_KIND_TABLE, type Station, type Unit } from '@wendaxis/core/unit';

import type { FitQuestion } from './fitsDesk.ts';

/** A station to which an answer of the fits desk can be put. */
export interface FitTarget {
  readonly axisId: string;
  readonly station: Station;
}

/** What attaching writes into the job. */
export interface Attached {
  /** Null where the seat was typed as a size: a measured size wants its instrument, at its own step. */
  readonly described: JobEventData['StationDescribed'] | null;
  readonly note: string;
}

/** Stations with the ring that was asked for. */
export function fitTargets(unit: Unit): readonly FitTarget[] {
  return unit.axes.flatMap((axis) =>
    axis.stations
      .filter(({ kind }) => STATION_KIND_TABLE[kind].bearing === 'rolling')
      .map((station) => ({ axisId: axis.id, station })),
  );
}

/** The class of the seat on the station, and the question with its answer as a note. */
export function attachFit(
  { axisId, station }: FitTarget,
  question: FitQuestion,
  answer: string,
): Attached {
  const isOuter = question.ring === 'outer';
  const seat = (isOuter ? question.hole : question.shaft).trim();
  const isClass = /^[A-Za-z]/u.test(seat);
  const changed = isOuter ? { boreClass: seat } : { journalClass: seat };
  const asked = `${question.hole.trim()} / ${question.shaft.trim()} at ${question.diameter.trim()}`;
  return {
    described: isClass ? { axisId, station: { ...station, ...changed } } : null,
    note: `Fits desk, ${station.name}, ${isOuter ? 'outer ring' : 'inner ring'}, ${asked}: ${answer}`,
  };
}
