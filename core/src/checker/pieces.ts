import type { Axis, Station, Unit } from '../unit/index.ts';

/** A solid ring of a unit, from one place to another along an axis, between two diameters. mm. */
export interface Piece {
  /** Its station; of a bearing whose rings part, the station with `:cup` or `:cone`. */
  readonly id: string;
  readonly station: Station;
  readonly axisId: string;
  readonly from: number;
  readonly to: number;
  readonly hole: number;
  readonly rim: number;
  /** The part that carries it. */
  readonly on: string;
  /** Whether it is one with that part, goes where it goes, or can be left behind. */
  readonly held: 'one' | 'tight' | 'loose';
  /** The piece that it is pressed into, and goes with; null where that is a part. */
  readonly within: string | null;
}

/** A rubber lip opens by this much, mm. A rule of this program. */
const LIP = 4;
/** A gear sits on a step whose diameter is no further from its bore than this, mm. A rule of this program. */
const SITS = 2;
/** A bush fills a bore that is no further from its outside than this, mm. A rule of this program. */
const FITS = 1;

const turns = (unit: Unit, partId: string): boolean => {
  const kind = unit.parts.find(({ id }) => id === partId)?.kind;
  const on = unit.axes.flatMap(({ stations }) => stations).filter((one) => one.partId === partId);
  const walls = on.some((one) => one.kind === 'housing' || one.kind === 'cover');
  return kind === 'shaft' || (kind === 'carrier' && !walls && on.length > 0);
};

/** Which parts turn: shafts, and carriers that have no wall. */
export const turningParts = (unit: Unit): ReadonlySet<string> =>
  new Set(unit.parts.map(({ id }) => id).filter((id) => turns(unit, id)));

const WITHOUT_OUTLINE = new Set([
  'bolts',
  'oRing',
  'dowel',
  'stud',
  'key',
  'ringSeal',
  'pistonSeal',
]);

/** Every solid ring of a unit. */
export function piecesOf(unit: Unit): readonly Piece[] {
  const turning = turningParts(unit);
  return unit.axes.flatMap((axis) => {
    const bare = axis.stations
      // Bolts, dowels and studs hold, rings give way in their grooves, and a hub has a keyway: none stands in anything's way.
      .filter(({ kind }) => !WITHOUT_OUTLINE.has(kind))
      .flatMap((station) => stationPieces(axis, station, turning));
    return bare.map((piece) => ({ ...piece, within: around(piece, bare) }));
  });
}

/** What a bush is pressed into, where that is no part: what slides on the same shaft, round it, with a bore of its size. */
function around(piece: Bare, others: readonly Bare[]): string | null {
  if (piece.station.kind !== 'bush' && piece.station.kind !== 'drawnCup') return null;
  const holder = others.find(
    (other) =>
      other.on === piece.on &&
      other.held === 'loose' &&
      other !== piece &&
      Math.abs(other.hole - piece.rim) <= FITS &&
      other.from < piece.to &&
      piece.from < other.to,
  );
  return holder?.id ?? null;
}

type Bare = Omit<Piece, 'within'>;

function stationPieces(
  axis: Axis,
  station: Station,
  turning: ReadonlySet<string>,
): readonly Bare[] {
  const { id, kind, at, width, inside, outside, partId } = station;
  const ring = { station, axisId: axis.id, from: at, to: at + width, hole: inside, rim: outside };
  const shaft = shaftFor(axis, station, turning);
  const tight = station.tightRing ?? 'both';
  if (kind === 'housing' || kind === 'cover' || kind === 'shaftStep' || isOnePiece(axis, station))
    return [{ ...ring, id, on: partId, held: 'one' }];
  if ((kind === 'taperedRoller' || kind === 'cylindricalRoller') && !turning.has(partId) && shaft) {
    const between = inside + 0.55 * (outside - inside);
    return [
      { ...ring, id: `${id}:cup`, hole: between, on: partId, held: 'tight' },
      {
        ...ring,
        id: `${id}:cone`,
        rim: between,
        on: shaft,
        held: tight === 'outer' ? 'loose' : 'tight',
      },
    ];
  }
  if (kind === 'ballBearing')
    return [{ ...ring, id, on: tight === 'inner' ? (shaft ?? partId) : partId, held: 'tight' }];
  const hole = kind === 'seal' ? Math.min(inside + LIP, outside) : inside;
  const grips =
    kind === 'nut' || kind === 'snapRing' || kind === 'retainer' || !turning.has(partId);
  return [{ ...ring, id, hole, on: partId, held: grips ? 'tight' : 'loose' }];
}

/** A gear of which no step of its own part fills the bore. */
function isOnePiece(axis: Axis, station: Station): boolean {
  if (station.kind !== 'gear') return false;
  const steps = axis.stations.filter(
    ({ kind, partId }) => kind === 'shaftStep' && partId === station.partId,
  );
  if (station.inside === 0) return true;
  return !steps.some(
    (step) =>
      Math.abs(step.outside - station.inside) <= Math.max(SITS, 0.3 * station.inside) &&
      step.at < station.at + station.width &&
      station.at < step.at + step.width,
  );
}

/** The turning part whose step is nearest in size where a ring stands. */
function shaftFor(axis: Axis, station: Station, turning: ReadonlySet<string>): string | null {
  const steps = axis.stations
    .filter(({ kind, partId }) => kind === 'shaftStep' && turning.has(partId))
    .filter((step) => step.at < station.at + station.width && station.at < step.at + step.width)
    .toSorted(
      (a, b) => Math.abs(a.outside - station.inside) - Math.abs(b.outside - station.inside),
    );
  return steps[0]?.partId ?? null;
}
