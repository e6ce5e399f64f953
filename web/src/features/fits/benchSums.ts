import { InputError } from '@wendaxis/core/faults';
import { assumedUnit, UNIT_TABLE, type UnitSystem } from '@wendaxis/core/units';

import { readField } from '../../ui/QuantityField.tsx';
import type { BenchSum, SumAnswer, SumField } from './benchSum.ts';
import { keptUnit } from './keptUnit.ts';
import { BUSH_SUMS } from './bushSums.ts';
import { PLAY_SUMS } from './playSums.ts';

/** The sums, in the order they are offered. */
export const BENCH_SUMS: readonly BenchSum[] = [...BUSH_SUMS, ...PLAY_SUMS];

/** What was typed and chosen for a sum. */
export interface SumTexts {
  readonly texts: Readonly<Record<string, string>>;
  readonly chosen: Readonly<Record<string, string>>;
}

/** Work a sum out; null while something is missing or cannot be read; what it refuses, by the label of the field. */
export function answerSum(
  sum: BenchSum,
  { texts, chosen }: SumTexts,
  system: UnitSystem,
): SumAnswer | InputError | null {
  const figures: Record<string, number | undefined> = {};
  for (const { name, kind, optional } of sum.fields) {
    const reading = readField(texts[name] ?? '', kind, system);
    if (reading.status === 'unreadable' || (reading.status === 'empty' && !optional)) return null;
    if (reading.status === 'read') figures[name] = reading.quantity.value;
  }
  if ((sum.choices ?? []).some(({ name }) => !chosen[name])) return null;
  if (sum.oneOf !== undefined && sum.oneOf.filter((name) => name in figures).length !== 1)
    return null;
  try {
    return sum.run(figures, chosen);
  } catch (error) {
    if (!(error instanceof InputError)) throw error;
    return error;
  }
}

/** The field of a sum that a fault lies in, as the calculation names it; none where it lies in no one field. */
export const fieldOfFault = (sum: BenchSum, fault: string): SumField | undefined =>
  sum.fields.find(({ name, path = name }) => path === fault);

/** What was typed without a unit keeps the one of then when the screen changes its units. */
export function keptUnits(
  sum: BenchSum,
  texts: SumTexts['texts'],
  typedIn: UnitSystem,
): SumTexts['texts'] {
  return Object.fromEntries(
    sum.fields.flatMap(({ name, kind }) => {
      const text = texts[name];
      if (text === undefined) return [];
      const unit = assumedUnit(kind, typedIn);
      const sign = UNIT_TABLE[kind].find(({ id }) => id === unit)?.sign ?? '';
      return [[name, keptUnit(text, sign)]];
    }),
  );
}
