import type { Mesh } from './meshRow.ts';
import type { Axis, Station, Unit } from './unit.ts';

/**
 * A mesh between two gears with what the description already says of it: where the depth and the sides are set by the places of
 * shims and adjusters, and which side the ring gear's back faces by where it stands between its bearings. All of it can be
 * changed; what cannot be told is null.
 */
export function likelyMesh(
  unit: Unit,
  id: string,
  driverId: string | null,
  drivenId: string,
): Mesh {
  const axisOf = (stationId: string | null) =>
    unit.axes.find(({ stations }) => stations.some((one) => one.id === stationId));
  const [driver, driven] = [axisOf(driverId), axisOf(drivenId)];
  const depth = driver?.stations.find(
    ({ kind, place }) => kind === 'shimSite' && place !== undefined && DEPTH_PLACES.has(place),
  );
  const sides = driven === undefined ? null : sidesOf(driven, drivenId);
  return {
    id,
    driverId,
    drivenId,
    pressureAngle: null,
    spiralAngle: null,
    cut: null,
    contact: 'squareToFlank',
    depthAt: depth?.id ?? null,
    thicker: 'towards',
    depthBy: null,
    etchingSign: null,
    mountingDistance: null,
    gearSideAt: sides?.gear ?? null,
    otherSideAt: sides?.other ?? null,
  };
}

const DEPTH_PLACES: ReadonlySet<string> = new Set(['behindHeadCone', 'behindCupInHousing']);
const SIDE_PLACES: ReadonlySet<string> = new Set([
  'outboardOfCup',
  'betweenShoulderAndCone',
  'adjusterCupInwards',
]);

/** What sets a carrier at its two sides, left and right; null where it is not set from both. */
export function carrierSides({
  stations,
}: Pick<Axis, 'stations'>): readonly [Station, Station] | null {
  const sets = stations.filter(({ place }) => place !== undefined && SIDE_PLACES.has(place));
  const [left, right] = [sets.at(0), sets.at(-1)];
  return left === undefined || right === undefined || left === right ? null : [left, right];
}

/** Both sides; the ring gear's back faces the one it stands nearer to. */
function sidesOf(
  axis: Axis,
  gearId: string,
): { readonly gear: string; readonly other: string } | null {
  const gear = axis.stations.find(({ id }) => id === gearId);
  const sides = carrierSides(axis);
  if (sides === null || gear === undefined) return null;
  const [left, right] = sides;
  const fromLeft = middle(gear) - middle(left) <= middle(right) - middle(gear);
  return fromLeft ? { gear: left.id, other: right.id } : { gear: right.id, other: left.id };
}

const middle = ({ at, width }: Station): number => at + width / 2;
