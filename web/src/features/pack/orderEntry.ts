import { shimGain } from '@wendaxis/core/arrangement';
import { packUncertainty, type JobState } from '@wendaxis/core/job';
import type { OrderableSize, OrderQuestion } from '@wendaxis/core/odds';
import { packThickness, type ShimSize } from '@wendaxis/core/shims';
import type { OrderSubject } from '@wendaxis/core/plan';
import type { Axis } from '@wendaxis/core/unit';

/** Most sizes on a list. */
const MOST_SIZES = 60;
/** How well a pack is known that is only described, mm, standard. A rule of this program. */
const DESCRIBED_PACK = 0.02;

/** Graded sizes from a list; null when it is none: backwards, empty, or too long. */
export function gradedSizes(
  from: number,
  to: number,
  step: number,
): readonly OrderableSize[] | null {
  const count = Math.round((to - from) / step) + 1;
  if (!(from > 0) || !(step > 0) || !(to >= from) || count > MOST_SIZES || to > 20) return null;
  return Array.from({ length: count }, (_, at) => {
    const thickness = Number((from + at * step).toFixed(3));
    return { id: thickness.toFixed(3), thickness, price: null };
  });
}

/** What is known before strip-down, as a question of what to order. */
export function orderQuestion(input: {
  readonly state: JobState;
  readonly axis: Axis;
  readonly subject: OrderSubject;
  readonly stock: readonly ShimSize[];
  readonly sizes: readonly OrderableSize[];
  readonly changedParts: number;
  readonly mostPieces: number;
}): OrderQuestion {
  const { state, axis, subject, stock, sizes, changedParts, mostPieces } = input;
  const { site, spec, verdict } = subject;
  const pack = state.setting.foundPacks[site.id];
  return {
    endPlay: { value: verdict.value.mean, uncertainty: verdict.value.uncertainty.standard },
    packInPlace:
      pack === undefined
        ? { thickness: site.width, uncertainty: DESCRIBED_PACK }
        : { thickness: packThickness(pack.pieces), uncertainty: packUncertainty(pack.pieces) },
    gain: shimGain(axis.arrangement, site.place!).gain,
    band: spec.band,
    changedParts,
    stock,
    orderable: sizes,
    mostPieces,
    wantedOdds: 0.95,
    draws: 4000,
    seed: 20_261_125,
  };
}
