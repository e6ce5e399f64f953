import { isSimulated } from '../devices/index.ts';
import { isolated } from '../faults/index.ts';
import { fixed } from '../units/index.ts';
import type { JobEvent } from './events.ts';
import { foldJob } from './foldJob.ts';
import { verdictOf } from './runs.ts';
import { CYCLE_PHASES, cyclesOf } from './cycles.ts';
import { type JobState } from './state.ts';

/** Version of the exported job file. */
export const JOB_FILE_VERSION = 1;

/** A job as a file: the log is the record, the rest is for the reader. */
export interface JobFile {
  readonly format: 'wendaxis-job';
  readonly version: number;
  readonly exportedAt: string;
  readonly jobId: string;
  readonly name: string;
  /** It was for practice, with simulated readings: no record of a real unit. */
  readonly practice: boolean;
  readonly events: readonly JobEvent[];
}

/** Put a job's log into a file. */
export function jobFile(jobId: string, events: readonly JobEvent[], exportedAt: string): JobFile {
  const {
    unit,
    sheet: { practice },
  } = foldJob(events);
  const name = unit?.name ?? '';
  return {
    format: 'wendaxis-job',
    version: JOB_FILE_VERSION,
    exportedAt,
    jobId,
    name,
    practice,
    events,
  };
}

/** One row of the readings table. Lengths in mm. */
export interface ReadingRow {
  readonly run: number;
  readonly stage: string;
  readonly instrument: string;
  readonly graduation_mm: number;
  readonly cycle: number;
  readonly phase: string;
  readonly reading_mm: number;
  readonly typed: string;
  readonly device: string;
  /** `yes` where a stand-in sent it. */
  readonly simulated: 'yes' | 'no';
  readonly position_deg: number | '';
  readonly at: string;
  readonly travel_mm: string;
  readonly drift_mm: string;
  readonly counts: string;
}

/** Every reading of a job, one row each, in the order taken; travel and drift stand on the return reading. */
export function readingRows(state: JobState): readonly ReadingRow[] {
  return state.measured.runs.flatMap((run, index) => {
    // A run whose limits were set to another kind afterwards cannot be judged; what was read stays.
    const verdict = isolated(() => verdictOf(state, run));
    const judged = (verdict.ok ? verdict.value?.cycles : null) ?? [];
    const whole = cyclesOf(run).complete.length;
    return run.readings.map((reading, at): ReadingRow => {
      const cycle = Math.floor(at / 3);
      const end = at % 3 === 2 && cycle < whole ? judged[cycle] : undefined;
      return {
        run: index + 1,
        stage: run.stage,
        instrument: run.instrument.name,
        graduation_mm: run.instrument.graduation,
        cycle: cycle + 1,
        phase: CYCLE_PHASES[at % CYCLE_PHASES.length]!,
        reading_mm: reading.value,
        typed: reading.typed ?? '',
        device: reading.device ?? '',
        simulated: isSimulated(reading.device) ? 'yes' : 'no',
        position_deg: reading.position ?? '',
        at: reading.at,
        travel_mm: end === undefined ? '' : fixed(end.travel, 4).replace('−', '-'),
        drift_mm: end === undefined ? '' : fixed(end.drift, 4).replace('−', '-'),
        counts: end === undefined ? '' : (end.flaw ?? 'yes'),
      };
    });
  });
}
