import type { Shape, ShapeRole } from '@wendaxis/core/drawing';

/** How a role is painted on the dyed plate: scribed outlines, steel where it is cut. */
export interface Paint {
  readonly fill: string;
  readonly stroke: string;
}

const SCRIBE = 'var(--scribe)';

export const PAINT: Readonly<Record<ShapeRole, Paint>> = {
  shaft: { fill: 'rgb(205 215 232 / 0.16)', stroke: SCRIBE },
  gear: { fill: 'rgb(205 215 232 / 0.1)', stroke: 'var(--scribe-soft)' },
  case: { fill: 'url(#cut-right)', stroke: SCRIBE },
  cover: { fill: 'url(#cut-left)', stroke: SCRIBE },
  cup: { fill: 'rgb(226 233 255 / 0.55)', stroke: SCRIBE },
  cone: { fill: 'rgb(226 233 255 / 0.38)', stroke: SCRIBE },
  roller: { fill: 'rgb(226 233 255 / 0.9)', stroke: SCRIBE },
  ball: { fill: 'rgb(226 233 255 / 0.9)', stroke: SCRIBE },
  seal: { fill: 'rgb(226 233 255 / 0.7)', stroke: SCRIBE },
  lip: { fill: 'rgb(10 14 40 / 0.8)', stroke: SCRIBE },
  shim: { fill: 'var(--brass)', stroke: 'var(--brass)' },
};

/** An outline as SVG path data; y is turned over, since on a screen it grows downwards. */
export function pathData(shape: Extract<Shape, { kind: 'outline' }>): string {
  return `M${shape.points.map(({ x, y }) => `${x} ${-y}`).join('L')}Z`;
}
