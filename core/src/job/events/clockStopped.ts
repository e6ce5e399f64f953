import { identifier, record } from '../../schema/index.ts';
import { jobEvent } from '../eventRow.ts';

export const clockStopped = jobEvent({
  type: 'ClockStopped',
  since: 1,
  data: record({ clockId: identifier() }),
  says: () => 'Clock stopped',
  reduce: (state, { data: { clockId }, at }) => {
    const running = state.heating.clocks.some(
      (clock) => clock.clockId === clockId && clock.stoppedAt === null,
    );
    if (!running) return `no clock ${clockId} runs`;
    const clocks = state.heating.clocks.map((clock) =>
      clock.clockId === clockId ? { ...clock, stoppedAt: at } : clock,
    );
    return { ...state, heating: { ...state.heating, clocks } };
  },
});
