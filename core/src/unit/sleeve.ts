import { STATION_KIND_TABLE } from './stationKinds.ts';
import type { Axis, Station } from './unit.ts';

/** The sleeve of an axis that is crushed to its preload. */
export function sleeveOf({ stations }: Axis): Station | null {
  return (
    stations.find(({ kind, spacerType }) => kind === 'spacer' && spacerType === 'collapsible') ??
    null
  );
}

/** A solid spacer, or shims, between the two outermost bearings of an axis. */
export function solidSpacerBetween({ stations }: Axis): Station | null {
  const bearings = stations.filter(({ kind }) => STATION_KIND_TABLE[kind].bearing === 'rolling');
  if (bearings.length < 2) return null;
  const [from, to] = [Math.min(...bearings.map(middleOf)), Math.max(...bearings.map(middleOf))];
  return (
    stations.find(
      (one) =>
        (one.kind === 'spacer' || one.kind === 'shimSite') &&
        middleOf(one) > from &&
        middleOf(one) < to,
    ) ?? null
  );
}

/** What can stand between the rings that a nut draws together, or sets their play beside it. */
const HOLDS_APART: readonly Station['kind'][] = ['spacer', 'adjuster', 'shimSite'];

/**
 * The nut that sets a preload by itself: tapered rollers back to back, a rolling torque set, and nothing between the rings that
 * a thickness could change or that could stop it. Null where there is none; of several the outermost one.
 */
export function preloadNutOf({ arrangement, sets, stations }: Axis): Station | null {
  if (arrangement !== 'backToBack' || !sets.includes('rollingTorque')) return null;
  const cones = stations.filter(({ kind }) => kind === 'taperedRoller');
  if (cones.length < 2) return null;
  const [from, to] = [Math.min(...cones.map(middleOf)), Math.max(...cones.map(middleOf))];
  const isBetween = (station: Station) => middleOf(station) > from && middleOf(station) < to;
  // A shim behind a cup or a cone places the shaft: it lies outside of what the nut draws together.
  if (stations.some((one) => HOLDS_APART.includes(one.kind) && isBetween(one))) return null;
  const nuts = stations.filter((one) => one.kind === 'nut' && !isBetween(one));
  return nuts.toSorted((a, b) => middleOf(b) - middleOf(a))[0] ?? null;
}

const middleOf = ({ at, width }: Station): number => at + width / 2;

/**
 * The nut whose last turn crushes the sleeve of an axis: of several the one nearest to the sleeve. It is only snug
 * until then, and is not turned again afterwards. Where nothing stands between the cones, the nut that sets the preload.
 */
export function sleeveNut(axis: Axis): Station | null {
  const sleeve = sleeveOf(axis);
  const nuts = axis.stations.filter(({ kind }) => kind === 'nut');
  if (sleeve === null) return preloadNutOf(axis);
  if (nuts.length === 0) return null;
  const far = (nut: Station) => Math.abs(middleOf(nut) - middleOf(sleeve));
  return nuts.reduce((nearest, nut) => (far(nut) < far(nearest) ? nut : nearest));
}

/** The station at which a preload is drawn up by the angle of a nut: the sleeve that it crushes, else the nut itself. */
export const drawnUpAt = (axis: Axis): Station | null => sleeveOf(axis) ?? preloadNutOf(axis);

/** Whether a hub on a sleeve is set without preload: to its end play, not to a rolling torque. */
export function setsZeroPlay(axis: Axis): boolean {
  return (
    sleeveOf(axis) !== null && axis.sets.includes('endPlay') && !axis.sets.includes('rollingTorque')
  );
}
