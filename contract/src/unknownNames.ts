import type { InputFault } from '@wendaxis/core/faults';
import type { Schema } from '@wendaxis/core/schema';

/** Most that are told: a value with many names of its own is refused by the first of them. */
const MOST_TOLD = 20;

/**
 * Names of a value that its schema does not have, as faults, at most twenty: looked for once through, so that a value of many
 * thousand names costs no more than its bytes. Empty where there are none, or where the value has another shape altogether.
 */
export function unknownNames(
  { rule }: Schema<unknown>,
  value: unknown,
  path: string,
): readonly InputFault[] {
  if (rule.kind === 'record') return isObject(value) ? ofRecord(rule.fields, value, path) : [];
  if (rule.kind === 'list') return Array.isArray(value) ? ofList(rule.each, value, path) : [];
  return rule.kind === 'orNull' ? unknownNames(rule.of, value, path) : [];
}

function ofRecord(
  fields: Readonly<Record<string, Schema<unknown>>>,
  value: Readonly<Record<string, unknown>>,
  path: string,
): readonly InputFault[] {
  const faults: InputFault[] = [];
  for (const name of Object.keys(value)) {
    const field = `${path}.${name}`;
    faults.push(
      ...(Object.hasOwn(fields, name)
        ? unknownNames(fields[name]!, value[name], field)
        : [
            {
              code: 'unknownName',
              field,
              value: null,
              wanted: { id: 'noSuchField' },
            } as const,
          ]),
    );
    if (faults.length >= MOST_TOLD) return faults.slice(0, MOST_TOLD);
  }
  return faults;
}

function ofList(
  each: Schema<unknown>,
  value: readonly unknown[],
  path: string,
): readonly InputFault[] {
  const faults: InputFault[] = [];
  for (const [at, one] of value.entries()) {
    faults.push(...unknownNames(each, one, `${path}[${at}]`));
    if (faults.length >= MOST_TOLD) return faults.slice(0, MOST_TOLD);
  }
  return faults;
}

const isObject = (value: unknown): value is Readonly<Record<string, unknown>> =>
  typeof value === 'object' && value !== null && !Array.isArray(value);
