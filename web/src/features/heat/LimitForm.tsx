import { useState, type FormEvent } from 'react';

import { RING_HARDNESS_LIMIT, RING_LIMIT, type HeatLimit } from '@wendaxis/core/heat';
import type { JobState } from '@wendaxis/core/job';

import { record } from '../../stores/jobSync.ts';
import { Button } from '../../ui/Button.tsx';
import { QuantityField, readField } from '../../ui/QuantityField.tsx';
import { useUnits } from '../../ui/useUnits.ts';

interface Props {
  readonly jobId: string;
  readonly state: JobState;
  /** Part or station. */
  readonly targetId: string;
  readonly name: string;
  readonly usual: HeatLimit;
  /** Beyond it no reason counts, °C. */
  readonly most: number;
}

/** The heat limit of a part or bearing, and setting another with its reason: a coating, a maker’s word. */
export function LimitForm({ jobId, state, targetId, name, usual, most }: Props) {
  const units = useUnits();
  const [open, setOpen] = useState(false);
  const [text, setText] = useState('');
  const [reason, setReason] = useState('');
  const limit = state.heating.limits[targetId] ?? usual;
  // Only what seals or grease bear is lifted by taking them out.
  const canOpen = most === RING_HARDNESS_LIMIT && limit.limit === RING_LIMIT.sealed;
  const reading = readField(text, 'temperature', units.system);
  const value = reading.status === 'read' ? reading.quantity.value : null;
  const usable = value !== null && value >= 30 && value <= most;
  const submit = (event: FormEvent): void => {
    event.preventDefault();
    if (!usable || reason.trim().length < 5) return;
    record(jobId, 'LimitSet', { targetId, limit: value, reason: reason.trim() });
    setOpen(false);
    setText('');
    setReason('');
  };
  return (
    <div className="grid gap-2">
      <p className="m-0 flex flex-wrap items-center gap-3">
        <span>
          Limit of {name}{' '}
          <strong className="figure">{units.show(limit.limit, 'temperature')}</strong>:{' '}
          {units.told(limit.reason)}
        </span>
        {!open && state.sheet.finished === null && (
          <Button onClick={() => setOpen(true)}>Another limit</Button>
        )}
        {canOpen && state.sheet.finished === null && <OpenedUp jobId={jobId} targetId={targetId} />}
      </p>
      {open && (
        <form onSubmit={submit} className="flex flex-wrap items-start gap-3">
          <div className="w-44">
            <QuantityField label="Not above" kind="temperature" text={text} onText={setText} />
          </div>
          <label className="grid min-w-60 flex-1 gap-1">
            <span className="small-label">Source and reason: a coating, a maker’s sheet</span>
            <input
              className="bg-panel border-edge min-h-12 border-2 px-3"
              maxLength={300}
              value={reason}
              onChange={(event) => setReason(event.target.value)}
            />
          </label>
          <Button type="submit" className="mt-6" disabled={!usable || reason.trim().length < 5}>
            Record it
          </Button>
          {value !== null && !usable && (
            <p role="alert" className="text-bad m-0 basis-full font-semibold">
              Between {units.show(30, 'temperature')} and {units.show(most, 'temperature')}.
            </p>
          )}
        </form>
      )}
    </div>
  );
}

/** Seals and grease are out: what they bore counts no more. */
function OpenedUp({ jobId, targetId }: Pick<Props, 'jobId' | 'targetId'>) {
  return (
    <Button
      onClick={() =>
        record(jobId, 'LimitSet', {
          targetId,
          limit: RING_LIMIT.open,
          reason: 'Its seals and grease are out; greased and closed again after fitting',
        })
      }
    >
      Its seals and grease are out
    </Button>
  );
}
