import { checkPlan } from '../checker/index.ts';
import { unitFromTemplate } from '../unit/index.ts';
import { compilePlan } from './compilePlan.ts';
import { opened } from './tests/opened.ts';

const end = (bore: number, outside: number) => ({
  designation: null,
  family: null,
  dimensions: { bore, outside, width: 16 },
});

describe('two bearings in one bore', () => {
  test.each([
    ['bearing-left', 'bearing-right', end(30, 62), end(35, 72)],
    ['bearing-right', 'bearing-left', end(35, 72), end(30, 62)],
  ] as const)(
    'should have %s in first and out last, the tube between them, where the other is the larger',
    (deep, near, left, right) => {
      const unit = unitFromTemplate('oneBore', { name: 'Idler', left, right, span: 40 });
      const { steps } = compilePlan(opened(unit));
      const ids = steps.map(({ id }) => id);
      const inOrder = (...order: readonly string[]) =>
        expect(ids.filter((id) => order.includes(id))).toEqual(order);
      inOrder('takeOutRing:ring', `pull:${near}`, 'takeOutTube:tube', `pull:${deep}`);
      inOrder(
        'heat:case',
        `seatOuter:${deep}`,
        'placeTube:tube',
        `seatOuter:${near}`,
        'retain:ring',
      );
      expect(ids.filter((id) => id === 'heat:case')).toHaveLength(1);
      const acts = steps.flatMap(({ act, on, rows }) => (act === null ? rows : [{ act, on }]));
      expect(checkPlan(unit, acts)).toEqual([]);
      const without = acts.filter(({ on }) => !on.includes('tube'));
      expect(checkPlan(unit, without)).not.toEqual([]);
    },
  );
});

test('a bush goes in from the side on which there is room for it, and is gauged where it stands', () => {
  for (const [bush, wayIn] of [
    [end(20, 24), 'left'],
    [end(40, 60), 'right'],
  ] as const) {
    const unit = unitFromTemplate('bushAndSeal', {
      name: 'Tail',
      left: bush,
      right: end(25, 42),
      span: 20,
    });
    const station = unit.axes[0]!.stations.find(({ id }) => id === 'bush')!;
    expect(station.wayIn).toBe(wayIn);
    const { steps } = compilePlan(opened(unit));
    const acts = steps.flatMap(({ act, on, rows }) => (act === null ? rows : [{ act, on }]));
    expect(checkPlan(unit, acts)).toEqual([]);
    expect(steps.map(({ id }) => id)).toContain('gauge:bush');
  }
});
