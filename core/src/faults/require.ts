import { exceeds } from './exceeds.ts';
import { InputError, type FaultCode } from './fault.ts';
import type { Bounds } from './amount.ts';
import type { Wanted } from './wanted.ts';

/** Raise the core's input error for one field. */
export function refuse(code: FaultCode, field: string, value: unknown, wanted: Wanted): never {
  throw new InputError([{ code, field, value, wanted }]);
}

/**
 * Check that `value` is a finite number within `bounds` and return it.
 * @throws InputError `notANumber` or `outOfRange`, naming `field`.
 */
export function requireNumber(field: string, value: unknown, bounds: Bounds = {}): number {
  if (typeof value !== 'number' || !Number.isFinite(value))
    return refuse(value === undefined ? 'missing' : 'notANumber', field, value, {
      id: 'number',
      ...bounds,
    });
  const outside =
    (bounds.min !== undefined && exceeds(bounds.min, value)) ||
    (bounds.max !== undefined && exceeds(value, bounds.max)) ||
    (bounds.above !== undefined && value <= bounds.above) ||
    (bounds.below !== undefined && value >= bounds.below);
  return outside ? refuse('outOfRange', field, value, { id: 'number', ...bounds }) : value;
}

/** As {@link requireNumber}, for whole numbers. */
export function requireInteger(field: string, value: unknown, bounds: Bounds = {}): number {
  const number = requireNumber(field, value, bounds);
  return Number.isInteger(number)
    ? number
    : refuse('outOfRange', field, value, { id: 'number', ...bounds, whole: true });
}

/**
 * Check that `value` is text with something in it, at most `longest` characters, and return it.
 * @throws InputError `missing` or `outOfRange`, naming `field`
 */
export function requireText(field: string, value: unknown, longest: number): string {
  if (typeof value !== 'string' || value.trim() === '')
    return refuse('missing', field, value, { id: 'someText' });
  return value.length <= longest
    ? value
    : refuse('outOfRange', field, value, { id: 'textLength', longest });
}

/**
 * Check that `value` is one of `names` and return it.
 * @throws InputError `unknownName`, listing the names that are known.
 */
export function requireOneOf<Name extends string>(
  field: string,
  value: unknown,
  names: readonly Name[],
): Name {
  const found = names.find((name) => name === value);
  return found ?? refuse('unknownName', field, value, { id: 'oneOf', names });
}

const ID = /^[A-Za-z0-9][A-Za-z0-9:._-]{0,63}$/;

/**
 * Whether a value is an id: 1 to 64 letters, digits or `:._-`, beginning with a letter or digit. A name that every
 * object has, such as `constructor`, is none: what is looked up by it would be found where nothing was put.
 */
export function isId(value: unknown): value is string {
  return typeof value === 'string' && ID.test(value) && !(value in Object.prototype);
}

/**
 * Check that `value` is an id and return it.
 * @throws InputError `unreadable`, naming `field`
 */
export function requireId(field: string, value: unknown): string {
  return isId(value) ? value : refuse('unreadable', field, value, { id: 'id' });
}
