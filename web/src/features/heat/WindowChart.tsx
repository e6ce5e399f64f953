import { useCallback } from 'react';

import type { SeatHeat } from '@wendaxis/core/heat';

import { Chart, type Ink } from '../../ui/Chart.tsx';
import { useUnits } from '../../ui/useUnits.ts';
import { clockText } from './clock.ts';

/** Fit against time in the hand, for each ring: below the line it still drops in. */
export function WindowChart({ seats }: { readonly seats: readonly SeatHeat[] }) {
  const units = useUnits();
  const option = useCallback(
    (ink: Ink) => chartOption(seats, ink, (mm) => units.digits(mm)),
    [seats, units],
  );
  const words = seats
    .map(
      ({ seat, window }) =>
        `${seat.name}: ${window.lastSafe === null ? 'does not drop in' : `until ${Math.round(window.lastSafe)} s`}`,
    )
    .join('; ');
  return (
    <Chart label={`Fit against time out of the oven. ${words}`} className="h-56" option={option} />
  );
}

const INKS = ['--plate', '--brass-edge', '--good', '--open', '--bad'];
const DASHES = ['solid', 'dashed', 'dotted'] as const;

function chartOption(
  seats: readonly SeatHeat[],
  ink: (name: string) => string,
  digits: (mm: number) => string,
) {
  const text = { color: ink('--ink'), fontFamily: 'Archivo Variable', fontSize: 13 };
  return {
    animation: false,
    textStyle: text,
    grid: { left: 62, right: 16, top: 34, bottom: 34 },
    legend: { top: 0, textStyle: text, itemWidth: 34 },
    xAxis: {
      type: 'value',
      axisLabel: { ...text, formatter: (seconds: number) => clockText(seconds) },
      splitLine: { show: false },
      axisLine: { lineStyle: { color: ink('--ink') } },
    },
    yAxis: {
      type: 'value',
      max: ({ max }: { max: number }) => Math.max(0.01, max),
      axisLabel: { ...text, formatter: digits },
      splitLine: { lineStyle: { color: ink('--panel-edge'), opacity: 0.5 } },
    },
    series: seats.map(({ seat, window }, at) => ({
      type: 'line',
      name: seat.name,
      showSymbol: false,
      smooth: false,
      lineStyle: {
        width: 3,
        type: DASHES[at % DASHES.length],
        color: ink(INKS[at % INKS.length]!),
      },
      itemStyle: { color: ink(INKS[at % INKS.length]!) },
      data: window.curve.map(({ seconds, fit }) => [Math.round(seconds), fit]),
      markLine:
        at > 0
          ? undefined
          : {
              silent: true,
              symbol: 'none',
              label: { ...text, formatter: 'grips', position: 'insideEndTop' },
              lineStyle: { color: ink('--bad'), width: 2 },
              data: [{ yAxis: 0 }],
            },
    })),
  } as const;
}
