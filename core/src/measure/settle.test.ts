import { agreeLimit, agreeWithin, judgeCycle, type Cycle } from './cycle.ts';
import { settle } from './settle.ts';

const DIAL = { id: 'd', name: 'd', graduation: 0.01, calibrationUncertainty: 0, range: 10 };
const BAND = { lower: 0, upper: 0.5, target: null };
type Entry = number | readonly [travel: number, position: number];
const counted = (...travels: readonly Entry[]) =>
  travels.map((entry) => {
    const [lift, position] = typeof entry === 'number' ? [entry, null] : entry;
    const cycle: Cycle = { zero: 0, lift, returned: 0, position };
    return judgeCycle(cycle, DIAL, BAND);
  });
const kind = (...travels: readonly Entry[]) => settle(counted(...travels), 0.01);

describe('which cycles speak', () => {
  test('should be the longest tail within one graduation, equality included', () => {
    expect(kind(0.3, 0.2, 0.19, 0.2, 0.19)).toMatchObject({ kind: 'agreed', seating: 1 });
    expect(kind(0.2, 0.19, 0.2)).toMatchObject({ kind: 'agreed', seating: 0 });
    expect(agreeWithin([0.1, 0.11], 0.01)).toBe(true);
    expect(agreeWithin([0.1, 0.1101], 0.01)).toBe(false);
  });

  test('should be as near as a shaft comes home with a finer dial, and never a tenth of a narrow band', () => {
    const fine = { ...DIAL, graduation: 0.001 };
    expect(agreeLimit(DIAL, BAND)).toBe(0.01);
    expect(agreeLimit(fine, BAND)).toBe(0.005);
    expect(agreeLimit(fine, { lower: 0, upper: 0.03, target: null })).toBeCloseTo(0.003, 12);
    expect(agreeLimit(fine, { lower: 0.1, upper: null, target: null })).toBe(0.005);
    expect(settle(counted(0.133, 0.135, 0.131), agreeLimit(fine, BAND)).kind).toBe('agreed');
    expect(settle(counted(0.133, 0.139, 0.131), agreeLimit(fine, BAND)).kind).not.toBe('agreed');
  });

  test('should ask for as many more as the tail is short of three', () => {
    expect(kind(0.3, 0.2, 0.2)).toMatchObject({ kind: 'tooFew', missing: 1 });
    expect(kind()).toMatchObject({ kind: 'tooFew', missing: 3 });
  });

  test('should not take drift from cycle to cycle for agreement', () => {
    expect(kind(0.2, 0.208, 0.216, 0.224)).toMatchObject({ kind: 'tooFew', missing: 1 });
  });

  test('should want two cycles at each of two marks before it speaks of the angle', () => {
    const once = kind([0.2, 0], [0.2, 0], [0.25, 120]);
    expect(once.kind).not.toBe('followsAngle');
    const twice = kind([0.2, 0], [0.2, 0], [0.25, 120], [0.25, 120]);
    expect(twice).toMatchObject({ kind: 'followsAngle' });
    if (twice.kind !== 'followsAngle') return;
    expect(twice.positions.map(({ position, mean }) => [position, mean])).toEqual([
      [0, 0.2],
      [120, 0.25],
    ]);
  });

  test('should not speak of the angle when a mark does not repeat', () => {
    expect(kind([0.2, 0], [0.2, 0], [0.25, 120], [0.3, 120]).kind).not.toBe('followsAngle');
  });
});
