import { WANTED, wantedWords, type Wanted, type WantedId } from './index.ts';
import { BOUNDS } from './tests/bounds.ts';

const IDS = Object.keys(WANTED) as readonly WantedId[];
const wanted = (id: WantedId) => ({ id, ...BOUNDS[id] }) as Wanted;

describe('what an input is held to', () => {
  test.each(IDS)('should be told in whole words and round numbers: %s', (id) => {
    const words = wantedWords(wanted(id));
    expect(words).toMatch(/^\S.*\S$/su);
    expect(words).not.toMatch(/undefined|NaN|\[object|\d\.\d{7}/u);
  });

  test('should be told in the units of whoever reads it', () => {
    const inch = ({ value, unit }: { readonly value: number; readonly unit: string }) =>
      unit === 'mm' ? `${(value / 25.4).toFixed(4)} in` : `${value} ${unit}`;
    expect(wantedWords(wanted('aboveInside'), inch)).toBe('more than the inside, 0.0118 in');
    for (const id of IDS)
      if (id !== 'fieldOf' && id !== 'numberWithUnit' && id !== 'unitOf')
        expect(wantedWords(wanted(id), inch)).not.toMatch(/\d mm\b/u);
  });

  test('should say a range as it is checked', () => {
    const words = (bounds: object) => wantedWords({ id: 'number', ...bounds });
    expect(words({})).toBe('a finite number');
    expect(words({ unit: 'mm' })).toBe('a finite number in mm');
    expect(words({ whole: true })).toBe('a whole number');
    expect(words({ whole: true, min: 1 })).toBe('a whole number, at least 1');
    expect(words({ above: 0, max: 2, unit: '°' })).toBe('more than 0° and at most 2°');
  });
});
