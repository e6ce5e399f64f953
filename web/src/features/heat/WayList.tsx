import type { WayIn } from '@wendaxis/core/heat';

import { spanText } from './clock.ts';
import { useUnits } from '../../ui/useUnits.ts';

/** Ways in, side by side: what each needs, what limits it, what it risks. */
export function WayList({ ways }: { readonly ways: readonly WayIn[] }) {
  const units = useUnits();
  const figures = (way: WayIn) =>
    [
      way.temperature === null ? '' : `heat to ${units.show(way.temperature, 'temperature')}`,
      way.seconds === null ? '' : `about ${spanText(way.seconds)}`,
      way.ringTemperature === null || way.ringTemperature === way.temperature ? '' : `ring ${units.show(way.ringTemperature, 'temperature')}`,
      way.force === null ? '' : `force ${units.show(way.force, 'force')}`,
      way.stress === null ? '' : `stress ${units.show(way.stress, 'pressure')}`,
    ].filter(Boolean).join(', ');
  return (
    <ul className="m-0 list-none p-0" aria-label="Ways in">
      {ways.map((way) => (
        <li key={way.id} className="border-edge grid grid-cols-[7rem_1fr] gap-x-4 border-t py-2">
          <span className={`text-lg font-bold ${!way.stands ? 'text-bad' : way.lastResort ? '' : 'text-good'}`}>{!way.stands ? '✕ refused' : way.lastResort ? '△ last resort' : '✓ stands'}</span>
          <span>
            <span className="text-lg font-semibold">{way.words}</span>
            <span className="figure ml-3">{figures(way)}</span>
            <span className="block">{way.limit}</span>
            <span className="small-label block">{way.risks}</span>
          </span>
        </li>
      ))}
    </ul>
  );
} // prettier-ignore
