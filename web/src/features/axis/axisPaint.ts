import type { Shape, ShapeRole } from '@wendaxis/core/drawing';

/** How a role is painted on the dyed plate: scribed outlines, steel where it is cut. */
export interface Paint {
  readonly fill: string;
  readonly stroke: string;
}

const SCRIBE = 'var(--scribe)';

const PAINT: Readonly<Record<ShapeRole, Paint>> = {
  shaft: { fill: 'rgb(205 215 232 / 0.16)', stroke: SCRIBE },
  gear: { fill: 'rgb(205 215 232 / 0.1)', stroke: 'var(--scribe-soft)' },
  case: { fill: 'right', stroke: SCRIBE },
  cover: { fill: 'left', stroke: SCRIBE },
  cup: { fill: 'rgb(226 233 255 / 0.55)', stroke: SCRIBE },
  cone: { fill: 'rgb(226 233 255 / 0.38)', stroke: SCRIBE },
  roller: { fill: 'rgb(226 233 255 / 0.9)', stroke: SCRIBE },
  ball: { fill: 'rgb(226 233 255 / 0.9)', stroke: SCRIBE },
  seal: { fill: 'rgb(226 233 255 / 0.7)', stroke: SCRIBE },
  lip: { fill: 'rgb(10 14 40 / 0.8)', stroke: SCRIBE },
  spacer: { fill: 'rgb(227 173 69 / 0.35)', stroke: 'var(--brass)' },
  thread: { fill: 'rgb(227 173 69 / 0.22)', stroke: SCRIBE },
  fixing: { fill: 'rgb(205 215 232 / 0.42)', stroke: SCRIBE },
  bush: { fill: 'rgb(227 173 69 / 0.28)', stroke: SCRIBE },
  shim: { fill: 'var(--brass)', stroke: 'var(--brass)' },
};

/** Paint of a role; what is cut is hatched with the drawing's own pattern. */
export function paintOf(role: ShapeRole, hatch: string): Paint {
  const paint = PAINT[role];
  const cut = paint.fill === 'left' || paint.fill === 'right';
  return cut ? { ...paint, fill: `url(#${CSS.escape(hatch + paint.fill)})` } : paint;
}

/** An outline as SVG path data; y is turned over, since on a screen it grows downwards. */
export function pathData(shape: Extract<Shape, { kind: 'outline' }>): string {
  return `M${shape.points.map(({ x, y }) => `${x} ${-y}`).join('L')}Z`;
}
