import type { JobScope } from '../job/index.ts';

/** How far a job is along its line, by its scope: the stations of the line. */
export const STAGES_OF = {
  setPlay: ['describe', 'measure', 'choose', 'fit', 'prove', 'finish'],
  renew: ['describe', 'strip', 'inspect', 'seat', 'set', 'close', 'finish'],
  findCause: ['describe', 'strip', 'inspect', 'finish'],
  overhaul: ['describe', 'strip', 'inspect', 'seat', 'set', 'close', 'finish'],
} as const satisfies Record<JobScope, readonly string[]>;
export type Stage = (typeof STAGES_OF)[JobScope][number];
