import type { Plan } from './compilePlan.ts';
import type { Step } from './step.ts';

/** What a step says to a reader outside: what is done, to what, after what, and how it stands. */
export type PlannedStep = Pick<
  Step,
  'id' | 'phase' | 'title' | 'status' | 'act' | 'on' | 'figure' | 'move' | 'rows' | 'after'
>;

/** A plan as it stands in the file of a job. */
export interface PlanFile extends Pick<Plan, 'screens'> {
  readonly steps: readonly PlannedStep[];
}

/** A plan for the file of a job: its steps without their words and numbers, which follow from the log. */
export const planFile = ({ steps, screens }: Plan): PlanFile => ({
  steps: steps.map(({ id, phase, title, status, act, on, figure, move, rows, after }) => ({
    id,
    phase,
    title,
    status,
    act,
    on,
    figure,
    move,
    rows,
    after,
  })),
  screens,
});
