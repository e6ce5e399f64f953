import type { JobState, Spec } from '../../job/index.ts';
import { acceptedOnce } from '../acceptance.ts';
import { words } from '../figures.ts';
import type { Figure } from '../step.ts';

/** That a figure was accepted outside its limits, for its steps and the printed record; nothing where it was not. */
export function acceptedFigure(state: JobState, { specId }: Spec): Figure | null {
  const row = acceptedOnce(state, specId);
  if (row === null) return null;
  return words('Accepted outside its limits', `by ${row.name}: ${row.reason}`, row.at);
}
