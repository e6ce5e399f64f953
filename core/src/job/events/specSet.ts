import { refuse } from '../../faults/index.ts';
import { BAND_SCHEMA } from '../../measure/index.ts';
import { identifier, leftOut, number, oneOf, record, text } from '../../schema/index.ts';
import { FIGURE_KINDS, FIGURES } from '../../figures/index.ts';
import { jobEvent } from '../eventRow.ts';
import { hasAxis } from '../onUnit.ts';
import { requireSpecBand } from '../requireSpecBand.ts';

/** What a figure of an axis is to be, and where that comes from. */
export const specSet = jobEvent({
  type: 'SpecSet',
  since: 1,
  data: record({
    specId: identifier(),
    axisId: identifier(),
    kind: oneOf(FIGURE_KINDS),
    /** In the core unit of the kind: mm or N·m. */
    band: BAND_SCHEMA,
    /** Rolling torque: whether the seal's drag is in the figure; taken as not, where it is not said. */
    sealDrag: leftOut(oneOf(['included', 'excluded'])),
    /** Rolling torque of a carrier that is read at the pinion: the pinion's axis, and teeth of the ring gear over those of the pinion. */
    through: leftOut(record({ axisId: identifier(), ratio: number(0.2, 20) })),
    /** Backlash: the most that it may differ round the gear; what is usual where it is not said. */
    mostRange: leftOut(number(0.005, 1, 'mm')),
    /** The line that says where the figure comes from. */
    source: text(300),
  }),
  joint: ({ axisId, kind, band, through }) => {
    requireSpecBand(kind, band);
    if (through?.axisId === axisId)
      refuse('contradiction', 'through.axisId', axisId, { id: 'anotherAxis' });
  },
  says: ({ kind, band, source }, tell) => {
    const { words, quantity } = FIGURES[kind];
    const limit = (value: number | null) =>
      value === null ? 'open' : tell.digits(value, quantity);
    const name = words.charAt(0).toUpperCase() + words.slice(1);
    return `${name} limits ${limit(band.lower)} to ${limit(band.upper)} ${tell.unit(quantity)}. ${source}`;
  },
  reduce: (state, { data }) => {
    if (!hasAxis(state, data.axisId)) return `no axis ${data.axisId}`;
    if (data.through?.axisId === data.axisId)
      return 'a carrier is read at the pinion of another axis';
    const others = state.specs.filter(({ specId }) => specId !== data.specId);
    const band = requireSpecBand(data.kind, data.band);
    // What was accepted was accepted against the limits of then.
    const { [data.specId]: _, ...accepted } = state.measured.accepted;
    const measured = { ...state.measured, accepted };
    return { ...state, measured, specs: [...others, { ...data, band }] };
  },
});
