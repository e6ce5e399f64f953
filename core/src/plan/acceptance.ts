import type { AcceptedFigure, JobState } from '../job/index.ts';

/** Who accepted a figure as it was read, and why; null where it was read again since, or nobody did. */
export function acceptance(
  { measured }: JobState,
  specId: string,
  readAt: number,
): AcceptedFigure | null {
  const row = measured.accepted[specId];
  return row !== undefined && row.order > readAt ? row : null;
}
