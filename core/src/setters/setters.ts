import { findGain, UNKNOWN_PLACE, type Arrangement } from '../arrangement/index.ts';
import type { FigureKind } from '../figures/index.ts';
import { carrierSides, type Axis, type Station } from '../unit/index.ts';

/** Kinds of spec that a thickness moves and a guided run measures. */
export type PlayKind = Extract<FigureKind, 'endPlay' | 'sideClearance'>;
export const PLAY_KINDS: readonly PlayKind[] = ['endPlay', 'sideClearance'];

/** By what the play of an axis is set: shims at a site, a spacer turned to length, or a threaded adjuster. */
export type SetterKind = 'pack' | 'spacer' | 'adjuster';

/** A place at which the play of an axis is set. */
export interface Setter {
  readonly kind: SetterKind;
  readonly station: Station;
  /** The figures that are set there. */
  readonly sets: readonly FigureKind[];
}

/** What the table of arrangements says a thickness at a station does; null where its place is not known. */
export function tableGain(
  arrangement: Arrangement,
  { place }: Station,
  kind: PlayKind,
): number | null {
  const row = place === undefined ? null : findGain(arrangement, place);
  return row === null ? null : kind === 'endPlay' ? row.gain : row.sideGain;
}

/**
 * Where the play of an axis is set, one place for each figure that is set by a thickness: the first shim site that
 * moves it; without one a site whose place is not known (two trial builds tell), an adjuster, or a solid spacer.
 * Other shim sites keep their packs. A carrier whose backlash is set too has both of its sides.
 */
export function settersOf(axis: Axis): readonly Setter[] {
  const taken: Setter[] = [...sideSetters(axis)];
  for (const kind of PLAY_KINDS) {
    if (!axis.sets.includes(kind) || (kind === 'endPlay' && taken.length > 0)) continue;
    const setter = setterOf(axis, kind, taken);
    const same = taken.findIndex(({ station }) => station.id === setter?.station.id);
    if (same >= 0) taken[same] = { ...taken[same]!, sets: [...taken[same]!.sets, kind] };
    else if (setter !== null) taken.push({ ...setter, sets: [kind] });
  }
  return taken;
}

/** Both sides of a carrier, where its backlash is set by them too: neither alone can do it. */
function sideSetters(axis: Axis): readonly Setter[] {
  const sides = axis.sets.includes('backlash') ? carrierSides(axis) : null;
  if (sides === null || sides[0].kind !== sides[1].kind) return [];
  const kind = sides[0].kind === 'adjuster' ? 'adjuster' : 'pack';
  return sides.map((station) => ({ kind, station, sets: ['endPlay', 'backlash'] }));
}

function setterOf(
  axis: Axis,
  kind: PlayKind,
  taken: readonly Setter[],
): Omit<Setter, 'sets'> | null {
  const free = axis.stations.filter(({ id }) => taken.every(({ station }) => station.id !== id));
  const moves = (station: Station) => (tableGain(axis.arrangement, station, kind) ?? 0) !== 0;
  const sites = free
    .filter((station) => station.kind === 'shimSite')
    .toSorted((a, b) => Number(isForDepth(axis, a)) - Number(isForDepth(axis, b)));
  const alone = (station: Station) =>
    PLAY_KINDS.every(
      (other) => other === kind || (tableGain(axis.arrangement, station, other) ?? 0) === 0,
    );
  const shims =
    sites.find((station) => moves(station) && alone(station)) ??
    sites.find(moves) ??
    taken.find((setter) => moves(setter.station))?.station;
  if (shims !== undefined) return { kind: 'pack', station: shims };
  const unknown = sites.find(({ place }) => place === UNKNOWN_PLACE);
  if (unknown !== undefined) return { kind: 'pack', station: unknown };
  const adjuster = free.find((station) => station.kind === 'adjuster' && moves(station));
  if (adjuster !== undefined) return { kind: 'adjuster', station: adjuster };
  const spacer = solidSpacerOf(axis);
  return spacer === null || !moves(spacer) ? null : { kind: 'spacer', station: spacer };
}

/** Whether a shim places a pinion whose depth is set: it moves the play besides, and something else sets that. */
const isForDepth = ({ sets }: Axis, { place }: Station): boolean =>
  sets.includes('depth') && (place === 'behindCupInHousing' || place === 'behindHeadCone');

/** The solid spacer of an axis that is turned to length, if there is one whose place is known. */
export function solidSpacerOf({ stations }: Axis): Station | null {
  return (
    stations.find(
      ({ kind, spacerType, place }) =>
        kind === 'spacer' &&
        spacerType === 'solid' &&
        place !== undefined &&
        place !== UNKNOWN_PLACE,
    ) ?? null
  );
}

/** The first place at which the play of an axis is set by shims. */
export function playSite(axis: Axis): Station | undefined {
  return settersOf(axis).find(({ kind }) => kind === 'pack')?.station;
}

/** The setter that a station is, if it is one. */
export function setterAt(axis: Axis, station: Station): Setter | null {
  return settersOf(axis).find((setter) => setter.station.id === station.id) ?? null;
}

/** The solid spacer that sets the preload or play of an axis; null where shims, a sleeve or an adjuster do. */
export function spacerSetter(axis: Axis): Station | null {
  const byPlay = settersOf(axis).find(({ kind }) => kind === 'spacer')?.station;
  if (byPlay !== undefined) return byPlay;
  const others =
    settersOf(axis).length > 0 ||
    axis.stations.some(({ kind, spacerType }) => kind === 'spacer' && spacerType === 'collapsible');
  return !others && axis.sets.includes('rollingTorque') && axis.arrangement === 'backToBack'
    ? solidSpacerOf(axis)
    : null;
}
