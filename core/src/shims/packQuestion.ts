import { refuse, requireInteger, requireNumber } from '../faults/index.ts';
import { requireBand, studentFactor, welchSatterthwaite, type Band } from '../measure/index.ts';
import { requireStock, type ShimSize } from './stock.ts';

/** Everything a pack is chosen from. Lengths in mm. */
export interface PackQuestion {
  /** Measured end play and its uncertainty. */
  readonly endPlay: {
    readonly value: number;
    readonly uncertainty: number;
    /** Effective degrees of freedom; null when infinite. */
    readonly degreesOfFreedom: number | null;
  };
  /** The pack in place when it was measured. */
  readonly packInPlace: { readonly thickness: number; readonly uncertainty: number };
  /** ∂(end play)/∂(thickness); not 0. */
  readonly gain: number;
  readonly band: Band;
  /** What is at hand, the pieces now in place included. */
  readonly stock: readonly ShimSize[];
  /** Most pieces in a pack, 1 to 8. */
  readonly mostPieces: number;
}

/** End play to expect with a pack of this total. */
export function playOf(q: PackQuestion, thickness: number): number {
  return q.endPlay.value + q.gain * (thickness - q.packInPlace.thickness);
}

/** Guard band of the play to expect, by the number of pieces: one-sided 95 %, mm. */
export function guardFor(q: PackQuestion): (pieces: number) => number {
  const piece = Math.max(0, ...q.stock.map(({ uncertainty }) => uncertainty));
  return (pieces) => {
    const shims =
      Math.abs(q.gain) * Math.sqrt(q.packInPlace.uncertainty ** 2 + pieces * piece ** 2);
    const parts = [
      {
        standard: q.endPlay.uncertainty,
        degreesOfFreedom: q.endPlay.degreesOfFreedom ?? Infinity,
      },
      { standard: shims, degreesOfFreedom: Infinity },
    ];
    return studentFactor(welchSatterthwaite(parts)) * Math.hypot(q.endPlay.uncertainty, shims);
  };
}

/** @throws InputError naming the field that cannot be used */
export function requireQuestion(q: PackQuestion): PackQuestion {
  const length = { min: -100, max: 100, unit: 'mm' };
  requireNumber('endPlay.value', q.endPlay.value, length);
  requireNumber('endPlay.uncertainty', q.endPlay.uncertainty, { min: 0, max: 1, unit: 'mm' });
  if (q.endPlay.degreesOfFreedom !== null)
    requireNumber('endPlay.degreesOfFreedom', q.endPlay.degreesOfFreedom, { min: 1 });
  requireNumber('packInPlace.thickness', q.packInPlace.thickness, { min: 0, max: 100, unit: 'mm' });
  requireNumber('packInPlace.uncertainty', q.packInPlace.uncertainty, {
    min: 0,
    max: 1,
    unit: 'mm',
  });
  requireNumber('gain', q.gain, { min: -10, max: 10 });
  if (Math.abs(q.gain) < 0.05) refuse('contradiction', 'gain', q.gain, { id: 'gainNotZero' });
  requireBand(q.band);
  requireStock(q.stock);
  requireInteger('mostPieces', q.mostPieces, { min: 1, max: 8 });
  return q;
}
