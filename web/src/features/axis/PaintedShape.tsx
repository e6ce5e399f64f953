import type { SVGAttributes } from 'react';

import type { Shape } from '@wendaxis/core/drawing';

import { pathData } from './axisPaint.ts';

type Look = Pick<SVGAttributes<SVGElement>, 'fill' | 'stroke' | 'strokeWidth' | 'strokeDasharray'>;

/** A shape of a section, painted; y is turned over, since on a screen it grows downwards. */
export function PaintedShape({ shape, ...look }: Look & { readonly shape: Shape }) {
  if (shape.kind === 'circle')
    return <circle cx={shape.centre.x} cy={-shape.centre.y} r={shape.radius} {...look} />;
  return <path d={pathData(shape)} {...look} />;
}
