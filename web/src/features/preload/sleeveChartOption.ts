import type { Band } from '@wendaxis/core/measure';
import type { SleeveProgress } from '@wendaxis/core/plan';

import type { Ink } from '../../ui/Chart.tsx';

interface Look {
  readonly band: Band;
  readonly sealDrag: number;
  readonly ink: Ink;
  readonly digits: (torque: number) => string;
}

/** What the chart of a sleeve shows, from its points and forecast. Torque as read, with the seal. */
export function sleeveChartOption(
  { points, forecast }: SleeveProgress,
  { band, sealDrag, ink, digits }: Look,
) {
  const text = { color: ink('--ink'), fontFamily: 'Archivo Variable', fontSize: 13 };
  const limits = [band.lower, band.upper].map((limit) =>
    limit === null ? null : limit + sealDrag,
  );
  const most =
    Math.max(...points.map(({ torque }) => torque), ...limits.map((limit) => limit ?? 0)) * 1.15;
  const furthest =
    'toUpper' in forecast ? forecast.toUpper.most : forecast.now + 3 * Math.max(10, forecast.step);
  const fitted = 'fit' in forecast ? forecast.fit : null;
  const curve =
    fitted === null
      ? []
      : Array.from(
          { length: 41 },
          (_, at) => fitted.contact + ((furthest - fitted.contact) * at) / 40,
        ).map((angle) => [
          angle,
          sealDrag + fitted.stiffness * Math.max(0, angle - fitted.contact) ** fitted.exponent,
        ]);
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
  return {
    animation: false,
    textStyle: text,
    grid: { left: 62, right: 20, top: 30, bottom: 42 },
    xAxis: {
      type: 'value',
      name: 'nut angle, °',
      nameLocation: 'middle',
      nameGap: 28,
      nameTextStyle: text,
      min: 0,
      max: Math.ceil(furthest / 10) * 10,
      axisLabel: text,
      splitLine: { show: false },
      axisLine: { lineStyle: { color: ink('--ink') } },
    },
    yAxis: {
      type: 'value',
      min: 0,
      max: Math.ceil(most * 10) / 10,
      axisLabel: { ...text, formatter: digits },
      splitLine: { lineStyle: { color: ink('--panel-edge'), opacity: 0.5 } },
    },
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
