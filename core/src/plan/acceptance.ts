import type { AcceptedFigure, JobState } from '../job/index.ts';

/** Who accepted a figure as it was last read, or was read before, and why; null where nobody did. */
export const acceptedOnce = ({ measured }: JobState, specId: string): AcceptedFigure | null =>
  Object.hasOwn(measured.accepted, specId) ? measured.accepted[specId]! : null;

/** Who accepted a figure as it was read, and why; null where it was read again since, or nobody did. */
export function acceptance(state: JobState, specId: string, readAt: number): AcceptedFigure | null {
  const row = acceptedOnce(state, specId);
  return row !== null && row.order > readAt ? row : null;
}
