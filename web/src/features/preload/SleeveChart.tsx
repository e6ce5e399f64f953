import { useCallback } from 'react';

import type { SleeveProgress } from '@wendaxis/core/plan';

import { Chart, type Ink } from '../../ui/Chart.tsx';
import { useUnits } from '../../ui/useUnits.ts';
import { sleeveChartOption } from './sleeveChartOption.ts';

interface Props {
  readonly progress: SleeveProgress;
}

/** Rolling torque against nut angle: readings, the rise as it is forecast, the band, and where to stop. */
export function SleeveChart({ progress }: Props) {
  const units = useUnits();
  const option = useCallback(
    (ink: Ink) =>
      sleeveChartOption(progress, {
        ink,
        digits: (torque) => units.digits(torque, 'torque'),
      }),
    [progress, units],
  );
  const last = progress.points.at(-1)!;
  const words = `Rolling torque against nut angle, ${progress.points.length} points, the last ${units.show(last.torque, 'torque')} at ${Math.round(last.angle)}°`;
  return <Chart label={words} className="h-72" option={option} />;
}
