import { plainToInstance } from 'class-transformer';
import { validateSync, type ValidationError } from 'class-validator';

import type { InputFault, Wanted } from '@wendaxis/core/faults';

import { plainDataFault } from './plainData.ts';

/**
 * Check a plain value against a DTO class: every field of it, nothing beside it.
 * @param isPlain it was looked at as part of something larger: depth, size, keys and texts are sound
 * @returns the faults, empty when the value is sound
 */
export function checkShape(
  dto: new () => object,
  value: unknown,
  path: string,
  { isPlain = false } = {},
): readonly InputFault[] {
  if (typeof value !== 'object' || value === null || Array.isArray(value))
    return [{ code: 'missing', field: path, value: shortened(value), wanted: { id: 'object' } }];
  const unsound = isPlain ? null : plainDataFault(value, path);
  if (unsound !== null) return [unsound];
  const instance = plainToInstance(dto, value);
  const errors = validateSync(instance, {
    whitelist: true,
    forbidNonWhitelisted: true,
    forbidUnknownValues: true,
    stopAtFirstError: true,
  });
  return errors.flatMap((error) => toFaults(error, path));
}

function toFaults(error: ValidationError, path: string): readonly InputFault[] {
  const step = /^\d+$/.test(error.property) ? `[${error.property}]` : `.${error.property}`;
  const field = `${path}${step}`.replace(/^\./, '');
  const contexts = (error.contexts ?? {}) as Readonly<Record<string, Wanted>>;
  const own = Object.keys(error.constraints ?? {}).map((name): InputFault => ({
    code: name === 'whitelistValidation' ? 'unknownName' : codeOf(error.value as unknown),
    field,
    value: shortened(error.value as unknown),
    wanted: contexts[name] ?? { id: 'noSuchField' },
  }));
  return [...own, ...(error.children ?? []).flatMap((child) => toFaults(child, field))];
}

function codeOf(value: unknown): InputFault['code'] {
  return value === undefined ? 'missing' : 'outOfRange';
}

/** The value as it can be sent back without sending back a book. */
function shortened(value: unknown): unknown {
  if (value === undefined) return null;
  if (typeof value === 'string') return value.slice(0, 80);
  return typeof value === 'object' && value !== null
    ? Array.isArray(value)
      ? '[…]'
      : '{…}'
    : value;
}
