import { placeBeside } from './placeBeside.ts';
import type { Station } from './unit.ts';

const ring = (id: string, at: number, width: number, more: Partial<Station> = {}): Station => ({
  id,
  kind: 'spacer',
  name: id,
  partId: 'shaft',
  at,
  width,
  inside: 30,
  outside: 40,
  ...more,
});
const drawn = { drawn: ['at'] as const };
const where = (stations: readonly Station[]) => stations.map(({ id, at }) => [id, at]);

describe('a body that is put beside another', () => {
  const row = [
    ring('a', 0, 10),
    ring('b', 10, 5, drawn),
    ring('c', 15, 5, drawn),
    ring('d', 22, 4, drawn),
  ];
  const body = ring('new', 99, 3);

  test('should touch it, and push along what is in its way and only drawn there', () => {
    const placed = placeBeside({ stations: row }, body, 'a', 'right');
    expect(where(placed)).toEqual([
      ['new', 10],
      ['b', 13],
      ['c', 18],
      ['d', 23],
    ]);
    expect(placed[0]!.drawn).toBeUndefined();
  });

  test('should go to the left as well, and push no further than there is need', () => {
    expect(where(placeBeside({ stations: row }, body, 'd', 'left'))).toEqual([
      ['new', 19],
      ['c', 14],
      ['b', 9],
    ]);
    expect(where(placeBeside({ stations: row }, ring('new', 0, 1), 'd', 'left'))).toEqual([
      ['new', 21],
    ]);
  });

  test('should leave what stands at a known place, what is of the case, and what it does not reach', () => {
    const known = row.map(({ drawn: _, ...one }) => one);
    expect(where(placeBeside({ stations: known }, body, 'a', 'right'))).toEqual([['new', 10]]);
    const others = [
      row[0]!,
      ring('wall', 10, 5, { kind: 'housing', ...drawn }),
      ring('seal', 10, 5, { inside: 40, outside: 60, ...drawn }),
    ];
    expect(where(placeBeside({ stations: others }, body, 'a', 'right'))).toEqual([['new', 10]]);
  });

  test('should only be drawn where its neighbour is only drawn, or its own width is not known', () => {
    const beside = (side: 'left' | 'right', one: Station, of: Station) =>
      placeBeside({ stations: [of] }, one, of.id, side)[0]!.drawn;
    expect(beside('right', body, ring('a', 0, 10, drawn))).toEqual(['at']);
    expect(beside('left', ring('new', 0, 3, { drawn: ['width'] }), row[0]!)).toEqual([
      'at',
      'width',
    ]);
    expect(beside('right', ring('new', 0, 3, { drawn: ['width'] }), row[0]!)).toEqual(['width']);
  });

  test('should stay where it is where the neighbour is not there', () => {
    expect(where(placeBeside({ stations: [] }, body, 'a', 'right'))).toEqual([['new', 99]]);
  });
});
