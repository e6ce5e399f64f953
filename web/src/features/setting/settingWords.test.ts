import { adjusterTurn, SPACER_BASES } from '@wendaxis/core/preload';

import { BASIS_WORDS, turnWords } from './settingWords.ts';

const BASE = { play: 0.2, guard: 0.01, band: { lower: 0.06, upper: 0.14, target: null }, lead: 1.5, notches: 30, hand: 'right' } as const; // prettier-ignore

describe('a turn in words', () => {
  test('should be in notches where there are any, else in degrees', () => {
    expect(turnWords(adjusterTurn(BASE))).toBe('2 notches clockwise');
    expect(turnWords(adjusterTurn({ ...BASE, play: 0.15 }))).toBe('1 notch clockwise');
    expect(turnWords(adjusterTurn({ ...BASE, play: 0.03 }))).toBe('1 notch anticlockwise');
    expect(turnWords(adjusterTurn({ ...BASE, notches: null }))).toBe('24° clockwise');
    expect(turnWords(adjusterTurn({ ...BASE, play: 0.1 }))).toBe('Leave it where it stands');
  });

  test('should say of every basis where the length comes from', () => {
    for (const basis of SPACER_BASES) expect(BASIS_WORDS[basis]).toMatch(/[a-z]{3}/);
  });
});
