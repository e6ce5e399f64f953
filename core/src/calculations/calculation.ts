import type { Field, Range } from '../shape/index.ts';

/** A calculation that can be called by name with plain data. */
export interface Calculation {
  readonly name: string;
  readonly summary: string;
  readonly fields: readonly Field[];
  readonly run: (input: never) => unknown;
}

/** One input field: path, type, unit, range and meaning. */
export function field(
  path: string,
  type: Field['type'],
  unit: string,
  range: Range,
  ...[meaning, flag]: readonly [meaning: string, flag?: 'nullable' | 'optional']
): Field {
  return { path, type, unit, range, meaning, ...(flag === undefined ? {} : { [flag]: true }) };
}
