import { shimGain } from '../arrangement/index.ts';
import { packUncertainty, type JobState } from '../job/index.ts';
import type { Band } from '../measure/index.ts';
import { packThickness, type PackQuestion, type ShimSize } from '../shims/index.ts';
import { findStation, type Station } from '../unit/index.ts';
import type { JudgedVerdict } from './playProgress.ts';

/** Most pieces in a pack, unless the unit says otherwise. */
export const USUAL_MOST_PIECES = 4;

/**
 * What a pack for a shim site is chosen from: the measured play, the pack it was measured with, the gain of
 * the place, the band and the stock at hand. Where the play follows the angle of the shaft the band is drawn
 * in by the spread, so that every position ends up inside it.
 *
 * @returns null when the site has no pack recorded, or the job no such site or band
 */
export function packQuestion(
  state: JobState,
  verdict: JudgedVerdict,
  site: Station,
  stock: readonly ShimSize[],
): PackQuestion | null {
  const pack = state.packs[site.id];
  const axis = state.unit === null ? null : findStation(state.unit, site.id)?.axis;
  const spec = state.specs.find(({ axisId, kind }) => axisId === axis?.id && kind === 'endPlay');
  if (pack === undefined || !axis || spec === undefined || site.place === undefined) return null;
  const { mean, low, high, uncertainty } = verdict.value;
  const dof = uncertainty.degreesOfFreedom;
  return {
    endPlay: {
      value: mean,
      uncertainty: uncertainty.standard,
      degreesOfFreedom: Number.isFinite(dof) ? dof : null,
    },
    packInPlace: {
      thickness: packThickness(pack.pieces),
      uncertainty: packUncertainty(pack.pieces),
    },
    gain: shimGain(axis.arrangement, site.place).gain,
    band: drawnIn(spec.band, mean - low, high - mean),
    stock,
    mostPieces: USUAL_MOST_PIECES,
  };
}

/** A band drawn in so that a spread about the mean stays inside; as it is when the spread is wider than it. */
function drawnIn(band: Band, below: number, above: number): Band {
  const { lower, upper } = band;
  if (lower !== null && upper !== null && upper - lower <= below + above) return band;
  return {
    lower: lower === null ? null : lower + below,
    upper: upper === null ? null : upper - above,
    target: below + above > 0 ? null : band.target,
  };
}
