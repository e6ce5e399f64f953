import type { Station } from '../unit/index.ts';
import { dimensionOf } from './stepDimension.ts';

const station: Station = {
  id: 'seal',
  kind: 'seal',
  name: 'Seal',
  partId: 'case',
  at: 40,
  width: 7,
  inside: 30,
  outside: 50,
};
const stations = [{ station, there: [], moving: ['whole'], marked: true, side: 'right' }] as const;
const picture = { radius: 40, unit: 1, from: 0, to: 100 };
const drawn = (value: number, side: 'left' | 'right', words = '2.00 mm') =>
  dimensionOf({ stationId: 'seal', side, value, words }, stations, picture)!;

describe('the depth of a station as a dimension', () => {
  test('should stand between its face in its place and the face it lies below, on either side', () => {
    const xs = (side: 'left' | 'right') => drawn(12, side).extensions.map(({ from }) => from.x);
    expect(xs('right')).toEqual([47, 59]);
    expect(xs('left')).toEqual([40, 28]);
    for (const { from, to } of drawn(12, 'right').extensions) {
      expect(from.y).toBe(-25);
      expect(to.y).toBeLessThan(-picture.radius);
    }
  });

  test('should point outwards where there is room, and inwards where there is none', () => {
    const ends = (value: number) =>
      drawn(value, 'right').arrows.map(({ from, to }) => [from.x, to.x]);
    expect(ends(12)).toEqual([
      [53, 47],
      [53, 59],
    ]);
    expect(ends(2)).toEqual([
      [43, 47],
      [53, 49],
    ]);
  });

  test('should keep its words within the picture', () => {
    const long = 'x'.repeat(40);
    expect(drawn(2, 'right', long).text.x + 40 * 1.55).toBeLessThanOrEqual(100);
    expect(drawn(2, 'left', long).text.x).toBeGreaterThanOrEqual(1);
    expect(
      dimensionOf({ stationId: 'x', side: 'left', value: 1, words: '' }, stations, picture),
    ).toBeNull();
  });
});
