import type { FieldErrors, FieldValues, Resolver, ResolverResult } from 'react-hook-form';

import { InputError, type InputFault } from '@wendaxis/core/faults';

/**
 * Lets the core check a form: what was typed is read into what it stands for, and each fault is told at its own field; one
 * whose field the form does not have is told for the form as a whole.
 *
 * @param read what was typed as what it stands for, or what is wrong with it
 * @param tell a fault in words
 */
export function coreResolver<Entry extends FieldValues, Value>(
  read: (entry: Entry) => Value | InputError,
  tell: (fault: InputFault) => string,
): Resolver<Entry, unknown, { readonly value: Value }> {
  return (entry): ResolverResult<Entry, { readonly value: Value }> => {
    const value = read(entry);
    if (!(value instanceof InputError)) return { values: { value }, errors: {} };
    return { values: {} as Record<string, never>, errors: errorsOf(value.faults, entry, tell) };
  };
}

function errorsOf<Entry extends FieldValues>(
  faults: readonly InputFault[],
  entry: Entry,
  tell: (fault: InputFault) => string,
): FieldErrors<Entry> {
  const names = namesOf(entry);
  const told: Record<string, unknown> = {};
  for (const fault of faults) {
    const name = names.find((path) => lastOf(path) === lastOf(fault.field)) ?? 'root';
    const error = { type: fault.code, message: tell(fault) };
    const [first, second] = name.split('.') as [string, string?];
    if (second === undefined) told[first] ??= error;
    else told[first] = { [second]: error, ...(told[first] as object | undefined) };
  }
  return told as FieldErrors<Entry>;
}

/** Names of the fields of a form, those of its groups as `group.field`. */
function namesOf(entry: FieldValues): readonly string[] {
  return Object.entries(entry).flatMap(([name, value]: [string, unknown]) =>
    typeof value === 'object' && value !== null
      ? Object.keys(value).map((inner) => `${name}.${inner}`)
      : [name],
  );
}

const lastOf = (path: string): string => path.slice(path.lastIndexOf('.') + 1);
