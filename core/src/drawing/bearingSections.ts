import type { Station } from '../unit/index.ts';
import { rectangle, type Point, type Shape } from './geometry.ts';

/** Contact angle a tapered roller is drawn with when its own is not known (degrees). */
const DRAWN_TAPER = 14;

/**
 * Cup, cone and roller. The back of the cup (its thick end) is on the side to which the shaft may push, the
 * large end of the roller on the other.
 */
export function taperedRoller({ at, width, inside, outside, thrust }: Station): readonly Shape[] {
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

export function ballBearing({ at, width, inside, outside }: Station): readonly Shape[] {
  const [bore, rim] = [inside / 2, outside / 2];
  const ring = 0.27 * (rim - bore);
  const centre = { x: at + width / 2, y: (bore + rim) / 2 };
  return [
    rectangle('cup', at, at + width, rim - ring, rim),
    rectangle('cone', at, at + width, bore, bore + ring),
    { kind: 'circle', role: 'ball', centre, radius: 0.32 * (rim - bore) },
  ];
}

/** Both rings with shoulders on the inner one, a roller between. */
export function rollerBearing({ at, width, inside, outside }: Station): readonly Shape[] {
  const [bore, rim] = [inside / 2, outside / 2];
  const ring = 0.24 * (rim - bore);
  return [
    rectangle('cup', at, at + width, rim - ring, rim),
    rectangle('cone', at, at + width, bore, bore + ring),
    rectangle('roller', at + 0.2 * width, at + 0.8 * width, bore + ring, rim - ring),
  ];
}

/** A thin cup with lips, long rollers on the shaft. */
export function drawnCup({ at, width, inside, outside }: Station): readonly Shape[] {
  const [bore, rim] = [inside / 2, outside / 2];
  const wall = 0.3 * (rim - bore);
  return [
    rectangle('cup', at, at + width, rim - wall, rim),
    rectangle('roller', at + 0.12 * width, at + 0.88 * width, bore, rim - wall),
  ];
}

/** Rollers lying across, between two thin races. */
export function needleThrust({ at, width, inside, outside }: Station): readonly Shape[] {
  const [bore, rim] = [inside / 2, outside / 2];
  const [from, to] = [bore + 0.15 * (rim - bore), rim - 0.12 * (rim - bore)];
  return [
    rectangle('cup', at, at + 0.25 * width, bore, rim),
    rectangle('roller', at + 0.25 * width, at + 0.75 * width, from, to),
    rectangle('cone', at + 0.75 * width, at + width, bore, rim),
  ];
}
