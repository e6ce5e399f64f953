import { assert, array, nat, property } from 'fast-check';

import { NumberSet } from './numberSet.ts';

const BOUND = 97; // in the fourth word of bits, not at its end

test('holds what the set of the language holds, lowest first', () => {
  const numbers = array(nat(BOUND - 1), { maxLength: 40 });
  assert(
    property(numbers, numbers, numbers, (first, second, without) => {
      const own = new NumberSet(BOUND);
      const other = new NumberSet(BOUND);
      first.forEach((value) => own.add(value));
      second.forEach((value) => other.add(value));
      const met = first.some((value) => second.includes(value));
      expect(own.meets(other)).toBe(met);
      own.addAll(other);
      without.forEach((value) => own.delete(value));
      const expected = new Set([...first, ...second]);
      without.forEach((value) => expected.delete(value));
      expect(own.values()).toEqual([...expected].toSorted((a, b) => a - b));
      for (let value = 0; value < BOUND; value += 1)
        expect(own.has(value)).toBe(expected.has(value));
    }),
  );
});
