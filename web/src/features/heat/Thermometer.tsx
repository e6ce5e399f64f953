import { type Dispatch, type SetStateAction, useState, type FormEvent } from 'react';
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
  targetId,
  name,
  practice,
}: {
  readonly jobId: string;
  /** Part, or station of a ring. */
  readonly targetId: string;
  readonly name: string;
  readonly practice: boolean;
}) {
  const units = useUnits();
  const [text, setText] = useState('');
  const [touching, setTouching] = useState(false);
  const live = useThermometer(
    touching ? offeredDevice(THERMOMETER, practice) : null,
    jobId,
    targetId,
  );
  const value = degreesIn(text, units);
  const submit = (event: FormEvent): void => {
    event.preventDefault();
    if (value === null) return;
    record(jobId, 'TemperatureRead', { partId: targetId, value, typed: text.trim(), device: null });
    setText('');
  };
  return (
    <form onSubmit={submit} className="flex flex-wrap items-start gap-3">
      <div className="w-72">
        <QuantityField
          label={`Contact thermometer on ${name}`}
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
        <TouchKey
          live={live}
          jobId={jobId}
          targetId={targetId}
          setTouching={setTouching}
          units={units}
        />
      )}
      <p className="small-label m-0 basis-full">
        No thermometer: a drop of water that sizzles says the surface is past 100 °C, no more.
      </p>
    </form>
  );
}

/** A temperature that was typed, °C; null where it cannot be read, or cannot be. */
function degreesIn(text: string, { system }: ScreenUnits): number | null {
  const reading = readField(text, 'temperature', system);
  return reading.status === 'read' &&
    reading.quantity.value >= -100 &&
    reading.quantity.value <= 400
    ? reading.quantity.value
    : null;
}

interface TouchKeyProps {
  readonly live: LiveReading;
  readonly jobId: string;
  readonly targetId: string;
  readonly setTouching: Dispatch<SetStateAction<boolean>>;
  readonly units: ScreenUnits;
}

function TouchKey({ live, jobId, targetId, setTouching, units }: TouchKeyProps) {
  return (
    <Button
      className="mt-6"
      disabled={live.value === null}
      onClick={() => {
        record(jobId, 'TemperatureRead', {
          partId: targetId,
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
