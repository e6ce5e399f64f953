import { type Dispatch, type SetStateAction, useMemo, useState } from 'react';

import { standingEvents, type LogTeller, type JobState, type JobEvent } from '@wendaxis/core/job';

import { useWorkshop } from '../stores/useWorkshop.ts';
import { exportJob, exportReadings } from '../features/log/exportJob.ts';
import { ClosedWithout } from '../features/log/ClosedWithout.tsx';
import { RunTable } from '../features/log/RunTable.tsx';
import { record } from '../stores/jobSync.ts';
import { UNSIGNED } from '../stores/settingsStore.ts';
import { MainAction } from '../ui/ActionBar.tsx';
import { Button } from '../ui/Button.tsx';
import { useUnits } from '../ui/useUnits.ts';
import { eventLine, eventTime, tellerOf } from '../wording/eventLine.ts';
import { useOpenJob } from './JobLayout.tsx';
import type { NextAction } from '@wendaxis/core/plan';
import { Main } from '../ui/Main.tsx';

/** The logbook of a job: it wrote itself. */
export function LogPage() {
  const { jobId, events, state, plan, next } = useOpenJob();
  const units = useUnits();
  const tell = useMemo(
    () => tellerOf(units, { unit: state.unit, plan }),
    [units, state.unit, plan],
  );
  const [note, setNote] = useState('');
  const text = note.trim();
  const clear = (): void => setNote('');
  const people = useWorkshop().data?.people ?? [];
  const nameOf = (id: string) =>
    people.find(({ personId }) => personId === id)?.name ?? (id === UNSIGNED ? 'not signed' : id);
  return (
    <Main
      title={`Logbook · ${state.unit!.name}`}
      className="mx-auto grid w-full max-w-5xl grid-cols-[minmax(0,1fr)] gap-5 p-6 [overflow-wrap:anywhere] max-sm:px-3"
    >
      <LogHead state={state} jobId={jobId} events={events} />
      <section aria-label="Runs" className="bg-panel border-edge rounded-[3px] border-2 p-4">
        <RunTable state={state} />
      </section>
      <ClosedWithout state={state} plan={plan} next={next} />
      <WriteInLog
        next={next}
        note={note}
        setNote={setNote}
        jobId={jobId}
        text={text}
        clear={clear}
        state={state}
      />
      <Entries
        events={events}
        standing={new Set(standingEvents(events).map(({ id }) => id))}
        nameOf={nameOf}
        tell={tell}
        undoneWords={undoneWords}
      />
      {state.log.ignored.length > 0 && (
        <section
          aria-label="Entries without effect"
          className="bg-panel border-bad rounded-[3px] border-2 p-4"
        >
          <h2 className="m-0 text-xl">Entries without effect</h2>
          {state.log.ignored.map(({ eventId, type, reason }) => (
            <p key={eventId} className="m-0">
              {type}: {reason}
            </p>
          ))}
        </section>
      )}
    </Main>
  );

  function undoneWords(eventId: string | undefined): string {
    const target = events.find(({ id }) => id === eventId);
    return target === undefined ? 'an entry' : eventLine('job', target, tell);
  }
}

interface LogHeadProps {
  readonly state: JobState;
  readonly jobId: string;
  readonly events: readonly JobEvent[];
}

function LogHead({ state, jobId, events }: LogHeadProps) {
  return (
    <div className="flex flex-wrap items-end justify-between gap-3">
      <div>
        <h1 className="m-0 text-[2.3rem] leading-tight">Logbook</h1>
        <p className="m-0 text-xl">{state.unit!.name}</p>
      </div>
      <div className="flex flex-wrap gap-3 print:hidden">
        <Button onClick={() => exportJob(jobId, events)}>Job as JSON</Button>
        <Button onClick={() => exportReadings(state)}>Readings as CSV</Button>
      </div>
    </div>
  );
}

interface EntriesProps {
  readonly events: readonly JobEvent[];
  readonly standing: Set<string>;
  readonly nameOf: (id: string) => string;
  readonly tell: LogTeller;
  readonly undoneWords: (eventId: string | undefined) => string;
}

function Entries({ events, standing, nameOf, tell, undoneWords }: EntriesProps) {
  return (
    <ol className="m-0 list-none p-0" aria-label="Entries, newest first">
      {events.toReversed().map((event) => {
        const stands = standing.has(event.id);
        return (
          <li key={event.id} className="border-edge grid grid-cols-[13rem_1fr] gap-4 border-t py-2">
            <span className="text-soft text-base">
              {eventTime(event.at)}{' '}
              <span className="inline-block break-words">{nameOf(event.by)}</span>
            </span>
            <span className={stands || event.type === 'Undone' ? '' : 'text-soft line-through'}>
              {eventLine('job', event, tell)}
              {event.type === 'Undone' && `: ${undoneWords(event.data?.eventId)}`}
              {event.seq === null && <em> (waits to be sent)</em>}
            </span>
          </li>
        );
      })}
    </ol>
  );
}

interface WriteInLogProps {
  readonly next: NextAction;
  readonly note: string;
  readonly setNote: Dispatch<SetStateAction<string>>;
  readonly jobId: string;
  readonly text: string;
  readonly clear: () => void;
  readonly state: JobState;
}

/** A note, and the end of the job or its being opened again. */
function WriteInLog({ next, note, setNote, jobId, text, clear, state }: WriteInLogProps) {
  return (
    <section aria-label="Write" className="grid gap-2 print:hidden">
      <label className="grid gap-1">
        <span className="small-label">{next.kind === 'finishJob' ? 'Final note' : 'Note'}</span>
        <textarea
          className="bg-panel border-edge min-h-20 border-2 p-3"
          maxLength={2000}
          value={note}
          onChange={(event) => setNote(event.target.value)}
        />
      </label>
      <div className="flex flex-wrap gap-3">
        {next.kind === 'finishJob' && (
          <MainAction
            onClick={() => {
              record(jobId, 'JobFinished', { note: text });
              clear();
            }}
          >
            Close the job
          </MainAction>
        )}
        <Button
          disabled={text === ''}
          onClick={() => {
            record(jobId, 'NoteWritten', { text });
            clear();
          }}
        >
          Write the note
        </Button>
        {state.sheet.finished !== null && (
          <Button
            disabled={text === ''}
            onClick={() => {
              record(jobId, 'JobReopened', { reason: text.slice(0, 300) });
              clear();
            }}
          >
            Reopen, with this reason
          </Button>
        )}
      </div>
    </section>
  );
}
