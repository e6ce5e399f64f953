import { backlash } from './backlash.ts';
import { depth } from './depth.ts';
import { endPlay } from './endPlay.ts';
import type { FigureRow } from './figureRow.ts';
import { rollingTorque } from './rollingTorque.ts';
import { sideClearance } from './sideClearance.ts';

/** Everything that is set on an axis and judged against a band. */
export const FIGURES = {
  endPlay,
  sideClearance,
  rollingTorque,
  backlash,
  depth,
} as const satisfies Record<string, FigureRow>;

export type FigureKind = keyof typeof FIGURES;
export const FIGURE_KINDS = Object.keys(FIGURES) as readonly FigureKind[];
