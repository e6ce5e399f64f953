import type { Wanted } from '../faults/index.ts';

declare const TYPE: unique symbol;

/** What a value must be, as data: from one schema follow its TypeScript type, its check and its refusal. */
export interface Schema<T> {
  readonly rule: Rule;
  readonly [TYPE]: T;
}

/** A field that may be left out. */
export interface LeftOut<T> extends Schema<T> {
  readonly leftOut: true;
}

/** The type of what a schema lets through. */
export type TypeOf<S> = S extends Schema<infer T> ? T : never;

/** The rules there are. Bounds are inclusive; `unit` is for the words of a refusal. */
export type Rule =
  | { readonly kind: 'number'; readonly min: number; readonly max: number; readonly unit: string }
  | {
      readonly kind: 'whole';
      readonly min: number;
      readonly max: number;
      readonly past: Wanted | undefined;
    }
  | { readonly kind: 'text'; readonly max: number; readonly min: number }
  | { readonly kind: 'identifier' }
  | { readonly kind: 'stepId' }
  | { readonly kind: 'uuid' }
  | { readonly kind: 'instant' }
  | { readonly kind: 'yesNo' }
  | { readonly kind: 'oneOf'; readonly names: readonly string[] }
  /** Some of a list of names. */
  | { readonly kind: 'someOf'; readonly names: readonly string[] }
  | { readonly kind: 'list'; readonly most: number; readonly each: Schema<unknown> }
  | { readonly kind: 'record'; readonly fields: Fields }
  | { readonly kind: 'orNull'; readonly of: Schema<unknown> }
  /** Any object: another schema looks into it. */
  | { readonly kind: 'anObject' }
  /** Whatever is there: a rule that joins several fields looks at it. */
  | { readonly kind: 'lookedAtLater' };

/** Fields of a record, by name. */
export type Fields = Readonly<Record<string, Schema<unknown>>>;

type OptionalNames<F> = { [K in keyof F]: F[K] extends LeftOut<unknown> ? K : never }[keyof F];
type Flat<T> = { readonly [K in keyof T]: T[K] };
/** The type of a record of fields. */
export type RecordOf<F> = Flat<
  { readonly [K in Exclude<keyof F, OptionalNames<F>>]: TypeOf<F[K]> } & {
    readonly [K in OptionalNames<F>]?: TypeOf<F[K]>;
  }
>;

function schema<T>(rule: Rule): Schema<T> {
  return { rule } as Schema<T>;
}

/** A finite number within bounds, in a unit; an empty unit for a bare number. */
export const number = (min: number, max: number, unit = '') =>
  schema<number>({ kind: 'number', min, max, unit });
/** A length, mm. */
export const millimetres = (min: number, max: number) => number(min, max, 'mm');
/** An angle, degrees. */
export const degrees = (min: number, max: number) => number(min, max, '°');
/** A whole number within bounds. @param past what is held to instead of the bounds */
export const whole = (min: number, max: number, past?: Wanted) =>
  schema<number>({ kind: 'whole', min, max, past });
/** Text that a person wrote, of at most so many characters. */
export const text = (max: number, min = 0) => schema<string>({ kind: 'text', max, min });
/** An id, as `isId` knows it. */
export const identifier = () => schema<string>({ kind: 'identifier' });
/** The id of a step of a plan: its rule, and what it is about. */
export const stepId = () => schema<string>({ kind: 'stepId' });
export const uuid = () => schema<string>({ kind: 'uuid' });
/** An instant as RFC 3339 writes it, of a day and a time that exist. */
export const instant = () => schema<string>({ kind: 'instant' });
export const anObject = () => schema<object>({ kind: 'anObject' });
export const yesNo = () => schema<boolean>({ kind: 'yesNo' });
export const oneOf = <const Name extends string>(names: readonly Name[]) =>
  schema<Name>({ kind: 'oneOf', names });
export const someOf = <const Name extends string>(names: readonly Name[]) =>
  schema<readonly Name[]>({ kind: 'someOf', names });
/** A list of objects, of at most so many. */
export const list = <T>(most: number, each: Schema<T>) =>
  schema<readonly T[]>({ kind: 'list', most, each });
export const record = <const F extends Fields>(fields: F) =>
  schema<RecordOf<F>>({ kind: 'record', fields });
/** Null is a value of its own; the field must be there. */
export const orNull = <T>(of: Schema<T>) => schema<T | null>({ kind: 'orNull', of });
export const lookedAtLater = <T>() => schema<T>({ kind: 'lookedAtLater' });
/** The field may be left out; null is not leaving it out. */
export const leftOut = <T>(of: Schema<T>): LeftOut<T> => ({ ...of, leftOut: true });

/** Whether a field may be left out. */
export function mayBeLeftOut(field: Schema<unknown>): boolean {
  return 'leftOut' in field;
}
