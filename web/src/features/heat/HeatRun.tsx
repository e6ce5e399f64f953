import { v4 as uuid } from 'uuid';
import type { PartHeat } from '@wendaxis/core/heat';
import {
  OUTCOME_WORDS,
  SEAT_OUTCOMES,
  type Clock,
  type JobState,
  type PlannedHeat,
} from '@wendaxis/core/job';
import type { Part } from '@wendaxis/core/unit';
import { record } from '../../stores/jobSync.ts';
import { useNow } from '../../stores/useNow.ts';
import { MainAction } from '../../ui/ActionBar.tsx';
import { Button } from '../../ui/Button.tsx';
import { OUTCOME_NEXT } from '../../wording/heatWords.ts';
import { clockText, spanText } from './clock.ts';
import { Thermometer } from './Thermometer.tsx';

interface Props {
  readonly jobId: string;
  readonly state: JobState;
  readonly part: Part;
  readonly plan: PartHeat;
  readonly settings: PlannedHeat;
  readonly seenOn: string | null;
  readonly coolingFactor: number;
}

/** Doing it: into the oven and freezer, out, ring after ring against its deadline, thermometer readings. */
export function HeatRun({ jobId, state, part, plan, settings, seenOn, coolingFactor }: Props) {
  const now = useNow();
  const running = state.heating.clocks.filter(
    ({ targetId, stoppedAt }) => targetId === part.id && stoppedAt === null,
  );
  const clockOf = (kind: string) => running.find((clock) => clock.kind === kind);
  const stop = (kind: string): void => {
    const clock = clockOf(kind);
    if (clock !== undefined) record(jobId, 'ClockStopped', { clockId: clock.clockId });
  };
  const start = (kind: 'oven' | 'freezer' | 'cooling', seconds: number): void =>
    record(jobId, 'ClockStarted', {
      clockId: uuid(),
      kind,
      targetId: part.id,
      seconds: Math.round(seconds),
    });
  const last =
    plan.order === null ? 0 : Math.max(...plan.order.map(({ in: end, spare }) => end + spare));
  const intoOven = (): void => {
    record(jobId, 'HeatSet', { partId: part.id, settings });
    stop('cooling');
    start('oven', plan.soak);
  };
  const out = (): void => {
    stop('oven');
    start('cooling', last);
  };
  const cooling = clockOf('cooling');
  const outFor = cooling === undefined ? null : (now - Date.parse(cooling.startedAt)) / 1000;
  return (
    <section aria-label="Doing it" className="grid gap-3">
      <ClockKeys
        clockOf={clockOf}
        cooling={cooling}
        plan={plan}
        intoOven={intoOven}
        start={start}
        out={out}
        stop={stop}
      />
      {outFor !== null && plan.order !== null && (
        <p className="m-0 text-2xl" role="timer">
          Out for <span className="figure">{clockText(outFor)}</span>
        </p>
      )}
      <RingsInOrder cooling={cooling} plan={plan} jobId={jobId} state={state} outFor={outFor} />
      {(cooling !== undefined || clockOf('oven') !== undefined) && (
        <Thermometer jobId={jobId} part={part} practice={state.sheet.practice} />
      )}
      {seenOn !== null && (
        <p className="m-0 font-semibold">
          Cooling corrected by what was seen on {seenOn}: × {coolingFactor.toFixed(2)}.
        </p>
      )}
    </section>
  );
}

interface RingsInOrderProps {
  readonly cooling: Clock | undefined;
  readonly plan: PartHeat;
  readonly jobId: string;
  readonly state: JobState;
  readonly outFor: number | null;
}

function RingsInOrder({ cooling, plan, jobId, state, outFor }: RingsInOrderProps) {
  return (
    <ol className="m-0 grid list-none gap-2 p-0" aria-label="Rings, in order">
      {(cooling === undefined ? [] : (plan.order ?? [])).map(({ id, in: end, spare }) => (
        <SeatRow
          key={id}
          jobId={jobId}
          state={state}
          id={id}
          name={plan.seats.find(({ seat }) => seat.id === id)!.seat.name}
          left={outFor === null ? null : end + spare - outFor}
        />
      ))}
    </ol>
  );
}

interface ClockKeysProps {
  readonly clockOf: (kind: string) => Clock | undefined;
  readonly cooling: Clock | undefined;
  readonly plan: PartHeat;
  readonly intoOven: () => void;
  readonly start: (kind: 'oven' | 'freezer' | 'cooling', seconds: number) => void;
  readonly out: () => void;
  readonly stop: (kind: string) => void;
}

/** Into the oven, into the freezer, out and in: what comes next is the action of the page. */
function ClockKeys({ clockOf, cooling, plan, intoOven, start, out, stop }: ClockKeysProps) {
  const inOven = clockOf('oven') !== undefined;
  // Where the plan does not stand, another one comes first; it can be begun all the same.
  const begins = !inOven && cooling === undefined && plan.status === 'stands';
  return (
    <div className="flex flex-wrap gap-3">
      {begins && <MainAction onClick={intoOven}>Into the oven</MainAction>}
      {inOven && <MainAction onClick={out}>Out of the oven</MainAction>}
      {!inOven && cooling !== undefined && (
        <MainAction onClick={() => stop('cooling')}>All in, cold</MainAction>
      )}
      {!begins && !inOven && (
        <Button className="text-lg" disabled={plan.status === 'refused'} onClick={intoOven}>
          {cooling === undefined ? 'Into the oven' : 'Back into the oven'}
        </Button>
      )}
      <Button
        className="text-lg"
        disabled={clockOf('freezer') !== undefined || plan.freeze === 0}
        onClick={() => start('freezer', plan.freeze)}
      >
        Rings into the freezer ({spanText(plan.freeze)})
      </Button>
    </div>
  );
}

interface RowProps {
  readonly jobId: string;
  readonly state: JobState;
  readonly id: string;
  readonly name: string;
  /** s until its last safe moment; null while the part is not out. */
  readonly left: number | null;
}

function SeatRow({ jobId, state, id, name, left }: RowProps) {
  const last = state.fitting.tries[id]?.at(-1);
  const home = last !== undefined && last.outcome !== 'stoppedHalfWay';
  return (
    <li className="bg-panel border-edge grid gap-2 rounded-[3px] border-2 p-3">
      <div className="flex flex-wrap items-center justify-between gap-3">
        <span className="text-xl font-bold">{name}</span>
        {home && (
          <span className="text-good text-lg font-bold">✓ {OUTCOME_WORDS[last.outcome]}</span>
        )}
        {!home && left !== null && (
          <span className={`figure text-3xl ${left < 0 ? 'text-bad' : ''}`}>
            {left < 0 ? 'too late: reheat' : `${clockText(left)} left`}
          </span>
        )}
      </div>
      {!home && (
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
        <p className={`m-0 ${home ? '' : 'tape-note p-2 pl-3'}`} role={home ? undefined : 'alert'}>
          {OUTCOME_NEXT[last.outcome]}
        </p>
      )}
    </li>
  );
}
