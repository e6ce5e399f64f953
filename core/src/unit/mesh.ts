import { refuse, requireId, requireNumber, requireOneOf } from '../faults/index.ts';
import {
  BACKLASH_CONTACTS,
  DEPTH_METHODS,
  ETCHING_SIGNS,
  isRatio,
  requirePair,
  TOOTH_CUTS,
  type GearPair,
} from '../gears/index.ts';
import { DEPTH_MOVES, type Mesh } from './meshRow.ts';
import type { Axis, Station, Unit } from './unit.ts';

/** Most meshes in a unit. */
export const MOST_MESHES = 6;

/** A gear and the axis it is on. */
export interface MeshGear {
  readonly axis: Axis;
  readonly station: Station;
}

/** The two gears of a mesh, and the axes they are on; a driver of another unit is null. */
export function gearsOf(
  { axes }: Pick<Unit, 'axes'>,
  { driverId, drivenId }: Mesh,
): { readonly driver: MeshGear | null; readonly driven: MeshGear | null } {
  const find = (stationId: string | null): MeshGear | null => {
    for (const axis of axes) {
      const station = axis.stations.find(({ id }) => id === stationId);
      if (station !== undefined) return { axis, station };
    }
    return null;
  };
  return { driver: find(driverId), driven: find(drivenId) };
}

/** The pair as it is known: its teeth are those of the gears; none are taken that give no ratio of a bevel pair. */
export function pairOf(unit: Pick<Unit, 'axes'>, mesh: Mesh): GearPair {
  const { pressureAngle, spiralAngle, cut } = mesh;
  const teeth = teethOf(unit, mesh);
  const { driverTeeth, drivenTeeth } = isRatio(teeth)
    ? teeth
    : { driverTeeth: null, drivenTeeth: null };
  return { driverTeeth, drivenTeeth, pressureAngle, spiralAngle, cut };
}

/** Teeth of both gears as described. */
export function teethOf(
  unit: Pick<Unit, 'axes'>,
  mesh: Mesh,
): Pick<GearPair, 'driverTeeth' | 'drivenTeeth'> {
  const { driver, driven } = gearsOf(unit, mesh);
  return {
    driverTeeth: driver?.station.teeth ?? null,
    drivenTeeth: driven?.station.teeth ?? null,
  };
}

/** The mesh in which an axis drives or is driven; null where it is in none. */
export function meshOf(unit: Unit, axis: Axis): Mesh | null {
  const has = (id: string | null) => axis.stations.some((station) => station.id === id);
  return (
    (unit.meshes ?? []).find(({ driverId, drivenId }) => has(drivenId) || has(driverId)) ?? null
  );
}

/**
 * Check a mesh against the unit it is in: gears that are gears on different axes, sites that set something, numbers that can be. What
 * the teeth of the gears give is told at the gear.
 * @throws InputError naming the field
 */
export function requireMesh(mesh: Mesh, unit: Pick<Unit, 'axes'>, field: string): Mesh {
  if (typeof mesh !== 'object' || mesh === null)
    return refuse('missing', field, mesh, { id: 'object' });
  requireId(`${field}.id`, mesh.id);
  requireOneOf(`${field}.contact`, mesh.contact, BACKLASH_CONTACTS);
  requireOneOf(`${field}.thicker`, mesh.thicker, DEPTH_MOVES);
  if (mesh.cut !== null) requireOneOf(`${field}.cut`, mesh.cut, TOOTH_CUTS);
  if (mesh.depthBy !== null) requireOneOf(`${field}.depthBy`, mesh.depthBy, DEPTH_METHODS);
  if (mesh.etchingSign !== null)
    requireOneOf(`${field}.etchingSign`, mesh.etchingSign, ETCHING_SIGNS);
  if (mesh.mountingDistance !== null)
    requireNumber(`${field}.mountingDistance`, mesh.mountingDistance, {
      min: 1,
      max: 1000,
      unit: 'mm',
    });
  const { driver, driven } = gearsOf(unit, mesh);
  if (driven?.station.kind !== 'gear')
    refuse('unknownName', `${field}.drivenId`, mesh.drivenId, { id: 'gearOfUnit' });
  if (mesh.driverId !== null && driver?.station.kind !== 'gear')
    refuse('unknownName', `${field}.driverId`, mesh.driverId, { id: 'gearOfUnit' });
  if (driver !== null && driver.axis.id === driven!.axis.id)
    refuse('contradiction', `${field}.driverId`, mesh.driverId, { id: 'gearOfAnotherAxis' });
  requireSite(`${field}.depthAt`, mesh.depthAt, driver?.axis, ['shimSite']);
  requireSite(`${field}.gearSideAt`, mesh.gearSideAt, driven!.axis, SETS_SIDE);
  requireSite(`${field}.otherSideAt`, mesh.otherSideAt, driven!.axis, SETS_SIDE);
  if (mesh.gearSideAt !== null && mesh.gearSideAt === mesh.otherSideAt)
    refuse('contradiction', `${field}.otherSideAt`, mesh.otherSideAt, { id: 'otherSideOfCarrier' });
  const { pressureAngle, spiralAngle, cut } = mesh;
  requirePair(
    { driverTeeth: null, drivenTeeth: null, pressureAngle, spiralAngle, cut },
    `${field}.`,
  );
  return mesh;
}

const SETS_SIDE: readonly Station['kind'][] = ['shimSite', 'adjuster'];

function requireSite(
  field: string,
  stationId: string | null,
  axis: Axis | undefined,
  kinds: readonly Station['kind'][],
): void {
  if (stationId === null) return;
  const station = axis?.stations.find(({ id }) => id === stationId);
  if (station === undefined || !kinds.includes(station.kind))
    refuse('unknownName', field, stationId, { id: 'settingOfAxis' });
}

/**
 * The meshes that still stand in a unit: without its driven gear, or with both gears on one axis, there is none; of a gear or a
 * setting that is gone, or is something else by now, nothing is known.
 */
export function meshesLeft(unit: Unit): Unit {
  if (unit.meshes === undefined) return unit;
  return {
    ...unit,
    meshes: unit.meshes.flatMap((mesh) => {
      const { driver, driven } = gearsOf(unit, mesh);
      if (driven?.station.kind !== 'gear' || driver?.axis.id === driven.axis.id) return [];
      const drives = driver?.station.kind === 'gear' ? driver : null;
      const at = (id: string | null, axis: Axis | undefined, kinds: readonly Station['kind'][]) =>
        axis?.stations.some((one) => one.id === id && kinds.includes(one.kind)) === true
          ? id
          : null;
      return [
        {
          ...mesh,
          driverId: drives === null ? null : mesh.driverId,
          depthAt: at(mesh.depthAt, drives?.axis, ['shimSite']),
          gearSideAt: at(mesh.gearSideAt, driven.axis, SETS_SIDE),
          otherSideAt: at(mesh.otherSideAt, driven.axis, SETS_SIDE),
        },
      ];
    }),
  };
}

/** Put a mesh in, in place of one with its id. */
export function withMesh(unit: Unit, mesh: Mesh): Unit {
  const others = (unit.meshes ?? []).filter(({ id }) => id !== mesh.id);
  return { ...unit, meshes: [...others, mesh] };
}

/** Take a mesh away. */
export function withoutMesh(unit: Unit, meshId: string): Unit {
  return { ...unit, meshes: (unit.meshes ?? []).filter(({ id }) => id !== meshId) };
}
