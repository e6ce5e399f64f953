import type { FindingId } from '../inspect/index.ts';
import type { JobEventData, JobEventType } from '../job/index.ts';
import type { Band, Instrument } from '../measure/index.ts';
import type { FigureKind } from '../figures/index.ts';

/** Something a mechanic records: the type of the event and what it carries. */
export type Recorded = {
  [Type in JobEventType]: { readonly type: Type; readonly data: JobEventData[Type] };
}[JobEventType];

/** How the imagined mechanic works. */
export interface WorkHabits {
  readonly instrument: Instrument;
  /** What seats are measured with; the instrument of the runs when it is not given. */
  readonly gauge?: Instrument;
  /** Bands for specs that are still to be entered, with the line they come from. */
  readonly bands: Readonly<Partial<Record<FigureKind, Band>>>;
  readonly source: string;
  /** Findings other than the first of the table, by station or part. */
  readonly findings?: Readonly<Record<string, FindingId>>;
  /** End play found before strip-down; the middle of the limits when it is not given. mm. */
  readonly asFoundPlay?: number;
}
