import type { StationLabel } from '@wendaxis/core/drawing';
import { STATION_STATES, type StationState } from '@wendaxis/core/plan';

import { StateShape } from '../../ui/StateMark.tsx';
import { STATION_STATE_WORDS } from '../../wording/stateWords.ts';

interface Props {
  readonly labels: readonly StationLabel[];
  readonly states: Readonly<Record<string, StationState>>;
}

/** What the shapes under the section say, in words, with the numbers they stand at. */
export function StateLegend({ labels, states }: Props) {
  const groups = STATION_STATES.map((state) => ({
    state,
    numbers: labels
      .filter(({ stationId }) => states[stationId] === state)
      .map(({ number }) => number),
  })).filter(({ numbers }) => numbers.length > 0);
  return (
    <ul
      className="text-scribe m-0 flex list-none flex-wrap gap-x-5 gap-y-1 p-0"
      aria-label="How the stations stand"
    >
      {groups.map(({ state, numbers }) => (
        <li key={state} className="inline-flex items-center gap-2 text-[0.9rem]">
          <svg viewBox="-12 -12 24 24" className="size-5 shrink-0" aria-hidden="true">
            <StateShape state={state} />
          </svg>
          <span className="font-semibold">{STATION_STATE_WORDS[state]}</span>
          <span className="figure">{numbers.join(', ')}</span>
        </li>
      ))}
    </ul>
  );
}
