import { tighteningOrder } from '../fasteners/index.ts';
import { boltFace } from './boltFace.ts';

describe('the face of a bolt circle', () => {
  test('should have bolt 1 at the top and go on clockwise, each with its turn', () => {
    const { bolts } = boltFace(6, 'circle', tighteningOrder(6, 'circle'));
    expect(bolts.map(({ number, turn }) => [number, turn])).toEqual([
      [1, 1],
      [2, 3],
      [3, 5],
      [4, 2],
      [5, 4],
      [6, 6],
    ]);
    const [top, next] = bolts;
    expect([top!.x, Math.sign(top!.y), Math.sign(next!.x)]).toEqual([0, 1, 1]);
  });

  test.each(['circle', 'pan', 'row'] as const)(
    'should keep bolts of a %s on the face and clear of one another, however many',
    (pattern) => {
      for (const count of [1, 2, 3, 4, 8, 12, 25, 40]) {
        const { bolts, radius } = boltFace(count, pattern, tighteningOrder(count, pattern));
        expect(bolts).toHaveLength(count);
        for (const [at, one] of bolts.entries()) {
          expect(Math.max(Math.abs(one.x), Math.abs(one.y)) + radius).toBeLessThanOrEqual(1);
          for (const other of bolts.slice(at + 1))
            expect(Math.hypot(one.x - other.x, one.y - other.y)).toBeGreaterThan(2 * radius * 0.99);
        }
      }
    },
  );

  test('should go round a pan clockwise from its upper left', () => {
    const { bolts } = boltFace(4, 'pan', [1, 2, 3, 4]);
    expect(bolts.map(({ x, y }) => [Math.sign(x), Math.sign(y)])).toEqual([
      [-1, 1],
      [1, 1],
      [1, -1],
      [-1, -1],
    ]);
  });
});
