import { trialGain } from './trialGain.ts';

describe('gain from two trial builds', () => {
  test('should be the slope', () => {
    expect(trialGain({ thickness: 1, endPlay: 0.1 }, { thickness: 1.2, endPlay: 0.3 })).toBeCloseTo(
      1,
      9,
    );
    expect(
      trialGain({ thickness: 1, endPlay: 0.3 }, { thickness: 1.25, endPlay: 0.05 }),
    ).toBeCloseTo(-1, 9);
  });

  test('should refuse packs that hardly differ, and slopes that shims cannot give', () => {
    expect(() =>
      trialGain({ thickness: 1, endPlay: 0.1 }, { thickness: 1.04, endPlay: 0.2 }),
    ).toThrow(/trials\[1\].thickness/);
    expect(
      trialGain({ thickness: 1, endPlay: 0.1 }, { thickness: 1.05, endPlay: 0.15 }),
    ).toBeCloseTo(1, 6);
    expect(() =>
      trialGain({ thickness: 1, endPlay: 0.1 }, { thickness: 1.1, endPlay: 0.3 }),
    ).toThrow(/measure both builds again/);
  });
});
