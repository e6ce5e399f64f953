import type { UnitSystem } from '@wendaxis/core/units';

import { readField, type FieldReading } from '../../ui/QuantityField.tsx';

/** How a difference from the nominal size is counted where it is a bare whole number: as gauges show it. */
export const DIFFERENCE_STEP: Readonly<
  Record<UnitSystem, { readonly mm: number; readonly words: string }>
> = {
  metric: { mm: 0.001, words: 'µm' },
  inch: { mm: 0.00254, words: 'tenths of a thou' },
};

const WHOLE_NUMBER = /^\s*([+−-]?)\s*(\d{1,3})\s*$/u;
const SIGNED = /^\s*[+−-]/u;

/**
 * Read a size, or its difference from the nominal size: a number with a sign is a difference, and where differences are
 * being typed, so is a bare whole number. A size is never negative, so a sign cannot mean anything else.
 * @param nominal mm; null where it is not known, and nothing can be counted from it
 * @returns the size, with whether it was typed as a difference
 */
export function readSize(
  text: string,
  nominal: number | null,
  system: UnitSystem,
  differences: boolean,
): FieldReading & { readonly difference: boolean } {
  const signed = SIGNED.test(text);
  const whole = WHOLE_NUMBER.exec(text);
  const difference = nominal !== null && (signed || (differences && whole !== null));
  if (!difference) return { ...readField(text, 'length', system), difference };
  if (whole !== null) {
    const { mm } = DIFFERENCE_STEP[system];
    const steps = Number(whole[2]) * (whole[1] === '' || whole[1] === '+' ? 1 : -1);
    return { ...asSize(nominal + steps * mm, text), difference };
  }
  const reading = readField(text, 'length', system);
  return reading.status === 'read'
    ? { ...asSize(nominal + reading.quantity.value, text), difference }
    : { ...reading, difference };
}

const asSize = (value: number, text: string): FieldReading => ({
  status: 'read',
  quantity: { kind: 'length', value, unit: 'mm', unitTyped: true, typed: text.trim() },
});
