import type { Axis, Part, Station, StationKind, Unit } from '../../unit/index.ts';

/** A station of a drawn unit: what, on which part, from where to where along the axis, between which diameters. mm. */
export const put = (
  [id, kind, partId]: readonly [id: string, kind: StationKind, partId: string],
  [from, to]: readonly [from: number, to: number],
  [inside, outside]: readonly [inside: number, outside: number],
  details: Partial<Station> = {},
): Station => ({
  id,
  kind,
  name: id,
  partId,
  at: from,
  width: to - from,
  inside,
  outside,
  ...details,
});

const PART = { material: null, mass: null, area: null, wall: null };

/** A unit of some parts and axes. */
export const unitOf = (
  parts: Readonly<Record<string, Part['kind']>>,
  axes: readonly Pick<Axis, 'id' | 'arrangement' | 'sets' | 'stations'>[],
): Unit => ({
  id: 'drawn',
  name: 'Drawn unit',
  description: '',
  parts: Object.entries(parts).map(([id, kind]) => ({ ...PART, id, name: id, kind })),
  axes: axes.map((axis) => ({ ...axis, name: axis.id })),
});
