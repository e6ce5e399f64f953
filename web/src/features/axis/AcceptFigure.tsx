import { useState, type FormEvent } from 'react';

import type { AcceptedFigure } from '@wendaxis/core/job';

import { record } from '../../stores/jobSync.ts';
import { Button } from '../../ui/Button.tsx';
import { focusOnOpen, TextField } from '../../ui/TextField.tsx';

interface Props {
  readonly jobId: string;
  readonly specId: string;
  readonly accepted: AcceptedFigure | null;
  /** What comes after it is accepted. */
  readonly onAccepted?: () => void;
}

/** A figure that is not proven to be within its limits can be taken as it is: by whom and why is part of the record. */
export function AcceptFigure({ jobId, specId, accepted, onAccepted }: Props) {
  const [open, setOpen] = useState(false);
  const [name, setName] = useState('');
  const [reason, setReason] = useState('');
  const isSaid = name.trim() !== '' && reason.trim() !== '';
  const accept = (event: FormEvent): void => {
    event.preventDefault();
    if (!isSaid) return;
    record(jobId, 'FigureAccepted', { specId, name: name.trim(), reason: reason.trim() });
    setOpen(false);
    onAccepted?.();
  };
  if (accepted !== null)
    return (
      <div className="tape-note grid gap-2 p-2 pl-4">
        <p className="m-0 font-semibold">
          Accepted outside its limits by {accepted.name}: {accepted.reason}
        </p>
        <Button
          className="justify-self-start"
          onClick={() => record(jobId, 'Undone', { eventId: accepted.eventId })}
        >
          Undo it
        </Button>
      </div>
    );
  if (!open)
    return (
      <Button className="justify-self-start" onClick={() => setOpen(true)}>
        Accept it as it was read…
      </Button>
    );
  return (
    <form onSubmit={accept} className="grid max-w-3xl gap-2" aria-label="Accept it as it was read">
      <TextField
        label="Who accepts it"
        value={name}
        max={80}
        onChange={setName}
        inputRef={focusOnOpen}
      />
      <TextField label="Why it may stay" value={reason} max={300} onChange={setReason} />
      <div className="flex flex-wrap gap-3">
        <Button type="submit" disabled={!isSaid}>
          Accept it
        </Button>
        <Button onClick={() => setOpen(false)}>Do not accept</Button>
      </div>
    </form>
  );
}
