import { wantedWords, type Wanted } from './wanted.ts';

/** What kind of rule a value broke. Wording lives with the reader; the code is what programs test. */
export type FaultCode =
  | 'missing'
  | 'notANumber'
  | 'outOfRange'
  | 'unreadable'
  | 'unknownName'
  | 'contradiction';

/**
 * One thing wrong with an input, as data.
 *
 * `field` is a path (`cycles[2].lift`), `value` is what was given, `wanted` is what it is held to,
 * as data: the words are put to it where it is read, in the reader's units.
 */
export interface InputFault {
  readonly code: FaultCode;
  readonly field: string;
  readonly value: unknown;
  readonly wanted: Wanted;
}

/** The one error the core raises for bad input. It carries every fault found, never only a sentence. */
export class InputError extends Error {
  readonly faults: readonly InputFault[];

  constructor(faults: readonly InputFault[]) {
    super(faults.map(describeFault).join('; '));
    this.name = 'InputError';
    this.faults = faults;
  }
}

/** A fault as one line, in core units: field, value, and what was expected. A screen puts its own words to it. */
export function describeFault({ field, value, wanted }: InputFault): string {
  return `${field} is ${show(value)}: expected ${wantedWords(wanted)}`;
}

function show(value: unknown): string {
  if (typeof value === 'number' || value === undefined) return String(value);
  const text = JSON.stringify(value) ?? String(value);
  return text.length > 60 ? `${text.slice(0, 57)}…` : text;
}
