import type { Band } from '@wendaxis/core/measure';
import type { ClosingPlay, PlayPoint } from '@wendaxis/core/preload';

import type { Ink } from '../../ui/Chart.tsx';
import { angleFrame, chartText } from '../../ui/chartFrame.ts';

interface Look {
  readonly band: Band;
  readonly ink: Ink;
  readonly digits: (mm: number) => string;
}

/** What the chart of a closing play shows: readings, the line to where it is gone, the band, and the earliest end. */
export function closingChartOption(
  points: readonly PlayPoint[],
  progress: ClosingPlay,
  { band, ink, digits }: Look,
) {
  const text = chartText(ink);
  const last = points.at(-1)!;
  const furthest = 'toZero' in progress ? progress.toZero.most : last.angle + 30;
  const ahead =
    'toZero' in progress
      ? [
          [last.angle, last.play],
          [progress.toZero.likely, band.lower ?? 0],
        ]
      : [];
  const stop =
    'toZero' in progress
      ? [
          {
            xAxis: progress.toZero.least,
            label: { ...text, formatter: 'may be gone', position: 'insideEndTop' },
            lineStyle: { color: ink('--bad'), width: 3, type: 'solid' },
          },
        ]
      : [];
  return {
    ...angleFrame(ink, { furthest: Math.max(10, furthest), digits }),
    series: [
      {
        type: 'line',
        name: 'forecast',
        showSymbol: false,
        lineStyle: { width: 3, type: 'dashed', color: ink('--brass-edge') },
        data: ahead,
        markArea: {
          silent: true,
          data: [
            [
              { yAxis: band.lower ?? 0, itemStyle: { color: ink('--good'), opacity: 0.18 } },
              { yAxis: band.upper ?? 0 },
            ],
          ],
        },
      },
      {
        type: 'line',
        name: 'read',
        symbol: 'rect',
        symbolSize: 11,
        lineStyle: { width: 2, color: ink('--plate') },
        itemStyle: { color: ink('--plate') },
        data: points.map(({ angle, play }) => [angle, play]),
        markLine: { silent: true, symbol: 'none', data: stop },
      },
    ],
  } as const;
}
