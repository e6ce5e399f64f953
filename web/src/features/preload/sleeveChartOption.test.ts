import type { PlayStage } from '@wendaxis/core/plan';
import { sleeveForecast, type SleevePoint } from '@wendaxis/core/preload';

import { sleeveChartOption } from './sleeveChartOption.ts';
import { SLEEVE_WORDS, torqueAdvice } from './torqueWords.ts';

const BAND = { lower: 0.7, upper: 1.1, target: null };
const DRAG = 0.4;
const LOOK = { ink: (name: string) => name, digits: String };
/** Rises from the drag of the seal by a straight law from 60° on. */
const rising = (to: number): readonly SleevePoint[] =>
  Array.from({ length: to / 10 + 1 }, (_, at) => ({
    angle: at * 10,
    torque: DRAG + 0.01 * Math.max(0, at * 10 - 60),
  }));
function chart(points: readonly SleevePoint[]) {
  const forecast = sleeveForecast({ points, band: BAND, sealDrag: DRAG, uncertainty: 0.01 });
  const rest = { value: DRAG, from: 'measured' as const };
  const progress = { points, forecast, band: BAND, rest };
  const [ahead, read] = sleeveChartOption(progress, LOOK).series;
  return { forecast, ahead, read, axes: sleeveChartOption(progress, LOOK) };
}

describe('the chart of a sleeve that is crushed', () => {
  test('should show what was read, and the band as it is read, with the seal', () => {
    const { read, ahead, axes } = chart(rising(40));
    expect(read.data).toEqual(rising(40).map(({ angle, torque }) => [angle, torque]));
    expect(ahead.markArea.data[0]).toMatchObject([{ yAxis: 1.1 }, { yAxis: 1.5 }]);
    expect(axes.yAxis.max).toBeGreaterThanOrEqual(1.5);
  });

  test('should not draw a way ahead that nothing tells, nor a line to stop at', () => {
    const { forecast, ahead, read } = chart(rising(40));
    expect(forecast.status).toBe('free');
    expect(ahead.data).toEqual([]);
    expect(read.markLine.data).toEqual([]);
  });

  test('should draw the fitted law through what was read, to its earliest end', () => {
    const { forecast, ahead, read, axes } = chart(rising(90));
    if (!('toUpper' in forecast)) throw new Error(`no forecast: ${forecast.status}`);
    expect(read.markLine.data).toMatchObject([{ xAxis: forecast.stopLine }]);
    const last = ahead.data.at(-1)!;
    expect(last[0]).toBeCloseTo(forecast.toUpper.most, 6);
    for (const [angle, torque] of ahead.data)
      if (angle! <= 90) expect(torque!).toBeCloseTo(DRAG + 0.01 * Math.max(0, angle! - 60), 1);
    expect(axes.xAxis.max).toBeGreaterThanOrEqual(forecast.toUpper.most);
  });

  test('should have words for every way it can stand', () => {
    for (const { words, now } of Object.values(SLEEVE_WORDS)) {
      expect(words).toMatch(/^[A-Z]/u);
      expect(now).toMatch(/\.$/u);
    }
  });
});

describe('what to do after readings of a wrench', () => {
  const judged = (word: string, limit: string | null, stage: PlayStage | null = null) =>
    torqueAdvice({ status: 'judged', decision: { word, limit } } as never, stage);

  test.each<[string, RegExp]>([
    [torqueAdvice({ status: 'invalid' } as never), /square/],
    [torqueAdvice({ status: 'tooFew', missing: 1 } as never), /^One more/],
    [torqueAdvice({ status: 'tooFew', missing: 2 } as never), /^2 more/],
    [torqueAdvice({ status: 'disagree' } as never), /agree within 10 %/],
    [judged('conforms', null), /^Proven within limits/],
    [judged('doesNotConform', 'upper'), /^Too much/],
    [judged('doesNotConform', 'lower'), /^Too little/],
    [judged('doesNotConform', 'lower', 'choose'), /^Too little preload\. .* worked out anew/],
    [judged('doesNotConform', 'lower', 'measure'), /measure the play/],
    [judged('cannotDecide', 'lower'), /finer/],
  ])('should be said: %s', (words, expected) => {
    expect(words).toMatch(expected);
  });
});
