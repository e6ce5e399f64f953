import { useCallback, useState } from 'react';

import type { Step } from '@wendaxis/core/plan';

import { record } from '../../stores/jobSync.ts';
import { Button } from '../../ui/Button.tsx';
import { useShortcut } from '../../ui/useShortcut.ts';

interface Props {
  readonly jobId: string;
  readonly step: Step;
  readonly onDone: () => void;
}

/** Say that a step is done, with a note where there is something to say. */
export function TickForm({ jobId, step, onDone }: Props) {
  const [note, setNote] = useState('');
  const waits = step.status === 'waiting';
  const done = useCallback(() => {
    record(jobId, 'StepDone', { stepId: step.id, note: note.trim() });
    setNote('');
    onDone();
  }, [jobId, step.id, note, onDone]);
  useShortcut(['Enter'], done, !waits);
  return (
    <div className="flex flex-wrap items-end gap-3">
      <Button
        kind={waits ? 'plain' : 'main'}
        className="min-h-16 px-8 text-2xl"
        onClick={done}
        shortcut={waits ? undefined : 'Enter'}
      >
        {waits ? 'Done already' : 'Done'}
      </Button>
      <label className="grid min-w-60 flex-1 gap-1">
        <span className="small-label">Note, if there is one</span>
        <input
          className="bg-panel border-edge min-h-12 border-2 px-3"
          maxLength={500}
          value={note}
          onChange={(event) => setNote(event.target.value)}
        />
      </label>
    </div>
  );
}
