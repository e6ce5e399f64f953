import { findGain, LOAD_PATH, type GainRow } from '../arrangement/index.ts';
import type { Axis, Side, Station } from '../unit/index.ts';
import type { Point, Shape } from './geometry.ts';
import { placeLabels, type StationLabel } from './placeLabels.ts';
import { stationShapes } from './stationShapes.ts';

/** One station as drawn. */
export interface DrawnStation {
  readonly station: Station;
  readonly shapes: readonly Shape[];
  /** Outline of the upper half, for selecting it. */
  readonly box: {
    readonly x: number;
    readonly y: number;
    readonly width: number;
    readonly height: number;
  };
  /** Where its label points to. */
  readonly anchor: Point;
}

/** A stroke from the shaft to the housing through a bearing: the way a push goes. */
export interface LoadStroke {
  readonly stationId: string;
  readonly from: Point;
  readonly to: Point;
  readonly thrust: Side;
}

/** The section of an axis as plain geometry, mm; y is up, the axis lies on y = 0. */
export interface AxisDrawing {
  readonly stations: readonly DrawnStation[];
  readonly loads: readonly LoadStroke[];
  /** Shim sites with the way a thicker shim moves the play. */
  readonly gains: readonly {
    readonly stationId: string;
    readonly row: GainRow;
    readonly anchor: Point;
  }[];
  /** Numbered marks under the section, one for each station that is more than a piece of a casting or shaft. */
  readonly labels: readonly StationLabel[];
  readonly loadPath: string;
  readonly extent: { readonly left: number; readonly right: number; readonly radius: number };
}

/** Room left and right of the outermost stations, as a share of the length. */
const MARGIN = 0.06;

/** Paint order: what stands behind comes first; kinds that are not named stand between. */
const BEHIND: readonly Station['kind'][] = ['shaftStep', 'gear', 'housing', 'cover'];
const IN_FRONT: readonly Station['kind'][] = ['bolts', 'spacer', 'shimSite'];

/** Compute the section drawing of an axis from its stations. */
export function drawAxis(axis: Axis): AxisDrawing {
  const stations = axis.stations.toSorted((a, b) => depthOf(a) - depthOf(b)).map(drawStation);
  if (axis.stations.length === 0) return emptyDrawing(axis);
  const left = Math.min(...axis.stations.map(({ at }) => at));
  const right = Math.max(...axis.stations.map(({ at, width }) => at + width));
  const radius = Math.max(...axis.stations.map(({ outside }) => outside)) / 2;
  const margin = MARGIN * (right - left);
  return {
    stations,
    loads: axis.stations.flatMap(loadStroke),
    gains: axis.stations.flatMap((station) => gainMark(axis, station)),
    labels: placeLabels(axis.stations, { left: left - margin, right: right + margin }),
    loadPath: LOAD_PATH[axis.arrangement],
    extent: { left: left - margin, right: right + margin, radius },
  };
}

function depthOf({ kind }: Station): number {
  return BEHIND.includes(kind) ? BEHIND.indexOf(kind) - BEHIND.length : IN_FRONT.indexOf(kind) + 1;
}

/** The gain of a place, where the arrangement has such a place. */
function gainMark(
  { arrangement }: Axis,
  { id, at, width, outside, place }: Station,
): AxisDrawing['gains'] {
  const row = place === undefined ? null : findGain(arrangement, place);
  if (row === null) return [];
  return [{ stationId: id, row, anchor: { x: at + width / 2, y: outside / 2 } }];
}

/** A bare centre line, for an axis on which nothing stands yet. */
function emptyDrawing({ arrangement }: Axis): AxisDrawing {
  const extent = { left: 0, right: 100, radius: 30 };
  return {
    stations: [],
    loads: [],
    gains: [],
    labels: [],
    loadPath: LOAD_PATH[arrangement],
    extent,
  };
}

function drawStation(station: Station): DrawnStation {
  const { at, width, inside, outside } = station;
  return {
    station,
    shapes: stationShapes(station),
    box: { x: at, y: inside / 2, width, height: (outside - inside) / 2 },
    anchor: { x: at + width / 2, y: outside / 2 },
  };
}

/** From the cone's bore to the cup's back, leaning the way the shaft pushes. */
function loadStroke({
  id,
  kind,
  at,
  width,
  inside,
  outside,
  thrust,
}: Station): readonly LoadStroke[] {
  if (kind !== 'taperedRoller' || thrust === undefined) return [];
  const [back, front] = thrust === 'left' ? [at, at + width] : [at + width, at];
  return [
    { stationId: id, from: { x: front, y: inside / 2 }, to: { x: back, y: outside / 2 }, thrust },
  ];
}
