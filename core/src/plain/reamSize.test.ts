import { reamSize } from './reamSize.ts';

describe('what a bush is reamed to', () => {
  const bush = {
    bore: 24.95,
    journalLeast: 24.98,
    journalMost: 24.99,
    clearanceLeast: 0.03,
    clearanceMost: 0.06,
  };

  test('should leave the least clearance on the largest journal, and the most on the smallest', () => {
    const { least, most, takeLeast, takeMost, word } = reamSize(bush);
    expect([least, most, takeLeast, takeMost].map((one) => Number(one.toFixed(6)))).toEqual([
      25.02, 25.04, 0.07, 0.09,
    ]);
    expect(word).toBe('ream');
  });

  test.each([
    [25.03, 'leave'],
    [25.02, 'leave'],
    [25.05, 'tooLarge'],
    [24.6, 'bore'],
  ])('should say of a bore of %p: %s', (bore, word) => {
    expect(reamSize({ ...bush, bore }).word).toBe(word);
  });

  test('should refuse a journal that differs by more than its clearance may', () => {
    expect(() => reamSize({ ...bush, journalLeast: 24.9 })).toThrow('clearanceMost');
    expect(() => reamSize({ ...bush, journalMost: 24.9 })).toThrow('journalMost');
  });
});
