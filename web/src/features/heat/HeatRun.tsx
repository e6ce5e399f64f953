import { useState, type FormEvent } from 'react';
import { v4 as uuid } from 'uuid';

import type { PartHeat } from '@wendaxis/core/heat';
import { OUTCOME_WORDS, SEAT_OUTCOMES, type JobState, type PlannedHeat } from '@wendaxis/core/job';
import type { Part } from '@wendaxis/core/unit';

import { offeredDevice } from '../bench/offeredDevice.ts';
import { useThermometer } from '../bench/useDevice.ts';
import { record } from '../../stores/jobSync.ts';
import { useNow } from '../../stores/useNow.ts';
import { Button } from '../../ui/Button.tsx';
import { QuantityField, readField } from '../../ui/QuantityField.tsx';
import { useUnits } from '../../ui/useUnits.ts';
import { OUTCOME_NEXT } from '../../wording/heatWords.ts';
import { clockText, spanText } from './clock.ts';

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
      <div className="flex flex-wrap gap-3">
        <Button
          kind={clockOf('oven') === undefined && cooling === undefined ? 'main' : 'plain'}
          className="text-lg"
          disabled={plan.status === 'refused'}
          onClick={intoOven}
        >
          {cooling === undefined ? 'Into the oven' : 'Back into the oven'}
        </Button>
        <Button
          className="text-lg"
          disabled={clockOf('freezer') !== undefined || plan.freeze === 0}
          onClick={() => start('freezer', plan.freeze)}
        >
          Rings into the freezer ({spanText(plan.freeze)})
        </Button>
        <Button
          kind={clockOf('oven') === undefined ? 'plain' : 'main'}
          className="text-lg"
          disabled={clockOf('oven') === undefined}
          onClick={out}
        >
          Out of the oven
        </Button>
        {cooling !== undefined && <Button onClick={() => stop('cooling')}>All in, cold</Button>}
      </div>
      {outFor !== null && plan.order !== null && (
        <p className="m-0 text-2xl" role="timer">
          Out for <span className="figure">{clockText(outFor)}</span>
        </p>
      )}
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

/** The stand-in thermometer: it is had for practice jobs only. */
const THERMOMETER = 'thermo-a';

function Thermometer({
  jobId,
  part,
  practice,
}: {
  readonly jobId: string;
  readonly part: Part;
  readonly practice: boolean;
}) {
  const units = useUnits();
  const [text, setText] = useState('');
  const [touching, setTouching] = useState(false);
  const live = useThermometer(
    touching ? offeredDevice(THERMOMETER, practice) : null,
    jobId,
    part.id,
  );
  const reading = readField(text, 'temperature', units.system);
  const value =
    reading.status === 'read' && reading.quantity.value >= -100 && reading.quantity.value <= 400
      ? reading.quantity.value
      : null;
  const submit = (event: FormEvent): void => {
    event.preventDefault();
    if (value === null) return;
    record(jobId, 'TemperatureRead', { partId: part.id, value, typed: text.trim(), device: null });
    setText('');
  };
  return (
    <form onSubmit={submit} className="flex flex-wrap items-start gap-3">
      <div className="w-72">
        <QuantityField
          label={`Contact thermometer on ${part.name}`}
          kind="temperature"
          text={text}
          onText={setText}
        />
      </div>
      <Button type="submit" className="mt-6" disabled={value === null}>
        Record it
      </Button>
      {practice && !touching && (
        <Button className="mt-6" onClick={() => setTouching(true)}>
          Hold {THERMOMETER} on it, simulated
        </Button>
      )}
      {practice && touching && (
        <Button
          className="mt-6"
          disabled={live.value === null}
          onClick={() => {
            record(jobId, 'TemperatureRead', {
              partId: part.id,
              value: live.value!,
              typed: null,
              device: THERMOMETER,
            });
            setTouching(false);
          }}
        >
          {live.value === null
            ? 'Waiting for it…'
            : `Take ${units.show(live.value, 'temperature', 1)}`}
        </Button>
      )}
      <p className="small-label m-0 basis-full">
        No thermometer: a drop of water that sizzles says the surface is past 100 °C, no more.
      </p>
    </form>
  );
}
