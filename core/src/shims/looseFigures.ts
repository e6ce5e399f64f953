import { bandWidth, NORMAL_FACTOR } from '../measure/index.ts';
import type { JointQuestion } from './jointQuestion.ts';

/** Figures whose reading alone leaves no room between their limits: no pack can be proven for them. */
export const looseFigures = ({ specs }: JointQuestion): readonly string[] =>
  specs
    .filter(({ uncertainty, band }) => 2 * NORMAL_FACTOR * uncertainty >= bandWidth(band))
    .map(({ id }) => id);
