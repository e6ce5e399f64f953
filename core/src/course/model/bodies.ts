import { STATION_KIND_TABLE, type Side, type Station } from '../../unit/index.ts';
import type { Body } from './body.ts';
import { lies, ringOf, type Direction, type Ring } from './ring.ts';
import { shaftUnder, type Metal, type Placed } from './placed.ts';

/** A body whose guess is still to be made. */
export type BareBody = Omit<Body, 'guess'>;

const DIRECTIONS: Readonly<Record<Side, Direction>> = { left: -1, right: 1 };
/** Where the section of a cup ends and that of its cone begins, as a share of the bearing's height. A rule of this program. */
const CUP_FROM = 0.6;
/** A lip gives way to what is larger by this in diameter, mm. A rule of this program. */
const LIP_GIVES = 1;

/** Of what no outline is drawn: nothing meets it on its way. */
const WITHOUT_OUTLINE: ReadonlySet<Station['kind']> = new Set([
  'dowel',
  'stud',
  'key',
  'ringSeal',
  'pistonSeal',
]);
/** What is pressed where it stands. */
const PRESSED: ReadonlySet<Station['kind']> = new Set(['bush', 'drawnCup', 'seal']);

/** The bodies of a unit, as described. */
export const bareBodies = (metal: Metal): readonly BareBody[] =>
  metal.all
    .filter((placed) => placed.station.kind !== 'bolts' && !metal.isIntegral(placed))
    .flatMap((placed) => bodiesAt(metal, placed));

function bodiesAt(metal: Metal, placed: Placed): readonly BareBody[] {
  const { kind } = placed.station;
  if (kind === 'ballBearing') return [wholeBearing(metal, placed)];
  // Described on a shaft alone it has no bore that its outer ring stands in.
  if (STATION_KIND_TABLE[kind].bearing === 'rolling' && metal.shafts.has(placed.station.partId))
    return [onShaftAlone(placed)];
  return STATION_KIND_TABLE[kind].bearing === 'rolling'
    ? cupAndCone(metal, placed)
    : [other(metal, placed)];
}

const onShaftAlone = (placed: Placed): BareBody => ({
  ...base(placed),
  piece: 'whole',
  fit: placed.station.tightRing === 'outer' ? 'slide' : 'tight',
  rings: [ringOf(placed.station)],
});

const directionOf = (side: Side | undefined): Direction | null =>
  side === undefined ? null : DIRECTIONS[side];

const base = ({ station, axisId }: Placed) => ({
  id: station.id,
  station,
  axisId,
  host: station.partId,
  isInBody: false,
  alsoOn: null,
  way: directionOf(station.wayIn),
  thrust: directionOf(station.thrust) ?? (0 as const),
  under: null,
});

function cupAndCone(metal: Metal, placed: Placed): readonly BareBody[] {
  const { station } = placed;
  const { inside, outside, tightRing } = station;
  const between = inside + CUP_FROM * (outside - inside);
  const shaft = shaftUnder(metal, placed);
  const cup: BareBody = {
    ...base(placed),
    id: `${station.id}:cup`,
    piece: 'cup',
    fit: tightRing === 'inner' ? 'slide' : 'tight',
    rings: [ringOf(station, between)],
  };
  if (shaft === null) return [cup];
  return [
    cup,
    {
      ...base(placed),
      id: `${station.id}:cone`,
      piece: 'cone',
      host: shaft,
      way: null,
      fit: tightRing === 'outer' ? 'slide' : 'tight',
      rings: [ringOf(station, inside, between)],
    },
  ];
}

/** A bearing that comes as one: it stays with the ring that is tight; with both tight, in its part, and the shaft is pressed through it. */
function wholeBearing(metal: Metal, placed: Placed): BareBody {
  const { tightRing = 'both', partId } = placed.station;
  const shaft = shaftUnder(metal, placed);
  const own = base(placed);
  return {
    ...own,
    piece: 'whole',
    host: tightRing === 'inner' ? (shaft ?? partId) : partId,
    way: tightRing === 'inner' ? null : own.way,
    fit: 'tight',
    alsoOn: tightRing === 'both' ? shaft : null,
    rings: [ringOf(placed.station)],
  };
}

function other(metal: Metal, placed: Placed): BareBody {
  const { station } = placed;
  const { kind, partId, place } = station;
  const carrier = bodyAround(metal, placed);
  const onShaft = metal.shafts.has(partId);
  const isLoose = carrier === null;
  const inJoint =
    kind === 'dowel' ||
    kind === 'stud' ||
    (kind === 'oRing' && !onShaft) ||
    place === 'underCoverFlange';
  const shapeless = WITHOUT_OUTLINE.has(kind) || (kind === 'oRing' && !onShaft && isLoose);
  return {
    ...base(placed),
    piece: null,
    host: carrier ?? partId,
    isInBody: !isLoose,
    fit: PRESSED.has(kind) ? 'tight' : 'slide',
    under: isLoose && inJoint ? partId : null,
    rings: shapeless ? [] : [outlineOf(station)],
  };
}

const outlineOf = (station: Station): Ring =>
  station.kind === 'seal' ? ringOf(station, station.inside + LIP_GIVES) : ringOf(station);

/** Diameters nearer than this are one, and ends that stand out by less are flush, mm. Rules of this program. */
const SAME_DIAMETER = 0.3;
const FLUSH = 0.6;
const IN_BORE: ReadonlySet<Station['kind']> = new Set([
  'bush',
  'looseRollers',
  'drawnCup',
  'seal',
  'oRing',
]);
const ON_OUTSIDE: ReadonlySet<Station['kind']> = new Set(['seal', 'oRing']);

/** The gear, hub or piston that something stands in or on; null where it stands on its part. */
function bodyAround(metal: Metal, { station, axisId }: Placed): string | null {
  const { all, isIntegral } = metal;
  const { kind, at, width, inside, outside } = station;
  const inOwnBore = isInOwnBore(metal, { station, axisId });
  const found = all.find((placed) => {
    const { station: one } = placed;
    if (placed.axisId !== axisId || one === station) return false;
    if ((one.kind !== 'gear' && one.kind !== 'piston') || isIntegral(placed)) return false;
    if (at < one.at - FLUSH || at + width > one.at + one.width + FLUSH) return false;
    return (
      (IN_BORE.has(kind) && Math.abs(one.inside - outside) < SAME_DIAMETER) ||
      (ON_OUTSIDE.has(kind) && !inOwnBore && Math.abs(one.outside - inside) < SAME_DIAMETER) ||
      (kind === 'pistonSeal' && one.kind === 'piston')
    );
  });
  return found?.station.id ?? null;
}

/** A bore holds what is no further from it than this, mm. A rule of this program. */
const IN_ITS_BORE = 1;

/** Whether something stands in a bore of the part it is described on: what runs within it is then no host of it. */
const isInOwnBore = ({ solid }: Metal, { station, axisId }: Placed): boolean =>
  solid(station.partId, axisId).some(
    (ring) => lies(ring, station) && Math.abs(ring.inner - station.outside) < IN_ITS_BORE,
  );
