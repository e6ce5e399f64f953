import { RUN_STAGE_WORDS } from '../kinds.ts';
import { requireNumber } from '../../faults/index.ts';
import { identifier, number, oneOf, orNull, record, text } from '../../schema/index.ts';
import { jobEvent } from '../eventRow.ts';
import { withItem } from '../growing.ts';
import { RUN_STAGES } from '../kinds.ts';

/** A figure read off without a guided run: rolling torque in N·m, backlash in mm. */
export const figureTaken = jobEvent({
  type: 'FigureTaken',
  since: 1,
  data: record({
    specId: identifier(),
    stage: oneOf(RUN_STAGES),
    value: number(-100, 500),
    typed: orNull(text(40)),
  }),
  says: (data) => `Read off: ${data.typed ?? data.value}, ${RUN_STAGE_WORDS[data.stage]}`,
  reduce: (state, { data, at }, order) => {
    if (!state.specs.some(({ specId }) => specId === data.specId)) return `no spec ${data.specId}`;
    const figure = { ...data, value: requireNumber('value', data.value), order, at };
    return {
      ...state,
      measured: { ...state.measured, figures: withItem(state.measured.figures, figure) },
    };
  },
});
