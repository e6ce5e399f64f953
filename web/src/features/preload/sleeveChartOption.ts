import { sleeveCurve } from '@wendaxis/core/preload';
import type { SleeveProgress } from '@wendaxis/core/plan';

import type { Ink } from '../../ui/Chart.tsx';
import { angleFrame, chartText } from '../../ui/chartFrame.ts';

interface Look {
  readonly ink: Ink;
  readonly digits: (torque: number) => string;
}

/** What the chart of a sleeve shows, from its points and forecast. Torque as read, with the seal. */
export function sleeveChartOption(
  {
    points,
    forecast,
    band,
    rest: { value: rest },
  }: Pick<SleeveProgress, 'points' | 'forecast' | 'band' | 'rest'>,
  { ink, digits }: Look,
) {
  const limits = [band.lower, band.upper].map((limit) => (limit === null ? null : limit + rest));
  const most =
    Math.max(...points.map(({ torque }) => torque), ...limits.map((limit) => limit ?? 0)) * 1.15;
  const furthest =
    'toUpper' in forecast ? forecast.toUpper.most : forecast.now + 3 * Math.max(10, forecast.step);
  const fitted = 'fit' in forecast ? forecast.fit : null;
  const curve =
    fitted === null
      ? []
      : sleeveCurve(fitted, furthest).map(({ angle, torque }) => [angle, rest + torque]);
  const { stop, reach } = marksOf(forecast, ink);
  return {
    ...angleFrame(ink, { furthest, digits, most: Math.ceil(most * 10) / 10 }),
    series: [
      {
        type: 'line',
        name: 'forecast',
        showSymbol: false,
        lineStyle: { width: 3, type: 'dashed', color: ink('--brass-edge') },
        data: curve,
        markArea: {
          silent: true,
          data: [
            [
              { yAxis: limits[0] ?? 0, itemStyle: { color: ink('--good'), opacity: 0.18 } },
              { yAxis: limits[1] ?? most },
            ],
            ...reach,
          ],
        },
      },
      {
        type: 'line',
        name: 'read',
        showSymbol: true,
        symbol: 'rect',
        symbolSize: 11,
        lineStyle: { width: 2, color: ink('--plate') },
        itemStyle: { color: ink('--plate') },
        data: points.map(({ angle, torque }) => [angle, torque]),
        markLine: { silent: true, symbol: 'none', data: stop },
      },
    ],
  } as const;
}

/** Where to stop and read, and where the band may begin. */
function marksOf(forecast: SleeveProgress['forecast'], ink: Ink) {
  const text = chartText(ink);
  const stop =
    'stopLine' in forecast
      ? [
          {
            xAxis: forecast.stopLine,
            label: { ...text, formatter: 'stop and read', position: 'insideEndTop' },
            lineStyle: { color: ink('--bad'), width: 3, type: 'solid' },
          },
        ]
      : [];
  const reach =
    'toLower' in forecast
      ? [
          [
            { xAxis: forecast.toLower.least, itemStyle: { color: ink('--open'), opacity: 0.16 } },
            { xAxis: forecast.toLower.most },
          ],
        ]
      : [];
  return { stop, reach };
}
