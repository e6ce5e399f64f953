import { useState, type FormEvent } from 'react';

import { instrumentsFor } from '@wendaxis/core/measure';
import type { StopSet } from '@wendaxis/core/plan';

import { record } from '../../stores/jobSync.ts';
import { useWorkshop } from '../../stores/useWorkshop.ts';
import { Button } from '../../ui/Button.tsx';
import { QuantityField, readField } from '../../ui/QuantityField.tsx';
import { WorkshopLink } from '../../ui/WorkshopLink.tsx';
import { useUnits } from '../../ui/useUnits.ts';

interface Props {
  readonly jobId: string;
  readonly stationId: string;
  readonly set: StopSet;
}

/** How far a nose stands out of a stack that anybody has. mm. */
const MOST = 500;

/** The second way to the same length: measured over driver and stack as they are put together, held against their sum. */
export function StopMeasured({ jobId, stationId, set: { driver, pieces, check } }: Props) {
  const units = useUnits();
  const [text, setText] = useState('');
  const instrument = instrumentsFor(useWorkshop().data?.instruments ?? [], 'seatedDepth')[0];
  const reading = readField(text, 'length', units.system);
  const value =
    reading.status === 'read' && reading.quantity.value > -5 && reading.quantity.value <= MOST
      ? reading.quantity.value
      : null;
  if (instrument === undefined)
    return (
      <p className="m-0">
        Nothing on the list measures a depth.{' '}
        <WorkshopLink to="instruments">Add an instrument to the workshop</WorkshopLink>
      </p>
    );
  const submit = (event: FormEvent): void => {
    event.preventDefault();
    if (value === null) return;
    const { deviceId: _, ...card } = instrument;
    const measured = { length: value, typed: text.trim(), instrument: card };
    record(jobId, 'StopBuilt', { stationId, driver, pieces: [...pieces], measured });
    setText('');
  };
  return (
    <form onSubmit={submit} className="flex flex-wrap items-start gap-3">
      <div className="w-80">
        <QuantityField
          label={`Under the stack to the end of the nose, with the ${instrument.name}`}
          text={text}
          onText={setText}
        />
      </div>
      <Button type="submit" className="mt-6" disabled={value === null}>
        Record it
      </Button>
      {check !== null && (
        <p
          role="status"
          className={`m-0 basis-full text-lg font-semibold ${check.agrees ? 'text-good' : 'text-bad'}`}
        >
          {check.agrees ? '✓ ' : '✕ '}
          {units.show(check.measured)}: off by {units.show(check.difference)},{' '}
          {check.agrees ? 'they agree' : 'they do not agree'} within {units.show(check.allowed)}.
        </p>
      )}
    </form>
  );
}
