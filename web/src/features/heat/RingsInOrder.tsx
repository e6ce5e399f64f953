import type { SeatHeat } from '@wendaxis/core/heat';
import { OUTCOME_WORDS, SEAT_OUTCOMES, type JobState } from '@wendaxis/core/job';
import type { HeatNow, RingNow } from '@wendaxis/core/plan';

import { record } from '../../stores/jobSync.ts';
import { Button } from '../../ui/Button.tsx';
import { OUTCOME_NEXT, SEAT_WORDS, TONE_INK, TONE_SIGN } from '../../wording/heatWords.ts';
import { clockText } from './clock.ts';

interface Props {
  readonly jobId: string;
  readonly state: JobState;
  readonly live: HeatNow;
}

/** The rings of a part that is out of the oven, in the order in which they go in, each against its last moment. */
export function RingsInOrder({ jobId, state, live }: Props) {
  const order = live.plan?.order?.map(({ id }) => id) ?? [];
  const place = (id: string) => (order.includes(id) ? order.indexOf(id) : order.length);
  const rings = live.rings.toSorted((a, b) => place(a.station.id) - place(b.station.id));
  return (
    <ol className="m-0 grid list-none gap-2 p-0" aria-label="Rings, in order">
      {rings.map((ring) => (
        <RingRow
          key={ring.station.id}
          jobId={jobId}
          state={state}
          ring={ring}
          heat={live.plan?.seats.find(({ seat }) => seat.id === ring.station.id)}
        />
      ))}
    </ol>
  );
}

interface RowProps {
  readonly jobId: string;
  readonly state: JobState;
  readonly ring: RingNow;
  readonly heat: SeatHeat | undefined;
}

function RingRow({ jobId, state, ring: { station, isIn }, heat }: RowProps) {
  const { id, name } = station;
  const last = state.fitting.tries[id]?.at(-1);
  return (
    <li className="bg-panel border-edge grid gap-2 rounded-[3px] border-2 p-3">
      <div className="flex flex-wrap items-center justify-between gap-3">
        <span className="text-xl font-bold">{name}</span>
        {isIn && last !== undefined && (
          <span className="text-good text-lg font-bold">✓ {OUTCOME_WORDS[last.outcome]}</span>
        )}
        {!isIn && heat !== undefined && <TimeLeft heat={heat} />}
      </div>
      {!isIn && (
        <div className="flex flex-wrap gap-2">
          {SEAT_OUTCOMES.map((outcome) => (
            <Button
              key={outcome}
              onClick={() => record(jobId, 'SeatTried', { stationId: id, outcome })}
            >
              {OUTCOME_WORDS[outcome]}
            </Button>
          ))}
        </div>
      )}
      {last !== undefined && (
        <p className={`m-0 ${isIn ? '' : 'tape-note p-2 pl-3'}`} role={isIn ? undefined : 'alert'}>
          {OUTCOME_NEXT[last.outcome]}
        </p>
      )}
    </li>
  );
}

/** How long a ring still drops in, or slides; or that it is too late for it. */
function TimeLeft({ heat: { word, window } }: { readonly heat: SeatHeat }) {
  const { words, tone } = SEAT_WORDS[word];
  const left = window.lastSafe ?? window.lastFree;
  return (
    <span className={`figure text-3xl ${TONE_INK[tone]}`}>
      {word === 'tight' || left === null
        ? `${TONE_SIGN.bad} ${SEAT_WORDS.tight.words}: reheat`
        : `${TONE_SIGN[tone]} ${clockText(left)} left`}
      <span className="ml-3 text-lg">{word === 'tight' ? '' : words}</span>
    </span>
  );
}
