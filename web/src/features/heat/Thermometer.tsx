import { type Dispatch, type SetStateAction, useState, type FormEvent } from 'react';
import type { Part } from '@wendaxis/core/unit';
import { offeredDevice } from '../bench/offeredDevice.ts';
import { useThermometer, type LiveReading } from '../bench/useDevice.ts';
import { record } from '../../stores/jobSync.ts';
import { Button } from '../../ui/Button.tsx';
import { QuantityField, readField } from '../../ui/QuantityField.tsx';
import { useUnits } from '../../ui/useUnits.ts';
import type { ScreenUnits } from '../../wording/screenUnits.ts';

/** The stand-in thermometer: it is had for practice jobs only. */
const THERMOMETER = 'thermo-a';

export function Thermometer({
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
        <TouchKey live={live} jobId={jobId} part={part} setTouching={setTouching} units={units} />
      )}
      <p className="small-label m-0 basis-full">
        No thermometer: a drop of water that sizzles says the surface is past 100 °C, no more.
      </p>
    </form>
  );
}

interface TouchKeyProps {
  readonly live: LiveReading;
  readonly jobId: string;
  readonly part: Part;
  readonly setTouching: Dispatch<SetStateAction<boolean>>;
  readonly units: ScreenUnits;
}

function TouchKey({ live, jobId, part, setTouching, units }: TouchKeyProps) {
  return (
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
      {live.value === null ? 'Waiting for it…' : `Take ${units.show(live.value, 'temperature', 1)}`}
    </Button>
  );
}
