import { refuse, requireInteger } from '../faults/index.ts';
import { decide, type Decision } from '../measure/index.ts';
import { guardFor, playOf, requireQuestion, type PackQuestion } from './packQuestion.ts';
import { packThickness, type PackPiece } from './stock.ts';

/** A pack that was put together by hand, judged as the proposed ones are. */
export interface JudgedPack {
  readonly thickness: number;
  readonly pieceCount: number;
  readonly expectedPlay: number;
  /** Expanded uncertainty of the expected play (one-sided 95 %). */
  readonly expandedUncertainty: number;
  readonly decision: Decision;
}

/**
 * Judge a pack that was put together by hand: the play it is expected to give, against the band.
 * @throws InputError naming the field; `contradiction` where more pieces of a size are taken than are at hand, or a size
 *   that is not in the stock
 */
export function judgePack(question: PackQuestion, pieces: readonly PackPiece[]): JudgedPack {
  const q = requireQuestion(question);
  pieces.forEach(({ sizeId, quantity }, at) => {
    const size = q.stock.find(({ id }) => id === sizeId);
    if (size === undefined)
      refuse('contradiction', `pieces[${at}].sizeId`, sizeId, { id: 'sizeOfStock' });
    requireInteger(`pieces[${at}].quantity`, quantity, { min: 0, max: size.count });
  });
  const thickness = packThickness(pieces);
  const pieceCount = pieces.reduce((sum, { quantity }) => sum + quantity, 0);
  const expectedPlay = playOf(q, thickness);
  const expandedUncertainty = guardFor(q)(pieceCount);
  return {
    thickness,
    pieceCount,
    expectedPlay,
    expandedUncertainty,
    decision: decide(expectedPlay, expectedPlay, q.band, expandedUncertainty),
  };
}
