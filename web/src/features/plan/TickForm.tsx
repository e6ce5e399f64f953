import { useCallback, useState } from 'react';

import type { Step } from '@wendaxis/core/plan';

import { record } from '../../stores/jobSync.ts';
import { MainAction } from '../../ui/ActionBar.tsx';
import { Button } from '../../ui/Button.tsx';
import { NoteField } from './NoteField.tsx';

interface Props {
  readonly jobId: string;
  readonly step: Step;
  readonly onDone: () => void;
  /** Other words on the button; then Enter does not press it. */
  readonly words?: string;
  /** It is the one thing to do on its page all the same. */
  readonly inHand?: true;
  /** Something of it is still under way: Enter does not say that it is done. */
  readonly underWay?: boolean;
}

/** Say that a step is done, with a note where there is something to say. */
export function TickForm({ jobId, step, onDone, words, inHand, underWay = false }: Props) {
  const [note, setNote] = useState('');
  const waits = step.status === 'waiting';
  const main = !waits && words === undefined;
  const done = useCallback(() => {
    record(jobId, 'StepDone', { stepId: step.id, note: note.trim() });
    setNote('');
    onDone();
  }, [jobId, step.id, note, onDone]);
  return (
    <div className="flex flex-wrap items-end gap-3">
      {main && (
        <MainAction onClick={done} {...(underWay ? { pressOnly: true as const } : {})}>
          Done
        </MainAction>
      )}
      {!main && inHand !== undefined && !waits && (
        <MainAction onClick={done} pressOnly>
          {words}
        </MainAction>
      )}
      {!main && (inHand === undefined || waits) && (
        <Button onClick={done}>{words ?? 'Already done'}</Button>
      )}
      <NoteField value={note} onChange={setNote} max={500} />
    </div>
  );
}
