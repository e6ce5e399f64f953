import { useEffect, useRef } from 'react';

import type { SleeveProgress } from '@wendaxis/core/plan';
import type { Band } from '@wendaxis/core/measure';

import { useSettings } from '../../stores/settingsStore.ts';
import { useUnits } from '../../ui/useUnits.ts';
import { sleeveChartOption } from './sleeveChartOption.ts';

interface Props {
  readonly progress: SleeveProgress;
  readonly band: Band;
  readonly sealDrag: number;
}

/** Rolling torque against nut angle: readings, the rise as it is forecast, the band, and where to stop. */
export function SleeveChart({ progress, band, sealDrag }: Props) {
  const box = useRef<HTMLDivElement>(null);
  const theme = useSettings((settings) => settings.theme);
  const units = useUnits();
  useEffect(() => {
    const element = box.current;
    if (element === null) return;
    let dispose = (): void => undefined;
    let gone = false;
    void import('../../ui/chartParts.ts').then(({ init }) => {
      if (gone) return;
      const chart = init(element, null, { renderer: 'svg' });
      const ink = (name: string) => getComputedStyle(element).getPropertyValue(name).trim();
      chart.setOption(sleeveChartOption(progress, { band, sealDrag, ink, digits: (torque) => units.digits(torque, 'torque') }));
      const resized = new ResizeObserver(() => chart.resize());
      resized.observe(element);
      dispose = () => {
        resized.disconnect();
        chart.dispose();
      };
    });
    return () => {
      gone = true;
      dispose();
    };
  }, [progress, band, sealDrag, theme, units]);
  const last = progress.points.at(-1)!;
  const words = `Rolling torque against nut angle, ${progress.points.length} points, the last ${units.show(last.torque, 'torque')} at ${Math.round(last.angle)}°`;
  return <div ref={box} role="img" aria-label={words} className="h-72 w-full" />;
} // prettier-ignore
