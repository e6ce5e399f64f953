import type { InputError } from '../faults/index.ts';
import { judgeLengths, type ChainLength } from './lengths.ts';

const GAUGE = {
  id: 'g',
  name: 'Depth gauge',
  graduation: 0.01,
  calibrationUncertainty: 0.004,
  range: 150,
};
const BAND = { lower: 0.1, upper: 0.3, target: null };
const adds = (name: string, length: number): ChainLength => ({ name, length, takes: false });
const takes = (name: string, length: number): ChainLength => ({ name, length, takes: true });
const CHAIN = [adds('case', 61.42), adds('cover', 4.1), adds('gasket', 0.38), takes('stack', 65.7)];

describe('a play that is worked out from lengths', () => {
  test('should be what is left of the room when the stack is in it', () => {
    const { value, decision, working } = judgeLengths(GAUGE, CHAIN, BAND);
    expect(value.mean).toBeCloseTo(0.2, 12);
    expect(decision.word).toBe('conforms');
    expect(working[0]!.result).toMatchObject({ symbol: 'play', value: value.mean });
  });

  test('should be as uncertain as four readings of the gauge together (GUM, in quadrature)', () => {
    const { value } = judgeLengths(GAUGE, CHAIN, BAND);
    const each = Math.hypot(0.01 / Math.sqrt(12), 0.004);
    expect(value.uncertainty.standard).toBeCloseTo(2 * each, 12);
    // One-sided 95 % of the normal distribution: 1.645.
    expect(value.uncertainty.expanded / value.uncertainty.standard).toBeCloseTo(1.645, 3);
  });

  test('should not be decided where it lies within that of a limit', () => {
    expect(judgeLengths(GAUGE, [...CHAIN, adds('shim', 0.095)], BAND).decision).toMatchObject({
      word: 'cannotDecide',
      limit: 'upper',
    });
    expect(judgeLengths(GAUGE, [...CHAIN, adds('shim', 0.2)], BAND).decision.word).toBe(
      'doesNotConform',
    );
  });

  test.each<[string, readonly ChainLength[]]>([
    ['lengths', [adds('case', 10)]],
    ['lengths[1].length', [adds('case', 10), takes('stack', NaN)]],
    ['lengths[0].length', [adds('case', -1), takes('stack', 1)]],
  ])('should name %s where it cannot be worked out', (field, lengths) => {
    expect.assertions(1);
    try {
      judgeLengths(GAUGE, lengths, BAND);
    } catch (error) {
      expect((error as InputError).faults.map((fault) => fault.field)).toEqual([field]);
    }
  });
});
