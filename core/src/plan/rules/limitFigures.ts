import { FIGURES } from '../../figures/index.ts';
import { USUAL_RANGE } from '../../gears/index.ts';
import type { Spec } from '../../job/index.ts';
import { bandFigure } from '../figures.ts';
import type { Figure } from '../step.ts';

/** The limits of a figure; of a backlash also how far it may differ round its gear, and where that comes from. */
export function limitFigures({ kind, band, source, mostRange }: Spec): readonly Figure[] {
  const { quantity } = FIGURES[kind];
  const limits = bandFigure('Limits', quantity, band, source);
  if (kind !== 'backlash') return [limits];
  const most = { lower: null, upper: mostRange ?? USUAL_RANGE, target: null };
  const from = mostRange === undefined ? 'Usual; common practice, no source' : source;
  return [limits, bandFigure('Differs round the gear by', quantity, most, from)];
}
