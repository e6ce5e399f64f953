import { STATION_KIND_TABLE, type Axis, type Station } from '../unit/index.ts';

/** How much smaller than a bore the step may be that carries what has the bore, as a share. A rule of this program. */
const CARRIED = 0.35;
/** Diameters closer than this are one, mm. A rule of this program. */
const SAME = 0.6;

const alongside = (a: Station, b: Station): boolean =>
  Math.min(a.at + a.width, b.at + b.width) - Math.max(a.at, b.at) > 0.01;

/** Whether a step of a shaft carries what stands round it. */
export function carries(step: Station, station: Station): boolean {
  return (
    step.kind === 'shaftStep' &&
    alongside(step, station) &&
    step.outside <= station.inside + SAME &&
    step.outside >= station.inside * (1 - CARRIED)
  );
}

/** The shaft on which something stands: its own, else the one whose step fits its bore, else the only one. */
export function shaftUnder(
  axis: Axis,
  station: Station,
  shafts: ReadonlySet<string>,
): string | null {
  if (shafts.has(station.partId)) return station.partId;
  const steps = axis.stations.filter(
    ({ kind, partId }) => kind === 'shaftStep' && shafts.has(partId),
  );
  const under = steps
    .filter((step) => carries(step, station))
    .toSorted((a, b) => b.outside - a.outside)[0];
  const [only, ...more] = new Set(steps.map(({ partId }) => partId));
  return under?.partId ?? (more.length === 0 ? (only ?? null) : null);
}

/** The part whose wall stands round something; null where none does. */
export function housingAround(
  axis: Axis,
  station: Station,
  shafts: ReadonlySet<string>,
): string | null {
  const wall = axis.stations.find(
    (one) =>
      STATION_KIND_TABLE[one.kind].form === 'body' &&
      !shafts.has(one.partId) &&
      alongside(one, station) &&
      one.inside >= station.outside - SAME,
  );
  return wall?.partId ?? null;
}
