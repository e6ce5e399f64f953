import type { AxisFigure } from './draft.ts';
import type { EventKey } from './model/index.ts';

/** What the stages of a course are told. */
export interface StageGoal {
  readonly isOverhaul: boolean;
  /** Figures that are to be proven: something moved that they rest on. */
  readonly open: readonly AxisFigure[];
}

/** One stage: the axes whose figures are set together, and what is not in yet while they are. */
export interface Stage {
  readonly axes: readonly string[];
  readonly absent: ReadonlySet<EventKey>;
}
