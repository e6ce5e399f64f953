import { isInstant, piecesBySize } from '@wendaxis/core/job';
import { readState } from '@wendaxis/core/plan';

import type { KeptRow } from '../repositories/jobListRepository.ts';
import type { FoldedJob } from './jobReader.ts';

/** Most missing data named in the list of jobs. */
const MISSING_SHOWN = 3;
/** Most signs that a search looks through for one job. */
const LONGEST_SEARCH = 4000;

/** What the list shows of a job. A job that cannot be read has a row that says so. */
export function listRow(jobId: string, { state, openedAt, updatedAt }: FoldedJob): KeptRow {
  const { plan, next, stage, unreadable } = readState(state);
  const opened = instant(state.sheet.openedAt ?? openedAt);
  const stations = state.unit?.axes.flatMap((axis) => axis.stations) ?? [];
  const name = state.unit?.name ?? '';
  const step = 'step' in next ? { title: next.step.title, reason: next.step.reason } : null;
  return {
    jobId,
    name,
    reason: state.sheet.reason,
    stage,
    scope: state.sheet.scope,
    next: next.kind,
    step,
    behind: plan.behind,
    steps: plan.steps.length,
    missing: plan.missing
      .filter(({ on }) => on !== 'step')
      .slice(0, MISSING_SHOWN)
      .map(({ words }) => words),
    finished: state.sheet.finished !== null,
    practice: state.sheet.practice,
    unreadable,
    openedAt: opened,
    updatedAt: instant(updatedAt) || opened,
    pieces: piecesBySize(Object.values(state.setting.packs)),
    search: [
      name,
      state.sheet.reason,
      step?.title ?? '',
      ...stations.flatMap((station) => [station.name, station.designation ?? '']),
    ]
      .join(' ')
      .toLowerCase()
      .slice(0, LONGEST_SEARCH),
  };
}

/** An instant that can be read; empty where it cannot. */
function instant(at: string | null): string {
  return isInstant(at) ? at : '';
}
