import { dropsIn, type WayId, type WayIn } from '@wendaxis/core/heat';

import { standing, timeOf } from './wayWords.ts';
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
      way.temperature === null ? '' : `heat to ${units.show(way.temperature, 'temperature', 0)}`,
      timeOf(way),
      way.drops === null || !way.stands || !dropsIn(way)
        ? ''
        : `drops in from ${units.show(way.drops, 'temperature', 0)}`,
      way.ringTemperature === null || way.ringTemperature === way.temperature
        ? ''
        : `ring ${units.show(way.ringTemperature, 'temperature', 0)}`,
      way.shaftTemperature === null
        ? ''
        : `shaft ${units.show(way.shaftTemperature, 'temperature', 0)}`,
      way.force === null || way.forceMost === null
        ? ''
        : `force ${units.show(way.force, 'force')}, at the most ${units.show(way.forceMost, 'force')}`,
      way.stress === null ? '' : `stress ${units.show(way.stress, 'pressure')}`,
    ]
      .filter(Boolean)
      .join(', ');
  return (
    <ul className="m-0 list-none p-0" aria-label="Methods">
      {ways.map((way) => (
        <li key={way.id} className="border-edge grid grid-cols-[7rem_1fr] gap-x-4 border-t py-2">
          <span className={`text-lg font-bold ${standing(way).ink}`}>{standing(way).words}</span>
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
