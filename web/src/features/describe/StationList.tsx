import type { KeyboardEvent } from 'react';

import type { StationLabel } from '@wendaxis/core/drawing';
import { geometryFaults, STATION_KIND_TABLE, type Axis } from '@wendaxis/core/unit';

interface Props {
  readonly axis: Axis;
  readonly labels: readonly StationLabel[];
  readonly selected: string | null;
  readonly onSelect: (stationId: string) => void;
}

/** The stations in the order they stand; arrow keys walk along the axis. */
export function StationList({ axis, labels, selected, onSelect }: Props) {
  const numbers = new Map(labels.map(({ stationId, number }) => [stationId, number]));
  const { stations } = axis;
  const faulty = geometryFaults({ id: '', name: '', description: '', parts: [], axes: [axis] });
  const walk = (event: KeyboardEvent<HTMLElement>): void => {
    const step = { ArrowRight: 1, ArrowDown: 1, ArrowLeft: -1, ArrowUp: -1 }[event.key];
    if (step === undefined) return;
    event.preventDefault();
    const at = stations.findIndex(({ id }) => id === selected);
    const to = stations[Math.min(Math.max(at + step, 0), stations.length - 1)];
    if (to === undefined) return;
    onSelect(to.id);
    event.currentTarget.querySelector<HTMLElement>(`[data-station="${to.id}"]`)?.focus();
  };
  return (
    <div
      role="listbox"
      aria-label="Stations, from left to right"
      tabIndex={-1}
      onKeyDown={walk}
      className="border-edge grid max-h-80 auto-rows-max grid-cols-2 overflow-y-auto border-t"
    >
      {stations.map(({ id, name, kind }) => {
        const chosen = id === selected;
        return (
          <div
            key={id}
            role="option"
            aria-selected={chosen}
            tabIndex={chosen ? 0 : -1}
            data-station={id}
            onClick={() => onSelect(id)}
            className={`border-edge flex min-h-12 cursor-pointer items-center gap-2 border-b px-2 ${chosen ? 'bg-plate text-scribe' : ''}`}
          >
            <span className="figure w-7 shrink-0 text-right">{numbers.get(id) ?? '·'}</span>
            <span className="min-w-0 leading-tight">
              <span className="font-semibold">{name}</span>
              <span className={`block text-[0.8rem] ${chosen ? '' : 'text-soft'}`}>
                {STATION_KIND_TABLE[kind].words}
                {faulty[id] !== undefined && ' · does not fit'}
              </span>
            </span>
          </div>
        );
      })}
    </div>
  );
}
