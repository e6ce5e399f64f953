import { closingPlay } from '@wendaxis/core/preload';

import { closingChartOption } from './closingChartOption.ts';
import { lengthUpTo } from './spacerLengths.ts';

const BAND = { lower: 0, upper: 0.02, target: null };
const LOOK = { band: BAND, ink: (name: string) => name, digits: String };
const option = (...points: readonly (readonly [number, number])[]) => {
  const rows = points.map(([angle, play]) => ({ angle, play }));
  const progress = closingPlay(rows, BAND, { uncertainty: 0.001, lead: null });
  return { progress, chart: closingChartOption(rows, progress, LOOK) };
};

describe('the chart of a play that is closed', () => {
  test('should show the readings and the band, and nothing ahead of a single one', () => {
    const { chart } = option([0, 0.2]);
    const [ahead, read] = chart.series;
    expect(read.data).toEqual([[0, 0.2]]);
    expect(ahead.data).toEqual([]);
    expect(ahead.markArea.data[0]).toMatchObject([{ yAxis: 0 }, { yAxis: 0.02 }]);
    expect(chart.xAxis.max).toBe(30);
  });

  test('should lead to where the play is gone, with the earliest place marked', () => {
    const { progress, chart } = option([0, 0.2], [60, 0.15], [120, 0.1]);
    if (!('toZero' in progress)) throw new Error(`no forecast: ${progress.status}`);
    const [ahead, read] = chart.series;
    expect(progress.toZero.likely).toBeCloseTo(240, 0);
    expect(ahead.data).toEqual([
      [120, 0.1],
      [progress.toZero.likely, 0],
    ]);
    expect(read.markLine.data).toMatchObject([{ xAxis: progress.toZero.least }]);
    expect(chart.xAxis.max).toBeGreaterThanOrEqual(progress.toZero.most);
  });
});

describe('a length that is entered', () => {
  const read = (value: number) =>
    ({
      status: 'read',
      quantity: { kind: 'length', value, unit: 'mm', unitTyped: false, typed: '' },
    }) as const;

  test('should be more than 0 and at most so much', () => {
    expect(lengthUpTo(5, read(5))).toBe(5);
    expect(lengthUpTo(5, read(5.1))).toBeNull();
    expect(lengthUpTo(5, read(0))).toBeNull();
    expect(lengthUpTo(5, { status: 'empty' })).toBeNull();
    expect(lengthUpTo(5, { status: 'unreadable', wanted: { id: 'number' } })).toBeNull();
  });
});
