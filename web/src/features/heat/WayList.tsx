import type { WayId, WayIn } from '@wendaxis/core/heat';

import { spanText } from './clock.ts';
import { Button } from '../../ui/Button.tsx';
import { useUnits } from '../../ui/useUnits.ts';

interface Props {
  readonly ways: readonly WayIn[];
  /** The way that was chosen. */
  readonly chosen?: WayId | undefined;
  /** Absent where there is nothing to choose for. */
  readonly onChoose?: (way: WayId) => void;
}

/** Ways in, side by side: what each needs, what limits it, what it risks. */
export function WayList({ ways, chosen, onChoose }: Props) {
  const units = useUnits();
  const figures = (way: WayIn) =>
    [
      way.temperature === null ? '' : `heat to ${units.show(way.temperature, 'temperature')}`,
      way.seconds === null ? '' : `${way.timeWords} ${spanText(way.seconds)}`,
      way.ringTemperature === null || way.ringTemperature === way.temperature
        ? ''
        : `ring ${units.show(way.ringTemperature, 'temperature')}`,
      way.force === null ? '' : `force ${units.show(way.force, 'force')}`,
      way.stress === null ? '' : `stress ${units.show(way.stress, 'pressure')}`,
    ]
      .filter(Boolean)
      .join(', ');
  return (
    <ul className="m-0 list-none p-0" aria-label="Methods">
      {ways.map((way) => (
        <li key={way.id} className="border-edge grid grid-cols-[7rem_1fr] gap-x-4 border-t py-2">
          <span
            className={`text-lg font-bold ${!way.stands ? 'text-bad' : way.lastResort ? '' : 'text-good'}`}
          >
            {!way.stands ? '✕ not possible' : way.lastResort ? '△ last resort' : '✓ OK'}
          </span>
          <span>
            <span className="text-lg font-semibold">{units.told(way.words)}</span>
            <span className="figure ml-3">{figures(way)}</span>
            <span className="block">{units.told(way.limit)}</span>
            <span className="small-label block">{units.told(way.risks)}</span>
            {onChoose !== undefined && way.stands && (
              <Button
                aria-pressed={chosen === way.id}
                className={chosen === way.id ? 'border-plate! bg-plate text-scribe mt-1' : 'mt-1'}
                onClick={() => onChoose(way.id)}
              >
                {chosen === way.id ? '✓ This method' : 'Use this method'}
              </Button>
            )}
          </span>
        </li>
      ))}
    </ul>
  );
}
