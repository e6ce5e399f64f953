import fc from 'fast-check';

import type { Station } from '../unit/index.ts';
import { placeLabels } from './placeLabels.ts';

const ring = (id: string, at: number, width = 2): Station => ({
  id,
  kind: 'gear',
  name: id,
  partId: 'case',
  at,
  width,
  inside: 20,
  outside: 40,
});
const ENDS = { left: 0, right: 240 };

describe('numbered marks under the section', () => {
  test('should stand under their stations where there is room', () => {
    expect(placeLabels([ring('a', 49), ring('b', 149)], ENDS)).toEqual([
      { stationId: 'a', number: 1, x: 50, anchor: { x: 50, y: -20 } },
      { stationId: 'b', number: 2, x: 150, anchor: { x: 150, y: -20 } },
    ]);
  });

  test('should move apart evenly about the place where they crowd', () => {
    const places = placeLabels([ring('a', 99), ring('b', 99), ring('c', 99)], ENDS).map(
      ({ x }) => x,
    );
    expect(places).toEqual([90, 100, 110]);
  });

  test('should leave out pieces of a casting or shaft', () => {
    const wall: Station = { ...ring('wall', 10), kind: 'housing' };
    expect(placeLabels([wall, ring('a', 50)], ENDS).map(({ stationId }) => stationId)).toEqual([
      'a',
    ]);
  });

  test('should be readable at twenty stations and more: apart, in order, inside the plate', () => {
    fc.assert(
      fc.property(
        fc.array(fc.integer({ min: 0, max: 238 }), { minLength: 1, maxLength: 40 }),
        (places) => {
          const labels = placeLabels(
            places.map((at, index) => ring(`s${index}`, at)),
            ENDS,
          );
          const gap = Math.min(10, 240 / places.length);
          labels.forEach(({ x, number, anchor }, index) => {
            expect(number).toBe(index + 1);
            expect(x).toBeGreaterThanOrEqual(gap / 2 - 1e-9);
            expect(x).toBeLessThanOrEqual(240 - gap / 2 + 1e-9);
            if (index === 0) return;
            expect(x - labels[index - 1]!.x).toBeGreaterThanOrEqual(gap - 1e-9);
            expect(anchor.x).toBeGreaterThanOrEqual(labels[index - 1]!.anchor.x);
          });
        },
      ),
    );
  });
});
