import type { Bounds } from '../faults/index.ts';

/** What a number is held to, by itself and by the numbers that stand beside it (by their names). */
export interface Range extends Pick<Bounds, 'min' | 'max' | 'above'> {
  readonly atLeast?: string;
  readonly atMost?: string;
  readonly moreThan?: string;
  readonly lessThan?: string;
  /** What else is wanted of it, in words; checked by whoever reads it. */
  readonly note?: string;
}

/** Whether a number is outside of its range; what is beside it and no number holds it to nothing. */
export function outsideOf(
  { min, max, above, atLeast, atMost, moreThan, lessThan }: Range,
  value: number,
  beside: Readonly<Record<string, unknown>>,
): boolean {
  const other = (name: string | undefined, otherwise: number): number => {
    const found = name === undefined ? null : beside[name];
    return typeof found === 'number' ? found : otherwise;
  };
  return (
    value < (min ?? -Infinity) ||
    value > (max ?? Infinity) ||
    value <= (above ?? -Infinity) ||
    value < other(atLeast, -Infinity) ||
    value > other(atMost, Infinity) ||
    value <= other(moreThan, -Infinity) ||
    value >= other(lessThan, Infinity)
  );
}

/** The range in words: `0 to 5`, `more than 0, at most 10`, `more than bore`; empty where there is none. */
export function rangeWords(range: Range, unit = ''): string {
  const { min, max, above, atLeast, atMost, moreThan, lessThan, note } = range;
  const both = min !== undefined && max !== undefined;
  const words = [
    both ? `${told(min)} to ${told(max)}` : null,
    above === undefined ? null : `more than ${told(above)}`,
    moreThan === undefined ? null : `more than ${moreThan}`,
    !both && min !== undefined ? `at least ${told(min)}` : null,
    atLeast === undefined ? null : `at least ${atLeast}`,
    !both && max !== undefined ? `at most ${told(max)}` : null,
    atMost === undefined ? null : `at most ${atMost}`,
    lessThan === undefined ? null : `less than ${lessThan}`,
  ].filter((word) => word !== null);
  const within = words.join(', ');
  return [unit === '' || within === '' ? within : `${within} ${unit}`, note]
    .filter(Boolean)
    .join(', ');
}

const told = (value: number): string => String(value).replace('-', '−');
