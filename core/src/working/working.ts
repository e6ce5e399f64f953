import type { QuantityKind } from '../units/index.ts';
import type { SourceId } from '../sources/index.ts';

/** A symbol with its value in core units. `kind` lets a screen show it in either unit system. */
export interface Term {
  readonly symbol: string;
  readonly value: number;
  readonly kind: QuantityKind;
}

/**
 * One line of working: a formula in symbols, the values that went in and the value that came out.
 * A reader can check it with a pencil.
 */
export interface WorkingLine {
  readonly name: string;
  /** The formula in symbols, for example `travel = lift − (zero + return)/2`. */
  readonly formula: string;
  readonly terms: readonly Term[];
  readonly result: Term;
  readonly source: SourceId;
}

/**
 * Write a line of working compactly: terms as `[symbol, value, kind]`.
 * @example line('Drift', 'drift = return − zero', [['zero', 0, 'length'], ['return', 0.002, 'length']],
 *   ['drift', 0.002, 'length'], 'driftRule')
 */
export function line(
  name: string,
  formula: string,
  terms: readonly (readonly [symbol: string, value: number, kind: QuantityKind])[],
  result: readonly [symbol: string, value: number, kind: QuantityKind],
  source: SourceId,
): WorkingLine {
  return { name, formula, terms: terms.map(toTerm), result: toTerm(result), source };
}

function toTerm([symbol, value, kind]: readonly [string, number, QuantityKind]): Term {
  return { symbol, value, kind };
}
