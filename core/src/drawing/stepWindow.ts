import type { Axis, Station } from '../unit/index.ts';
import { ends, type Lift, type StationToDraw } from './lift.ts';

/** What of an axis a picture shows. mm */
export interface Window {
  readonly left: number;
  readonly right: number;
  readonly radius: number;
  /** The whole axis as it would be drawn: its ends, and where its stations stand; null where the window shows all of it. */
  readonly whole: {
    readonly left: number;
    readonly right: number;
    readonly stations: readonly { readonly from: number; readonly to: number }[];
  } | null;
}

/** So much of what is drawn is shown to each side of where the work is. */
const AROUND = 0.22;
/** A window that leaves out less than this is not worth it. */
const NEARLY_ALL = 0.8;
const MARGIN = 0.05;

/** The stretch of the axis where the work is: what moves, from its place to where it is lifted, and what the step is about. */
export function windowOf(axis: Axis, stations: readonly StationToDraw[], lift: Lift): Window {
  const all = stations.length > 0 ? stations.map(({ station }) => station) : axis.stations;
  const reach = stations.flatMap((one) => [
    ...ends([one.station]),
    ...ends([one.station]).map((end) => end + lift(one)),
  ]);
  const [left, right] = reach.length === 0 ? ends(all) : [Math.min(...reach), Math.max(...reach)];
  const length = Math.max(1, right - left);
  const work = stations
    .filter((one) => one.marked || one.moving.length > 0)
    .flatMap((one) => [
      ...ends([one.station]),
      ...ends([one.station]).map((end) => end + lift(one)),
    ]);
  const [from, to] =
    work.length === 0
      ? [left, right]
      : [
          Math.max(left, Math.min(...work) - AROUND * length),
          Math.min(right, Math.max(...work) + AROUND * length),
        ];
  const isAll = to - from > NEARLY_ALL * length;
  const [start, end] = isAll ? [left, right] : [from, to];
  const margin = MARGIN * (end - start);
  const seen = all.filter(({ at, width }) => at < end && at + width > start);
  return {
    left: start - margin,
    right: end + margin,
    radius: Math.max(1, ...(seen.length > 0 ? seen : all).map(({ outside }) => outside / 2)),
    whole: isAll ? null : { left, right, stations: all.map(spanOf) },
  };
}

const spanOf = ({ at, width }: Station) => ({ from: at, to: at + width });
