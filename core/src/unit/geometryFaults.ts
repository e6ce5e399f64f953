import { findGain, UNKNOWN_PLACE } from '../arrangement/index.ts';
import { exceeds, InputError, isolated, type InputFault, type Wanted } from '../faults/index.ts';
import { toleranceClass } from '../fits/index.ts';
import { isRatio, PAIR_RATIO, ratioOf } from '../gears/index.ts';
import { oncePerObject } from '../memo/index.ts';
import { isDrawn } from './sizes.ts';
import { teethOf } from './mesh.ts';
import type { Mesh } from './meshRow.ts';
import { SIZE_NAMES } from './unit.ts';
import { STATION_KIND_TABLE } from './stationKinds.ts';
import type { Axis, Station, Unit } from './unit.ts';

/** Faults in the geometry of a unit, by the station at which they are named. */
export type GeometryFaults = Readonly<Record<string, readonly InputFault[]>>;

/** Rings may touch; they are in each other's way from this depth on, mm. */
const TOUCHING = 0.05;

/**
 * What cannot be so in the geometry of a unit, each fault at its station: a bore over the outside diameter, no
 * width, rings in each other's way, a seal deeper than its bore, a place that the arrangement does not have.
 */
export const geometryFaults = oncePerObject((unit: Unit): GeometryFaults => {
  const rows = unit.axes.flatMap((axis) =>
    axis.stations.map((station) => {
      const faults = isolated(() => stationFaults(station, axis));
      return [
        station.id,
        faults.ok
          ? faults.value
          : [fault('station', station.id, { id: 'notWorkedOut', why: faults.fault })],
      ] as const;
    }),
  );
  const byStation = new Map(rows.filter(([, faults]) => faults.length > 0));
  for (const mesh of unit.meshes ?? []) {
    const [own, ratio] = [byStation.get(mesh.drivenId) ?? [], ratioFault(unit, mesh)];
    if (ratio !== null) byStation.set(mesh.drivenId, [...own, ratio]);
  }
  return Object.fromEntries(byStation);
});

/** Teeth of a mesh that give no ratio of a bevel pair. */
function ratioFault(unit: Unit, mesh: Mesh): InputFault | null {
  const teeth = teethOf(unit, mesh);
  return isRatio(teeth)
    ? null
    : fault('teeth', teeth.drivenTeeth, {
        id: 'ratioOfPair',
        ratio: ratioOf(teeth)!,
        ...PAIR_RATIO,
      });
}

function stationFaults(station: Station, axis: Axis): readonly InputFault[] {
  return [
    ...ownSize(station),
    ...depthInBore(station),
    ...torqueBand(station),
    ...seatClasses(station),
    ...placeInArrangement(station, axis),
    ...inTheWay(station, axis.stations),
  ];
}

function ownSize({ kind, width, inside, outside }: Station): readonly InputFault[] {
  return [
    ...(kind !== 'looseRollers' || inside > 0
      ? []
      : [fault('inside', inside, { id: 'journalOfRollers' })]),
    ...(outside > inside ? [] : [fault('outside', outside, { id: 'aboveInside', inside })]),
    ...(width > 0 ? [] : [fault('width', width, { id: 'number', above: 0, unit: 'mm' })]),
  ];
}

function depthInBore({ kind, depth, width, boreDepth }: Station): readonly InputFault[] {
  if (kind !== 'seal' || boreDepth === undefined) return [];
  const inner = (depth ?? 0) + width;
  return !exceeds(inner, boreDepth)
    ? []
    : [fault('depth', depth ?? 0, { id: 'sealInBore', most: boreDepth - width, width, boreDepth })];
}

function torqueBand({ torqueLeast, torqueMost }: Station): readonly InputFault[] {
  if (torqueLeast === undefined || torqueMost === undefined || torqueLeast <= torqueMost) return [];
  return [fault('torqueMost', torqueMost, { id: 'aboveLeastTorque', least: torqueLeast })];
}

/** A class that the standard does not have, for the size it stands at. */
function seatClasses({
  boreClass,
  journalClass,
  outsideClass,
  inside,
  outside,
}: Station): readonly InputFault[] {
  const check = (field: string, name: string | undefined, size: number): readonly InputFault[] => {
    if (name === undefined) return [];
    try {
      const { side } = toleranceClass(name, size, field);
      const wanted = field === 'boreClass' ? 'hole' : 'shaft';
      return side === wanted ? [] : [fault(field, name, { id: 'classOf', side: wanted })];
    } catch (error) {
      if (error instanceof InputError) return error.faults;
      throw error;
    }
  };
  return [
    ...check('boreClass', boreClass, outside),
    ...check('outsideClass', outsideClass, outside),
    ...check('journalClass', journalClass, inside),
  ];
}

function placeInArrangement(
  { kind, place }: Station,
  { arrangement }: Axis,
): readonly InputFault[] {
  if (place === undefined)
    return kind === 'shimSite' ? [fault('place', null, { id: 'placeNeeded' })] : [];
  return place !== UNKNOWN_PLACE && findGain(arrangement, place) === null
    ? [fault('place', place, { id: 'placeOfArrangement' })]
    : [];
}

/** Only sizes that are known can be in each other's way: a drawing in proportion may be wrong. */
function inTheWay(station: Station, all: readonly Station[]): readonly InputFault[] {
  if (STATION_KIND_TABLE[station.kind].form !== 'ring' || isDrawn(station, ...SIZE_NAMES))
    return [];
  const other = all.find(
    (candidate) =>
      candidate.id !== station.id &&
      STATION_KIND_TABLE[candidate.kind].form === 'ring' &&
      !isDrawn(candidate, ...SIZE_NAMES) &&
      overlap(
        station.at,
        station.at + station.width,
        candidate.at,
        candidate.at + candidate.width,
      ) &&
      overlap(station.inside / 2, station.outside / 2, candidate.inside / 2, candidate.outside / 2),
  );
  return other === undefined
    ? []
    : [fault('at', station.at, { id: 'roomOfItsOwn', other: other.name })];
}

function overlap(from: number, to: number, otherFrom: number, otherTo: number): boolean {
  return Math.min(to, otherTo) - Math.max(from, otherFrom) > TOUCHING;
}

function fault(field: string, value: unknown, wanted: Wanted): InputFault {
  return { code: 'contradiction', field, value, wanted };
}
