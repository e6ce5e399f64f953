import type { Ink } from './Chart.tsx';

/** How words stand in a chart. */
export function chartText(ink: Ink) {
  return { color: ink('--ink'), fontFamily: 'Archivo Variable', fontSize: 13 } as const;
}

/** What an axis of nut angle shows: how far it goes, how its values are written, and the top of the other axis. */
export interface AngleFrame {
  readonly furthest: number;
  readonly digits: (value: number) => string;
  readonly most?: number;
}

/** The frame of a chart over the angle of a nut. */
export function angleFrame(ink: Ink, { furthest, digits, most }: AngleFrame) {
  const text = chartText(ink);
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
      ...(most === undefined ? {} : { max: most }),
      axisLabel: { ...text, formatter: digits },
      splitLine: { lineStyle: { color: ink('--panel-edge'), opacity: 0.5 } },
    },
  } as const;
}
