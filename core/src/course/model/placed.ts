import { STATION_KIND_TABLE, type Station, type Unit } from '../../unit/index.ts';
import { shaftParts } from './shaftParts.ts';
import { ringOf, type Ring } from './ring.ts';

/** A station with the axis it stands on. */
export interface Placed {
  readonly station: Station;
  readonly axisId: string;
}

/** What stands where in a unit, and what is one with its part. */
export interface Metal {
  readonly all: readonly Placed[];
  /** Parts that turn, or that others turn on. */
  readonly shafts: ReadonlySet<string>;
  readonly isIntegral: (placed: Placed) => boolean;
  /** The metal of a part along an axis. */
  readonly solid: (partId: string, axisId: string) => readonly Ring[];
  /** Axes along which a part has metal, or along which something stands on it. */
  readonly axesOf: (partId: string) => readonly string[];
}

const NOTHING: readonly Ring[] = [];

/** The metal of a unit. */
export function metalOf(unit: Unit): Metal {
  const all = unit.axes.flatMap(({ id, stations }) =>
    stations.map((station): Placed => ({ station, axisId: id })),
  );
  const shafts = new Set([
    ...shaftParts(unit),
    ...all
      .filter(({ station }) => station.kind === 'shaftStep')
      .map(({ station }) => station.partId),
  ]);
  const isIntegral = ({ station, axisId }: Placed): boolean => {
    if (STATION_KIND_TABLE[station.kind].form === 'body') return true;
    // A gear that no step of its own part carries is cut on it.
    return (
      station.kind === 'gear' &&
      (station.inside <= 0 || !all.some((other) => carriesGear(other, station, axisId)))
    );
  };
  const solids = new Map<string, Map<string, readonly Ring[]>>();
  for (const placed of all)
    if (isIntegral(placed)) {
      const { partId } = placed.station;
      const own = solids.get(partId) ?? new Map<string, readonly Ring[]>();
      own.set(placed.axisId, [...(own.get(placed.axisId) ?? []), ringOf(placed.station)]);
      solids.set(partId, own);
    }
  const axesOf = (partId: string) =>
    unit.axes
      .filter(
        ({ id, stations }) =>
          solids.get(partId)?.has(id) === true ||
          stations.some((one) => one.partId === partId && one.kind !== 'bolts'),
      )
      .map(({ id }) => id);
  const known = new Map(unit.parts.map(({ id }) => [id, axesOf(id)]));
  return {
    all,
    shafts,
    isIntegral,
    solid: (partId, axisId) => solids.get(partId)?.get(axisId) ?? NOTHING,
    axesOf: (partId) => known.get(partId) ?? [],
  };
}

const carriesGear = ({ station, axisId }: Placed, gear: Station, on: string): boolean =>
  station.kind === 'shaftStep' &&
  axisId === on &&
  station.partId === gear.partId &&
  station.at < gear.at + gear.width &&
  station.at + station.width > gear.at;

/** How much wider a bore may be drawn than the step that carries it, mm. A rule of this program. */
const WIDER = 1;
/** Overlap along an axis that counts, mm. */
const ALONGSIDE = 0.01;

/** The shaft under something: the one whose thickest step fits its bore, else any on its axis; null where there is none. */
export function shaftUnder(
  { all, shafts, isIntegral }: Metal,
  { station, axisId }: Placed,
): string | null {
  const on = all.filter((one) => one.axisId === axisId && shafts.has(one.station.partId));
  const under = on
    .filter(isIntegral)
    .filter(
      ({ station: step }) =>
        step.at < station.at + station.width - ALONGSIDE &&
        step.at + step.width > station.at + ALONGSIDE &&
        step.outside <= station.inside + WIDER,
    )
    .toSorted((a, b) => b.station.outside - a.station.outside)[0];
  return (under ?? on[0])?.station.partId ?? null;
}
