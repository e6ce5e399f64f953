import type { Station, StationKind } from '../unit/index.ts';
import { mirrored, rectangle, type Point, type Shape } from './geometry.ts';

type Section = (station: Station) => readonly Shape[];

/** Contact angle a tapered roller is drawn with when its own is not known (degrees). */
const DRAWN_TAPER = 14;

/** The half section above the axis, for each kind of station. */
const SECTIONS: Readonly<Record<StationKind, Section>> = {
  taperedRoller,
  ballBearing,
  seal,
  gear: (station) => [plain(station, 'gear')],
  housing: (station) => [plain(station, 'case')],
  cover: (station) => [plain(station, 'cover')],
  shimSite: (station) => [plain(station, 'shim')],
  shaftStep: (station) => [plain(station, 'shaft')],
};

/** Both halves of the section of a station. */
export function stationShapes(station: Station): readonly Shape[] {
  const upper = SECTIONS[station.kind](station);
  // A solid shaft is one piece across the axis.
  if (station.kind === 'shaftStep' && station.inside === 0) {
    const radius = station.outside / 2;
    return [rectangle('shaft', station.at, station.at + station.width, -radius, radius)];
  }
  return [...upper, ...upper.map(mirrored)];
}

function plain({ at, width, inside, outside }: Station, role: Shape['role']): Shape {
  return rectangle(role, at, at + width, inside / 2, outside / 2);
}

/**
 * Cup, cone and roller. The back of the cup (its thick end) is on the side to which the shaft may push, the
 * large end of the roller on the other.
 */
function taperedRoller({ at, width, inside, outside, thrust }: Station): readonly Shape[] {
  const [bore, rim] = [inside / 2, outside / 2];
  const height = rim - bore;
  const middle = { x: width / 2, y: (bore + rim) / 2 };
  const half = { length: 0.3 * width, radius: 0.2 * height };
  const slope = Math.tan((DRAWN_TAPER * Math.PI) / 180);
  const rollerEdge = (x: number, side: 1 | -1) =>
    middle.y + (x - middle.x) * slope + side * half.radius;
  const [from, to] = [middle.x - half.length, middle.x + half.length];
  // Drawn pushing to the left: thick cup end left, large roller end right; turned over for the right.
  const cup: Point[] = [
    { x: 0, y: rim },
    { x: 0.8 * width, y: rim },
    { x: 0.8 * width, y: rollerEdge(0.8 * width, 1) },
    { x: 0, y: rollerEdge(0, 1) },
  ];
  const rib = rollerEdge(to, -1) + 0.45 * half.radius;
  const cone: Point[] = [
    { x: 0.14 * width, y: bore },
    { x: width, y: bore },
    { x: width, y: rib },
    { x: to, y: rib },
    { x: to, y: rollerEdge(to, -1) },
    { x: from, y: rollerEdge(from, -1) },
    { x: 0.14 * width, y: rollerEdge(from, -1) },
  ];
  const roller: Point[] = [
    { x: from, y: rollerEdge(from, -1) },
    { x: to, y: rollerEdge(to, -1) },
    { x: to, y: rollerEdge(to, 1) },
    { x: from, y: rollerEdge(from, 1) },
  ];
  const place = ({ x, y }: Point): Point => ({
    x: thrust === 'right' ? at + width - x : at + x,
    y,
  });
  return (
    [
      ['cup', cup],
      ['cone', cone],
      ['roller', roller],
    ] as const
  ).map(([role, points]) => ({ kind: 'outline', role, points: points.map(place) }));
}

function ballBearing({ at, width, inside, outside }: Station): readonly Shape[] {
  const [bore, rim] = [inside / 2, outside / 2];
  const ring = 0.27 * (rim - bore);
  const centre = { x: at + width / 2, y: (bore + rim) / 2 };
  return [
    rectangle('cup', at, at + width, rim - ring, rim),
    rectangle('cone', at, at + width, bore, bore + ring),
    { kind: 'circle', role: 'ball', centre, radius: 0.32 * (rim - bore) },
  ];
}

/** Metal case against the bore, lip on the shaft. */
function seal({ at, width, inside, outside }: Station): readonly Shape[] {
  const [shaft, rim] = [inside / 2, outside / 2];
  const wall = Math.min(0.18 * width, 1.5);
  const lip: Point[] = [
    { x: at + wall, y: shaft + 0.45 * (rim - shaft) },
    { x: at + 0.75 * width, y: shaft },
    { x: at + 0.9 * width, y: shaft + 0.12 * (rim - shaft) },
    { x: at + 0.45 * width, y: shaft + 0.62 * (rim - shaft) },
  ];
  return [
    rectangle('seal', at, at + width, rim - wall, rim),
    rectangle('seal', at, at + wall, shaft + 0.45 * (rim - shaft), rim),
    { kind: 'outline', role: 'lip', points: lip },
  ];
}
