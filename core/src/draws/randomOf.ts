import { mayBeLeftOut, type Fields, type Rule, type Schema } from '../schema/index.ts';
import type { Draws } from './draws.ts';

type Makers = {
  readonly [Kind in Rule['kind']]: (
    rule: Extract<Rule, { kind: Kind }>,
    draws: Draws,
    ids: readonly string[],
  ) => unknown;
};

const MAKERS: Makers = {
  number: ({ min, max }, draws) => min + ((max - min) * draws.whole(0, 1000)) / 1000,
  whole: ({ min, max }, draws) => draws.whole(min, max),
  text: ({ min, max }, draws) => 'abc '.repeat(max).slice(0, draws.whole(min, Math.min(max, 40))),
  identifier: (_, draws, ids) => draws.one(ids),
  stepId: (_, draws, ids) => `inspect:${draws.one(ids)}`,
  uuid: (_, draws) => `00000000-0000-4000-8000-${String(draws.whole(0, 999)).padStart(12, '0')}`,
  instant: () => '2026-01-01T00:00:00.000Z',
  yesNo: (_, draws) => draws.chance(0.5),
  oneOf: ({ names }, draws) => draws.one(names),
  someOf: ({ names }, draws) => names.filter(() => draws.chance(0.3)),
  list: ({ most, each }, draws, ids) =>
    Array.from({ length: draws.whole(0, Math.min(most, 3)) }, () => randomOf(each, draws, ids)),
  record: ({ fields }, draws, ids) => recordOf(fields, draws, ids),
  orNull: ({ of }, draws, ids) => (draws.chance(0.3) ? null : randomOf(of, draws, ids)),
  anObject: () => ({}),
  lookedAtLater: () => ({}),
};

/** Something that a schema lets through, as far as one field is asked. @param ids what an identifier is drawn from */
export function randomOf({ rule }: Schema<unknown>, draws: Draws, ids: readonly string[]): unknown {
  const make = MAKERS[rule.kind] as (rule: Rule, draws: Draws, ids: readonly string[]) => unknown;
  return make(rule, draws, ids);
}

function recordOf(fields: Fields, draws: Draws, ids: readonly string[]): object {
  return Object.fromEntries(
    Object.entries(fields).flatMap(([name, field]) =>
      mayBeLeftOut(field) && draws.chance(0.5) ? [] : [[name, randomOf(field, draws, ids)]],
    ),
  );
}
