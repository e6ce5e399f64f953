import 'reflect-metadata';

import fc from 'fast-check';

import { drawsFrom, randomLog } from '@wendaxis/core/draws';
import { JOB_EVENTS, WORKSHOP_EVENTS, type AnyEventRow } from '@wendaxis/core/job';
import { fits, lookedAtLater, type Rule, type Schema } from '@wendaxis/core/schema';

import { checkShape } from './checkShape.ts';
import { dtoOf } from './dtoOf.ts';

type Drawn = {
  readonly [K in Rule['kind']]: (rule: Extract<Rule, { kind: K }>) => fc.Arbitrary<unknown>;
};

const edges = (min: number, max: number) => fc.constantFrom(min, max);
/** Values that a rule lets through, its bounds among them. */
const SOUND: Drawn = {
  number: ({ min, max }) => fc.oneof(edges(min, max), fc.double({ min, max, noNaN: true })),
  whole: ({ min, max }) => fc.oneof(edges(min, max), fc.integer({ min, max })),
  text: ({ min, max }) =>
    fc.string({
      minLength: min,
      maxLength: Math.min(max, min + 20),
      unit: fc.constantFrom('a', '°', '…', '″', ' '),
    }),
  identifier: () => fc.constantFrom('a', 'bearing-left', 'box-0.250'),
  stepId: () => fc.constantFrom('drain', 'pull:bearing-left'),
  uuid: () => fc.uuid(),
  instant: () => fc.constantFrom('2026-11-24T08:00:00.000Z', '2028-02-29T23:59:59+01:00'),
  anObject: () => fc.constantFrom({}, { of: 'any sort' }),
  yesNo: () => fc.boolean(),
  oneOf: ({ names }) => fc.constantFrom(...names),
  someOf: ({ names }) => fc.subarray([...names]),
  list: ({ most, each }) => fc.array(sound(each), { maxLength: Math.min(most, 3) }),
  record: ({ fields }) =>
    fc.record(
      Object.fromEntries(Object.entries(fields).map(([name, field]) => [name, sound(field)])),
      {
        noNullPrototype: true,
        requiredKeys: Object.entries(fields)
          .filter(([, field]) => !('leftOut' in field))
          .map(([name]) => name),
      },
    ),
  orNull: ({ of }) => fc.option(sound(of)),
  lookedAtLater: () => fc.constantFrom<unknown>('greyIron', {}),
};
function sound({ rule }: Schema<unknown>): fc.Arbitrary<unknown> {
  return (SOUND[rule.kind] as (rule: Rule) => fc.Arbitrary<unknown>)(rule);
}

const ODD: readonly unknown[] = [
  null,
  undefined,
  '',
  'x',
  '__proto__',
  'a\0b',
  '\ud800',
  -1,
  0.5,
  1e9,
  Number.NaN,
  true,
  [],
  {},
  ['a'],
  [{}],
];

/** Copies of a value with something odd at one place, or a field too many. */
function spoilt(value: unknown): fc.Arbitrary<unknown> {
  const own = fc.constantFrom(...ODD);
  if (typeof value !== 'object' || value === null) return own;
  const names = Object.keys(value);
  const extra = Array.isArray(value) ? own : own.map((odd) => ({ ...value, extra: odd }));
  if (names.length === 0) return fc.oneof(own, extra);
  const inside = fc
    .constantFrom(...names)
    .chain((name) =>
      spoilt((value as Record<string, unknown>)[name]).map((odd) =>
        Array.isArray(value) ? value.with(Number(name), odd) : { ...value, [name]: odd },
      ),
    );
  return fc.oneof({ arbitrary: inside, weight: 6 }, own, extra);
}

const ROWS = Object.values({ ...WORKSHOP_EVENTS, ...JOB_EVENTS }) as readonly Pick<
  AnyEventRow<unknown>,
  'type' | 'data'
>[];
const faults = (schema: Schema<unknown>, value: unknown) =>
  checkShape(dtoOf(schema), value, 'data').length;
/** Whether what is looked at later is in it: the quick look leaves that to the longer one. */
const laterIn = ({ rule }: Schema<unknown>): boolean =>
  rule.kind === 'lookedAtLater' ||
  (rule.kind === 'record' && Object.values(rule.fields).some(laterIn)) ||
  (rule.kind === 'list' && laterIn(rule.each)) ||
  (rule.kind === 'orNull' && laterIn(rule.of));

describe('the two ways of looking at what an event carries', () => {
  test.each(ROWS.map(({ type, data }) => [type, data] as const))(
    'should let the same %s through',
    (_, schema) => {
      fc.assert(
        fc.property(sound(schema), (value) => {
          expect(faults(schema, value)).toBe(0);
          if (!laterIn(schema)) expect(fits(schema, value)).toBe(true);
        }),
        { numRuns: 25 },
      );
    },
  );

  test.each(ROWS.map(({ type, data }) => [type, data] as const))(
    'should never let a spoilt %s through the quick look alone',
    (_, schema) => {
      fc.assert(
        fc.property(sound(schema).chain(spoilt), (value) => {
          if (fits(schema, value)) expect(faults(schema, value)).toBe(0);
        }),
        { numRuns: 60 },
      );
    },
  );

  test('should agree on logs that are drawn about whole units, sound and broken', () => {
    let quick = 0;
    for (let seed = 1; seed <= 60; seed += 1)
      for (const { type, data } of randomLog(drawsFrom(seed), 40, 0.3)) {
        const schema = JOB_EVENTS[type].data as Schema<unknown>;
        if (!fits(schema, data)) continue;
        quick += 1;
        expect([type, faults(schema, data)]).toEqual([type, 0]);
      }
    expect(quick).toBeGreaterThan(500);
  });

  test('should have no DTO for what is no record', () => {
    expect(() => dtoOf(lookedAtLater())).toThrow('has no fields');
  });
});
