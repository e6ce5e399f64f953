import { AlertDialog } from 'radix-ui';
import { useCallback, useState } from 'react';

import { nextToRedo, nextToUndo, type JobEvent } from '@wendaxis/core/job';

import { record, redo } from '../stores/jobSync.ts';
import type { OpenJob } from '../stores/useJob.ts';
import { Button } from '../ui/Button.tsx';
import { useShortcut } from '../ui/useShortcut.ts';
import { useUnits } from '../ui/useUnits.ts';
import { eventLine, eventTime, tellerOf } from '../wording/eventLine.ts';

interface Props {
  readonly job: OpenJob;
  /** What is on screen: what was entered since it came is taken back at once. */
  readonly screen: string;
}

/** Undo and redo, each saying what it does. What was entered before this screen came is asked about first. */
export function UndoKeys({ job, screen }: Props) {
  const { jobId, events, state, plan } = job;
  const units = useUnits();
  const since = useEntriesBefore(screen, events.length);
  const [asked, setAsked] = useState<JobEvent | null>(null);
  const [told, setTold] = useState('');
  const last = nextToUndo(events);
  const back = nextToRedo(events);
  const lineOf = (event: JobEvent | null): string =>
    event === null ? '' : eventLine('job', event, tellerOf(units, { unit: state.unit, plan }));
  const isHere = last !== null && events.indexOf(last) >= since;
  const words = lineOf(last);
  // What was asked about, also where another entry has come in meanwhile.
  const takeBack = (event: JobEvent | null) => {
    if (event !== null) record(jobId, 'Undone', { eventId: event.id });
    setAsked(null);
    setTold(`Undone: ${lineOf(event)}`);
  };
  const press = () => (isHere ? takeBack(last) : setAsked(last));
  const bringBack = useCallback(() => redo(jobId), [jobId]);
  useShortcut(['Backspace', 'z'], 'Undo the last entry', press, { enabled: last !== null });
  useShortcut(['y'], 'Redo what was undone', bringBack, { enabled: back !== null });
  return (
    <>
      <Button
        onClick={press}
        disabled={last === null}
        shortcut="Z"
        title={last === null ? undefined : `Undo: ${words}`}
        aria-label={last === null ? 'Undo: nothing to undo' : `Undo: ${words}`}
        className="max-sm:px-3"
      >
        Undo
      </Button>
      <Button
        onClick={bringBack}
        disabled={back === null}
        shortcut="Y"
        title={back === null ? undefined : `Redo: ${lineOf(back)}`}
        className="max-sm:px-3"
      >
        Redo
      </Button>
      <p role="status" className="sr-only">
        {told}
      </p>
      <UndoAsked
        event={asked}
        words={lineOf(asked)}
        takeBack={() => takeBack(asked)}
        leave={() => setAsked(null)}
      />
    </>
  );
}

/** How many entries there were when the screen came. */
function useEntriesBefore(screen: string, now: number): number {
  const [before, setBefore] = useState({ screen, entries: now });
  if (before.screen === screen) return before.entries;
  setBefore({ screen, entries: now });
  return now;
}

interface AskedProps {
  readonly event: JobEvent | null;
  readonly words: string;
  readonly takeBack: () => void;
  readonly leave: () => void;
}

/** What would be undone, when it was entered; the key that undoes says so once more. */
function UndoAsked({ event, words, takeBack, leave }: AskedProps) {
  return (
    <AlertDialog.Root open={event !== null} onOpenChange={leave}>
      <AlertDialog.Portal>
        <AlertDialog.Overlay className="fixed inset-0 z-10 bg-black/50" />
        <AlertDialog.Content
          className="bg-page text-ink fixed top-1/2 left-1/2 z-20 grid w-[min(34rem,94vw)] -translate-x-1/2 -translate-y-1/2 gap-3 rounded-[3px] p-5"
          onKeyDown={({ key, repeat }) => {
            if (key.toLowerCase() === 'z' && !repeat) takeBack();
          }}
        >
          <AlertDialog.Title className="m-0 text-2xl">Undo this entry?</AlertDialog.Title>
          <AlertDialog.Description className="m-0 text-xl">
            {words}
            <span className="text-soft block text-lg">
              {event !== null && eventTime(event.at)}, before this screen was opened
            </span>
          </AlertDialog.Description>
          <div className="flex flex-wrap justify-end gap-3">
            <AlertDialog.Cancel asChild>
              <Button>Keep it</Button>
            </AlertDialog.Cancel>
            <Button kind="main" shortcut="Z" onClick={takeBack}>
              Undo it
            </Button>
          </div>
        </AlertDialog.Content>
      </AlertDialog.Portal>
    </AlertDialog.Root>
  );
}
