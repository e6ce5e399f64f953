/** What kind of rule a value broke. Wording lives with the reader; the code is what programs test. */
export type FaultCode =
  'missing' | 'notANumber' | 'outOfRange' | 'unreadable' | 'unknownName' | 'contradiction';

/**
 * One thing wrong with an input, as data.
 *
 * `field` is a path (`cycles[2].lift`), `value` is what was given, `expected` says in words (with
 * the unit) what would be accepted, which is also the remedy.
 */
export interface InputFault {
  readonly code: FaultCode;
  readonly field: string;
  readonly value: unknown;
  readonly expected: string;
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

/** A fault as one line: field, value, and what was expected. */
export function describeFault(fault: InputFault): string {
  return `${fault.field} is ${show(fault.value)}: expected ${fault.expected}`;
}

function show(value: unknown): string {
  if (typeof value === 'number' || value === undefined) return String(value);
  const text = JSON.stringify(value) ?? String(value);
  return text.length > 60 ? `${text.slice(0, 57)}…` : text;
}
