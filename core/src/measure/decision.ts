import { bandWidth, type Band } from './band.ts';
import { NORMAL_FACTOR } from './normalFactor.ts';

/** The three answers of the decision rule, and nothing in between. */
export type DecisionWord = 'conforms' | 'doesNotConform' | 'cannotDecide';

/** A decision with what it rests on. Lengths in mm. */
export interface Decision {
  readonly word: DecisionWord;
  /** Guard band g = k·u at each limit. */
  readonly guard: number;
  /** False when the band is narrower than two guard bands: this instrument can never prove conformity. */
  readonly provable: boolean;
  /** Which limit is passed or in doubt; null when it conforms. */
  readonly limit: 'lower' | 'upper' | null;
}

const EQUAL = 1e-9;

/**
 * Decide about a value, or about the smallest and largest of several places.
 *
 * Conforms when low ≥ lower + g and high ≤ upper − g; does not conform when low < lower − g or
 * high > upper + g; otherwise it cannot be decided. Source: ISO 14253-1, guard band g = k·u for 95 %
 * one-sided.
 *
 * @param low smallest value found, mm
 * @param high largest value found, mm (equal to `low` for a single value)
 * @param guard g, mm, at least 0
 */
export function decide(low: number, high: number, band: Band, guard: number): Decision {
  const lower = band.lower ?? -Infinity;
  const upper = band.upper ?? Infinity;
  const provable = bandWidth(band) + EQUAL >= 2 * guard;
  const inLower = low + EQUAL >= lower + guard;
  const inUpper = high - EQUAL <= upper - guard;
  const result = { guard, provable };
  if (low + EQUAL < lower - guard) return { ...result, word: 'doesNotConform', limit: 'lower' };
  if (high - EQUAL > upper + guard) return { ...result, word: 'doesNotConform', limit: 'upper' };
  if (inLower && inUpper) return { ...result, word: 'conforms', limit: null };
  return { ...result, word: 'cannotDecide', limit: inLower ? 'upper' : 'lower' };
}

/** Decide about a figure that is forecast, by its standard uncertainty. mm. */
export const decideKnown = (
  { value, uncertainty }: { readonly value: number; readonly uncertainty: number },
  band: Band,
): Decision => decide(value, value, band, NORMAL_FACTOR * uncertainty);
