import type { AcceptedFigure, JobState, Spec } from '../job/index.ts';
import { words } from './figures.ts';
import type { Figure } from './step.ts';

/** Who accepted a figure as it was read, and why; null where it was read again since, or nobody did. */
export function acceptance(
  { measured }: JobState,
  specId: string,
  readAt: number,
): AcceptedFigure | null {
  const row = measured.accepted[specId];
  return row !== undefined && row.order > readAt ? row : null;
}

/** That a figure was accepted outside its limits, for its steps and the printed record; nothing where it was not. */
export function acceptedFigure({ measured }: JobState, { specId }: Spec): Figure | null {
  const row = measured.accepted[specId];
  if (row === undefined) return null;
  return words('Accepted outside its limits', `by ${row.name}: ${row.reason}`, row.at);
}
