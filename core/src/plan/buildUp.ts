import { FIGURES } from '../figures/index.ts';
import {
  isSeparable,
  isTight,
  STATION_KIND_TABLE,
  type Axis,
  type Part,
  type Station,
  type Unit,
} from '../unit/index.ts';

import { setsZeroPlay } from './sleeveProgress.ts';

/** Whether an axis is built up once to be measured, before it is built up for good. */
export function hasTrial(axis: Axis): boolean {
  return axis.sets.some((kind) => FIGURES[kind].taken === 'run') && !setsZeroPlay(axis);
}

/** A flange over a lip is larger than the lip by more than a worn track, mm. A rule of this program. */
const OVER_LIP = 1;

const middleOf = ({ at, width }: Station): number => at + width / 2;
const endOf = ({ at, width }: Station): number => at + width;

/** Whether something lies nearer to the left end of its axis. */
function isLeftHalf({ stations }: Axis, station: Station): boolean {
  const left = Math.min(...stations.map(({ at }) => at));
  const right = Math.max(...stations.map(endOf));
  return middleOf(station) < (left + right) / 2;
}

/** Whether something goes in from the left: as its way in says, else from the nearer end. */
function comesFromLeft(axis: Axis, station: Station): boolean {
  return station.wayIn === undefined ? isLeftHalf(axis, station) : station.wayIn === 'right';
}

/** What stands further out than something that goes in, on the side from which it comes. */
function outward(axis: Axis, station: Station): readonly Station[] {
  const [own, fromLeft] = [middleOf(station), comesFromLeft(axis, station)];
  return axis.stations.filter(
    (other) =>
      other.id !== station.id && (fromLeft ? middleOf(other) < own : middleOf(other) > own),
  );
}

/** What of a shaft lies over a seal: gears, hubs, flanges, larger than its lip. */
function overLip(unit: Unit, axis: Axis, seal: Station): readonly Station[] {
  const shafts = new Set(shaftsOn(unit, axis));
  return outward(axis, seal).filter(
    ({ kind, partId, outside }) =>
      (kind === 'gear' || kind === 'shaftStep') &&
      shafts.has(partId) &&
      outside > seal.inside + OVER_LIP,
  );
}

/** Whether a seal can no longer go in once the shaft is built up: a nut, a hub or a flange of the shaft lies over it. */
export function isCovered(unit: Unit, axis: Axis, seal: Station): boolean {
  return (
    outward(axis, seal).some(({ kind }) => kind === 'nut') || overLip(unit, axis, seal).length > 0
  );
}

/** Whether a station is a hub that goes onto its shaft over a seal, which has to be in before it. */
export function coversSeal(unit: Unit, axis: Axis, { id, kind }: Station): boolean {
  return (
    kind === 'gear' &&
    axis.stations.some(
      (seal) => seal.kind === 'seal' && overLip(unit, axis, seal).some((over) => over.id === id),
    )
  );
}

/** How far out towards its opening something lies, mm: what lies deepest has the lowest, and goes in first. */
export function outwardness(axis: Axis, station: Station): number {
  return comesFromLeft(axis, station) ? -station.at : station.at;
}

/** Gears, in the order of the shaft, but for hubs that go on over a seal later and those without a bore: one with it. */
export function looseOnShaft(unit: Unit, axis: Axis): readonly Station[] {
  return axis.stations
    .filter((one) => one.kind === 'gear' && one.inside > 0 && !coversSeal(unit, axis, one))
    .toSorted((a, b) => a.at - b.at);
}

/** The shafts whose steps, gears and hubs stand on an axis. */
export function shaftsOn(unit: Unit, { stations }: Axis): readonly string[] {
  const shafts = new Set(unit.parts.filter(({ kind }) => kind === 'shaft').map(({ id }) => id));
  return [...new Set(stations.map(({ partId }) => partId).filter((id) => shafts.has(id)))];
}

/** What has to come off before a pack can be changed: plates at its end and, for shims on a shaft, the cone beside them. */
export function overPack(unit: Unit, axis: Axis, site: Station): readonly Station[] {
  const onShaft = unit.parts.find(({ id }) => id === site.partId)?.kind === 'shaft';
  const cone = onShaft ? coneOver(axis, site) : null;
  return [...platesOver(axis, site), ...(cone === null ? [] : [cone])];
}

/** The tight cone next to a place on a shaft; null where there is none. */
function coneOver({ stations }: Axis, site: Station): Station | null {
  const away = (one: Station) => Math.abs(middleOf(one) - middleOf(site));
  const cones = stations
    .filter((one) => isSeparable(one) && isTight(one, 'inner'))
    .toSorted((a, b) => away(a) - away(b));
  return cones[0] ?? null;
}

/** Retainer plates that lie over a shim site: further out at its end of the axis, and reaching over it. */
function platesOver(axis: Axis, site: Station): readonly Station[] {
  const isLeft = isLeftHalf(axis, site);
  return axis.stations.filter(
    (one) =>
      one.kind === 'retainer' &&
      (isLeft ? middleOf(one) < middleOf(site) : middleOf(one) > middleOf(site)) &&
      one.inside < site.outside &&
      one.outside > site.inside,
  );
}

/** Whether a retainer is reached only once the unit is open: it lies between its own bearing and the other part. */
export function isInside(unit: Unit, { stations }: Axis, retainer: Station): boolean {
  const shafts = new Set(unit.parts.filter(({ kind }) => kind === 'shaft').map(({ id }) => id));
  const others = stations.filter(({ partId }) => partId !== retainer.partId && !shafts.has(partId));
  const held = stations.filter(
    ({ kind, partId }) =>
      partId === retainer.partId && STATION_KIND_TABLE[kind].bearing === 'rolling',
  );
  const side = (one: Station) => Math.sign(middleOf(one) - middleOf(retainer));
  return others.some((other) =>
    held.some((own) => side(other) !== 0 && side(own) === -side(other)),
  );
}

/** Parts that a trial build of an axis joins, and that come apart again for what lies inside. */
export function joinedForTrial(unit: Unit, axis: Axis): readonly Part[] {
  if (!hasTrial(axis)) return [];
  return unit.parts.filter(
    (part) => isJoined(part) && axis.stations.some(({ partId }) => partId === part.id),
  );
}

/** Parts that bolts close on one another. */
export const isJoined = ({ kind }: Part): boolean => kind === 'cover' || kind === 'caseHalf';

/** What comes off for a pack to be changed and goes on again, as a sentence; none where nothing does. */
export function offForPack(unit: Unit, axis: Axis, site: Station): string {
  const opened = joinedForTrial(unit, axis).map(({ name }) => name);
  const over = overPack(unit, axis, site).map(({ name }) => name);
  return [
    opened.length === 0 ? '' : ` ${opened.join(' and ')}: off again for it.`,
    over.length === 0 ? '' : ` ${over.join(' and ')} comes off for it and goes home again.`,
  ].join('');
}
