import { requireNumber } from '../../faults/index.ts';
import { identifier, millimetres, oneOf, orNull, record } from '../../schema/index.ts';
import { packThickness } from '../../shims/index.ts';
import { jobEvent } from '../eventRow.ts';
import { atStation } from '../onUnit.ts';
import type { SpacerFeel } from '../setRows.ts';

/** What the spacer that is in gave by hand: some play (mm, where it was read), or none left. */
export const spacerFelt = jobEvent({
  type: 'SpacerFelt',
  since: 1,
  data: record({
    stationId: identifier(),
    feel: oneOf(['loose', 'tight']),
    play: orNull(millimetres(0, 20)),
  }),
  joint: requireFeel,
  says: ({ stationId, feel, play }, tell) =>
    `${tell.name(stationId)}: ${feel === 'tight' ? 'no play left' : play === null ? 'still some play' : `play ${tell.show(play)}`}`,
  reduce: (state, { data }) =>
    atStation(state, 'spacer', data.stationId, ({ id }) => {
      const pack = state.setting.packs[id];
      if (pack === undefined) return 'no spacer is in yet';
      requireFeel(data);
      return {
        ...state,
        measured: {
          ...state.measured,
          felt: [...state.measured.felt, { ...data, length: packThickness(pack.pieces) }],
        },
      };
    }),
});

/** @throws InputError naming `play`: a spacer that left play has play, a tight one has none */
export function requireFeel({ feel, play }: Pick<SpacerFeel, 'feel' | 'play'>): void {
  if (play === null) return;
  const bounds = feel === 'tight' ? { min: 0, max: 0 } : { above: 0, max: 20 };
  requireNumber('play', play, { ...bounds, unit: 'mm' });
}
