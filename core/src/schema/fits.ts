import { isId } from '../faults/index.ts';
import { isExistingInstant } from './instant.ts';
import { mayBeLeftOut, type Fields, type Rule, type Schema } from './schema.ts';

type Check = (value: unknown) => boolean;
type Checks = { readonly [K in Rule['kind']]: (rule: Extract<Rule, { kind: K }>) => Check };

/** The id of a step: a rule and what it is about, and how often where that is more than once. */
export const STEP_ID = /^[A-Za-z]{1,40}(:[A-Za-z0-9][A-Za-z0-9:._-]{0,129})?(#[1-9]\d{0,2})?$/;
const UUID = /^[0-9a-f]{8}-[0-9a-f]{4}-[1-8][0-9a-f]{3}-[89ab][0-9a-f]{3}-[0-9a-f]{12}$/i;
/** Text of usual characters, one unit each: anything rarer is left to the longer look. */
const PLAIN = /^[\t\n\r -\u02ff\u2010-\u2027\u2030-\u205e\u2070-\u20bf\u2200-\u22ff]*$/;

const CHECKS: Checks = {
  number:
    ({ min, max }) =>
    (value) =>
      typeof value === 'number' && value >= min && value <= max,
  whole:
    ({ min, max }) =>
    (value) =>
      Number.isInteger(value) && (value as number) >= min && (value as number) <= max,
  text:
    ({ min, max }) =>
    (value) =>
      typeof value === 'string' && value.length >= min && value.length <= max && PLAIN.test(value),
  identifier: () => isId,
  stepId: () => (value) => typeof value === 'string' && STEP_ID.test(value),
  uuid: () => (value) => typeof value === 'string' && UUID.test(value),
  instant: () => isExistingInstant,
  anObject: () => isPlainObject,
  yesNo: () => (value) => typeof value === 'boolean',
  oneOf: ({ names }) => {
    const known = new Set<unknown>(names);
    return (value) => known.has(value);
  },
  someOf: ({ names }) => {
    const known = new Set<unknown>(names);
    return (value) =>
      Array.isArray(value) && value.length <= names.length && value.every((one) => known.has(one));
  },
  list: ({ most, each }) => {
    const fits = checkOf(each);
    return (value) => Array.isArray(value) && value.length <= most && value.every(fits);
  },
  record: ({ fields }) => recordCheck(fields),
  orNull: ({ of }) => {
    const fits = checkOf(of);
    return (value) => value === null || fits(value);
  },
  lookedAtLater: () => () => false,
};

function recordCheck(fields: Fields): Check {
  const rows = Object.entries(fields).map(([name, field]) => ({
    name,
    fits: checkOf(field),
    optional: mayBeLeftOut(field),
  }));
  return (value) => {
    if (!isPlainObject(value)) return false;
    let found = 0;
    for (const { name, fits, optional } of rows) {
      if (!Object.hasOwn(value, name)) {
        if (optional) continue;
        return false;
      }
      if (!fits(value[name])) return false;
      found += 1;
    }
    return Object.keys(value).length === found;
  };
}

function isPlainObject(value: unknown): value is Readonly<Record<string, unknown>> {
  return (
    typeof value === 'object' && value !== null && Object.getPrototypeOf(value) === Object.prototype
  );
}

const compiled = new WeakMap<Schema<unknown>, Check>();

function checkOf(schema: Schema<unknown>): Check {
  const known = compiled.get(schema);
  if (known !== undefined) return known;
  const check = (CHECKS[schema.rule.kind] as (rule: Rule) => Check)(schema.rule);
  compiled.set(schema, check);
  return check;
}

/**
 * Whether a value is surely what a schema asks for. Quick, and one-sided: what it lets through is sound; what it does not
 * is either unsound, or of a sort (rare characters, a value that is looked at later) that wants the longer look.
 */
export function fits<T>(schema: Schema<T>, value: unknown): value is T {
  return checkOf(schema)(value);
}
