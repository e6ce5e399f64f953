import type { JobState } from './state.ts';

/** A job before its first event. */
export const EMPTY_JOB: JobState = {
  unit: null,
  specs: [],
  steps: {},
  sheet: {
    reason: '',
    scope: 'overhaul',
    start: 'running',
    renew: [],
    openedAt: null,
    practice: false,
    notes: [],
    finished: null,
  },
  measured: { runs: [], closing: {}, felt: [], figures: [], torques: [], accepted: {} },
  setting: {
    packs: {},
    foundPacks: {},
    chosen: {},
    setAfter: {},
    moved: {},
    cutUp: {},
    shelf: {},
    turned: {},
    sleeveSince: {},
    playTerms: [],
  },
  inspection: { marks: {}, sizes: {}, findings: {}, decisions: {}, offered: {} },
  heating: { heat: {}, clocks: [], temperatures: {}, limits: {} },
  fitting: { tries: {}, seating: {}, ways: {}, stops: {} },
  log: { ignored: [], order: 0, lastAt: null, newerVersion: null },
};
