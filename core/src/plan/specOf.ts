import type { FigureKind } from '../figures/index.ts';
import type { JobState, Spec } from '../job/index.ts';

/** The limits of a figure of an axis; null while they are not entered. */
export const specOf = ({ specs }: JobState, axisId: string, kind: FigureKind): Spec | null =>
  specs.find((row) => row.axisId === axisId && row.kind === kind) ?? null;
