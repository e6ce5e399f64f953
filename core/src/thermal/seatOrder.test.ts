import fc from 'fast-check';

import { seatOrder, type SeatTask } from './seatOrder.ts';

const seat = (
  id: string,
  deadline: number,
  handling = 10,
  after: readonly string[] = [],
): SeatTask => ({ id, deadline, handling, after });

/** Every order and every choice of reheating, plainly: the fewest heats. */
function fewestHeats(seats: readonly SeatTask[]): number | null {
  let best: number | null = null;
  const visit = (done: readonly string[], heats: number, elapsed: number): void => {
    if (best !== null && heats >= best && done.length < seats.length && heats > best) return;
    if (done.length === seats.length) {
      best = best === null ? heats : Math.min(best, heats);
      return;
    }
    for (const { id, deadline, handling, after } of seats) {
      if (done.includes(id) || !after.every((other) => done.includes(other))) continue;
      if (elapsed + handling <= deadline) visit([...done, id], heats, elapsed + handling);
      if (handling <= deadline) visit([...done, id], heats + 1, handling);
    }
  };
  visit([], 1, 0);
  return best;
}

describe('the order of seats', () => {
  test('should fill the most urgent first, from one heat', () => {
    const order = seatOrder([seat('slow', 90), seat('urgent', 15), seat('middle', 40)])!;
    expect(order.map(({ id }) => id)).toEqual(['urgent', 'middle', 'slow']);
    expect(order.every(({ heat }) => heat === 1)).toBe(true);
    expect(order[0]).toMatchObject({ start: 0, in: 10, spare: 5 });
  });

  test('should fill a blocked seat before the one that blocks it, even when it is less urgent', () => {
    const order = seatOrder([seat('outer', 25, 10, ['inner']), seat('inner', 100)])!;
    expect(order.map(({ id, heat }) => [id, heat])).toEqual([
      ['inner', 1],
      ['outer', 1],
    ]);
  });

  test('should reheat when one heat is not enough, and say so', () => {
    const order = seatOrder([seat('a', 12), seat('b', 12), seat('c', 12)])!;
    expect(order.map(({ heat }) => heat)).toEqual([1, 2, 3]);
    expect(seatOrder([seat('a', 5)])).toBeNull();
  });

  test('should never miss a deadline nor break an order, with as few heats as plain search finds', () => {
    const tasks = fc.array(
      fc.record({
        deadline: fc.integer({ min: 8, max: 60 }),
        handling: fc.integer({ min: 3, max: 15 }),
        block: fc.integer({ min: 0, max: 5 }),
      }),
      { minLength: 1, maxLength: 6 },
    );
    fc.assert(
      fc.property(tasks, (rows) => {
        const seats = rows.map(({ deadline, handling, block }, n) =>
          seat(`s${n}`, deadline, handling, block < n ? [`s${block}`] : []),
        );
        const order = seatOrder(seats);
        const plain = fewestHeats(seats);
        if (order === null) return expect(plain).toBeNull();
        expect(order.at(-1)!.heat).toBe(plain);
        const place = new Map(order.map(({ id }, at) => [id, at]));
        for (const { id, deadline, after } of seats) {
          expect(order[place.get(id)!]!.in).toBeLessThanOrEqual(deadline);
          for (const other of after) expect(place.get(other)!).toBeLessThan(place.get(id)!);
        }
      }),
      { numRuns: 300 },
    );
  });

  test('should be exact for twelve seats', () => {
    const seats = Array.from({ length: 12 }, (_, n) => seat(`s${n}`, 10 * (12 - n)));
    expect(seatOrder(seats)!.map(({ id }) => id)).toEqual(seats.toReversed().map(({ id }) => id));
  });

  test.each<[string, readonly SeatTask[]]>([
    ['more than sixty', Array.from({ length: 61 }, (_, n) => seat(`s${n}`, 100))],
    ['an id twice', [seat('a', 50), seat('a', 50)]],
    ['a circle', [seat('a', 50, 10, ['b']), seat('b', 50, 10, ['a'])]],
    ['a stranger', [seat('a', 50, 10, ['z'])]],
  ])('should refuse %s', (_, seats) => {
    expect(() => seatOrder(seats)).toThrow(/seats/);
  });

  test('should take every ring of a part with many, each within its deadline, what blocks others first', () => {
    const many = Array.from({ length: 17 }, (_, at) => ({
      id: `s${at}`,
      deadline: 40 + 9 * at,
      handling: 10,
      after: at === 0 ? [] : at % 5 === 0 ? [`s${at - 1}`] : [],
    }));
    const order = seatOrder(many)!;
    expect(order.map(({ id }) => id).toSorted()).toEqual(many.map(({ id }) => id).toSorted());
    expect(order.every(({ spare }) => spare >= 0)).toBe(true);
    for (const { id, after } of many)
      for (const before of after)
        expect(order.findIndex((one) => one.id === before)).toBeLessThan(
          order.findIndex((one) => one.id === id),
        );
    expect(seatOrder(many.map((one) => ({ ...one, handling: 500 })))).toBeNull();
  });
});
