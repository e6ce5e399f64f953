import { identifier, record, text } from '../../schema/index.ts';
import { FIGURES } from '../../figures/index.ts';
import { jobEvent } from '../eventRow.ts';
import type { JobState } from '../state.ts';
import type { Spec } from '../stateRows.ts';

/** A figure as it was last read is accepted though it is not proven to be within its limits: by whom, and why. */
export const figureAccepted = jobEvent({
  type: 'FigureAccepted',
  since: 1,
  data: record({ specId: identifier(), name: text(80, 1), reason: text(300, 1) }),
  says: ({ name, reason }) => `Accepted as it was read, outside its limits, by ${name}: ${reason}`,
  reduce: (state, { id, data: { specId, name, reason }, at }, order) => {
    const spec = state.specs.find((one) => one.specId === specId);
    if (spec === undefined) return `no spec ${specId}`;
    if (typeof name !== 'string' || typeof reason !== 'string') return 'no name or reason';
    if (!hasReading(state, spec)) return `no ${FIGURES[spec.kind].words} was read yet`;
    const accepted = {
      ...state.measured.accepted,
      [specId]: { name, reason, order, eventId: id, at },
    };
    return { ...state, measured: { ...state.measured, accepted } };
  },
});

/** Whether a figure was read at all. */
function hasReading({ measured }: JobState, { specId, axisId, kind }: Spec): boolean {
  return (
    measured.runs.some((run) => run.specId === specId && run.status === 'closed') ||
    measured.figures.some((row) => row.specId === specId) ||
    measured.backlashes.some((row) => row.specId === specId) ||
    (kind === 'depth' && measured.depths.length > 0) ||
    measured.torques.some((row) => row.axisId === axisId)
  );
}
