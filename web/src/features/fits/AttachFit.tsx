import { type Dispatch, type SetStateAction, useState } from 'react';
import { Link } from 'react-router';

import { useJobs } from '../../api/queries.ts';
import { record } from '../../stores/jobSync.ts';
import { Button } from '../../ui/Button.tsx';
import { SelectField } from '../../ui/SelectField.tsx';
import { useCopiedUnit } from '../describe/useCopiedUnit.ts';
import { attachFit, fitTargets, type FitTarget } from './attachFit.ts';
import type { FitQuestion } from './fitsDesk.ts';
import type { JobRow } from '@wendaxis/contract';
import type { Unit } from '@wendaxis/core/unit';

interface Props {
  readonly question: FitQuestion;
  /** The answer in words, as the logbook keeps it. */
  readonly answer: string;
}

/** Put the answer to a seat of a job: its class on the station, the figures in the logbook. */
export function AttachFit({ question, answer }: Props) {
  const jobs = useJobs({ filter: 'bench', search: '', page: 0 }).data?.jobs ?? [];
  const [jobId, setJobId] = useState('');
  const [stationId, setStationId] = useState('');
  const [done, setDone] = useState<{ readonly jobId: string; readonly words: string } | null>(null);
  const unit = useCopiedUnit(jobId === '' ? null : jobId);
  const targets = unit === null ? [] : fitTargets(unit);
  const target = targets.find(({ station }) => station.id === stationId);
  const attach = (): void => {
    if (target === undefined) return;
    const { described, note } = attachFit(target, question, answer);
    if (described !== null) record(jobId, 'StationDescribed', described);
    record(jobId, 'NoteWritten', { text: note });
    setDone({
      jobId,
      words:
        described === null
          ? 'Noted. A measured size is entered at its own step.'
          : `${target.station.name} has its class, and the logbook the answer.`,
    });
    setStationId('');
  };
  return (
    <section aria-label="Put it to a seat" className="border-edge grid gap-2 border-t pt-3">
      <h2 className="m-0 text-xl">Put it to a seat of a job</h2>
      <SeatOfJob
        jobId={jobId}
        setJobId={setJobId}
        setStationId={setStationId}
        setDone={setDone}
        jobs={jobs}
        stationId={stationId}
        unit={unit}
        targets={targets}
        target={target}
        attach={attach}
      />
      <p role="status" className="m-0 min-h-6">
        {done !== null && (
          <>
            {done.words}{' '}
            <Link className="text-ink font-semibold" to={`/jobs/${done.jobId}/plan`}>
              To its plan
            </Link>
          </>
        )}
      </p>
    </section>
  );
}

interface SeatOfJobProps {
  readonly jobId: string;
  readonly setJobId: Dispatch<SetStateAction<string>>;
  readonly setStationId: Dispatch<SetStateAction<string>>;
  readonly setDone: Dispatch<
    SetStateAction<{ readonly jobId: string; readonly words: string } | null>
  >;
  readonly jobs: readonly JobRow[];
  readonly stationId: string;
  readonly unit: Unit | null;
  readonly targets: readonly FitTarget[];
  readonly target: FitTarget | undefined;
  readonly attach: () => void;
}

function SeatOfJob({
  jobId,
  setJobId,
  setStationId,
  setDone,
  jobs,
  stationId,
  unit,
  targets,
  target,
  attach,
}: SeatOfJobProps) {
  return (
    <div className="flex flex-wrap items-end gap-3">
      <div className="min-w-48 flex-1">
        <SelectField
          label="Job"
          value={jobId}
          onChange={(id) => {
            setJobId(id);
            setStationId('');
            setDone(null);
          }}
          unknown="choose"
          options={jobs.map((job) => [job.jobId, job.name])}
        />
      </div>
      <div className="min-w-48 flex-1">
        <SelectField
          label="Seat of"
          value={stationId}
          onChange={setStationId}
          unknown={unit === null && jobId !== '' ? 'fetching…' : 'choose'}
          options={targets.map(({ station }) => [station.id, station.name])}
        />
      </div>
      <Button disabled={target === undefined} onClick={attach}>
        Attach it
      </Button>
    </div>
  );
}
