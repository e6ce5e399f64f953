import { CLOCK_WORDS } from '../kinds.ts';
import { identifier, leftOut, number, oneOf, record } from '../../schema/index.ts';
import { jobEvent } from '../eventRow.ts';
import { CLOCK_KINDS, STATION_CLOCKS } from '../kinds.ts';
import { missingPart, missingStation } from '../onUnit.ts';
import { findStation } from '../../unit/index.ts';
import type { JobState } from '../state.ts';

/** Something waits: a part in the oven, rings in the freezer, one ring on the heater. `seconds` until it rings. */
export const clockStarted = jobEvent({
  type: 'ClockStarted',
  since: 1,
  data: record({
    clockId: identifier(),
    kind: oneOf(CLOCK_KINDS),
    targetId: identifier(),
    seconds: number(0, 172_800, 's'),
    /** What a ring or shaft is to be brought to; absent where nothing is, or where the heat of its part says so. */
    target: leftOut(number(-80, 200, '°C')),
  }),
  says: (data, tell) =>
    `${CLOCK_WORDS[data.kind]}: ${tell.name(data.targetId)}, ${Math.round(data.seconds / 60)} min`,
  reduce: (state, { data, at }) => {
    if (state.sheet.finished !== null) return 'the job is finished';
    if (state.heating.clocks.some(({ clockId }) => clockId === data.clockId))
      return `clock ${data.clockId} exists`;
    const missing = STATION_CLOCKS.includes(data.kind)
      ? missingStation(state, data.targetId)
      : missingPart(state, data.targetId);
    const clock = {
      ...data,
      startedAt: at,
      stoppedAt: null,
      heat: state.heating.heat[heatedWith(state, data.targetId)] ?? null,
    };
    return (
      missing ?? {
        ...state,
        heating: { ...state.heating, clocks: [...state.heating.clocks, clock] },
      }
    );
  },
});

/** The part whose heat a clock belongs to: its target, or the part of the ring that it is about. */
function heatedWith({ unit }: JobState, targetId: string): string {
  return unit === null ? targetId : (findStation(unit, targetId)?.station.partId ?? targetId);
}
