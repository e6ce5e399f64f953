import type { InputError } from '../faults/index.ts';
import { calculate, CATALOGUE } from './catalogue.ts';
import { faultsOf } from './tests/faultsOf.ts';
import { SOUND } from './tests/soundInputs.ts';

describe('every number of every calculation', () => {
  /** The same input with another value at a path; `[]` is its first entry. */
  const withAt = (input: unknown, path: string, value: unknown): unknown => {
    const copy = structuredClone(input);
    const steps = path.replaceAll('[]', '.0').split('.');
    let at = copy as Record<string, unknown>;
    for (const step of steps.slice(0, -1)) at = (at[step] ??= {}) as Record<string, unknown>;
    at[steps.at(-1)!] = value;
    return copy;
  };
  const numeric = CATALOGUE.flatMap(({ name, fields }) =>
    fields.flatMap((field) =>
      field.type === 'number' || field.type === 'whole' ? [{ name, field }] : [],
    ),
  );
  const seen = (path: string) => path.replaceAll('[]', '[0]');
  /** Degrees of freedom may be infinite; nothing else may. */
  const broken = (value: unknown): boolean =>
    typeof value === 'number'
      ? !Number.isFinite(value)
      : typeof value === 'object' &&
        value !== null &&
        (value as { readonly symbol?: string }).symbol !== 'ν' &&
        Object.entries(value).some(([key, one]) => key !== 'degreesOfFreedom' && broken(one));

  test('should bound every number at both ends', () => {
    const open = numeric.filter(({ field: { range } }) => {
      const low = range.min ?? range.above ?? range.atLeast ?? range.moreThan;
      return low === undefined || (range.max ?? range.atMost ?? range.lessThan) === undefined;
    });
    expect(open.map(({ name, field }) => `${name} ${field.path}`)).toEqual([]);
  });

  test.each(numeric.map(({ name, field }) => [name, field.path, field] as const))(
    'should hold %s to what it says of %s, and name it where it is not',
    (name, path, field) => {
      const { range, nullable } = field;
      const input = SOUND[name]!;
      const beyond = [
        NaN,
        Infinity,
        -Infinity,
        1e12,
        -1e12,
        ...(range.min === undefined ? [] : [range.min - 0.001]),
        ...(range.max === undefined ? [] : [range.max + 0.001]),
        ...(range.above === undefined ? [] : [range.above]),
        ...(nullable === true ? [] : [null]),
      ];
      for (const value of beyond)
        expect(faultsOf(name, withAt(input, path, value))).toContain(seen(path));
      // An end that is included, and nothing where nothing may be: an answer, or a word of what else is wanted; never a crash.
      const inside = [0, range.min, field.type === 'whole' ? range.min : range.max].filter(
        (value) =>
          value !== undefined &&
          value >= (range.min ?? value) &&
          value > (range.above ?? -Infinity) &&
          value <= (range.max ?? value),
      );
      for (const value of inside) {
        const edge = withAt(input, path, value);
        let answer: unknown = null;
        try {
          answer = calculate(name, edge);
        } catch (error) {
          expect((error as InputError).faults[0]!.field).not.toBe('');
        }
        expect([value, broken(answer)]).toEqual([value, false]);
      }
    },
  );
});
