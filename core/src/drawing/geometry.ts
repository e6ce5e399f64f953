/** A point in the section: x along the axis, y away from it. mm. */
export interface Point {
  readonly x: number;
  readonly y: number;
}

/** What a shape shows; the painter decides how. */
export type ShapeRole =
  | 'shaft'
  | 'cup'
  | 'cone'
  | 'roller'
  | 'ball'
  | 'case'
  | 'cover'
  | 'gear'
  | 'seal'
  | 'shim'
  | 'spacer'
  | 'thread'
  | 'fixing'
  | 'bush'
  | 'lip';

/** A closed outline or a circle of the section. */
export type Shape =
  | { readonly kind: 'outline'; readonly role: ShapeRole; readonly points: readonly Point[] }
  | {
      readonly kind: 'circle';
      readonly role: ShapeRole;
      readonly centre: Point;
      readonly radius: number;
    };

/** A rectangle by its corners. */
export function rectangle(role: ShapeRole, x0: number, x1: number, y0: number, y1: number): Shape {
  const points = [
    { x: x0, y: y0 },
    { x: x1, y: y0 },
    { x: x1, y: y1 },
    { x: x0, y: y1 },
  ];
  return { kind: 'outline', role, points };
}

/** The same shape on the other side of the axis. */
export function mirrored(shape: Shape): Shape {
  const flip = ({ x, y }: Point): Point => ({ x, y: -y });
  return shape.kind === 'circle'
    ? { ...shape, centre: flip(shape.centre) }
    : { ...shape, points: shape.points.map(flip) };
}
