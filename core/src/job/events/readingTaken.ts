import { isSimulated } from '../../devices/index.ts';
import { requireNumber } from '../../faults/index.ts';
import {
  degrees,
  identifier,
  leftOut,
  millimetres,
  oneOf,
  orNull,
  record,
  text,
} from '../../schema/index.ts';
import { CYCLE_PHASES } from '../cycles.ts';
import { jobEvent } from '../eventRow.ts';
import { withItem } from '../growing.ts';
import { NOT_IN_A_REAL_JOB } from '../practice.ts';
import { withOpenRun } from '../runs.ts';

/** Readings come in threes: zero, lift, return. */
export const readingTaken = jobEvent({
  type: 'ReadingTaken',
  since: 1,
  data: record({
    runId: identifier(),
    value: millimetres(-100, 100),
    typed: orNull(text(40)),
    /** Device that sent it; null when it was typed. */
    device: orNull(identifier()),
    /** Mark on the shaft. */
    position: orNull(degrees(0, 360)),
    /** What it was taken for, and at which bench: two benches on one run do not mix their cycles. */
    phase: leftOut(oneOf(CYCLE_PHASES)),
    bench: leftOut(identifier()),
  }),
  says: ({ value, typed, device, position }, tell) => {
    const origin =
      typed !== null
        ? `typed “${typed}”`
        : `from ${device ?? 'the indicator'}${isSimulated(device) ? ', simulated' : ''}`;
    return `Reading ${tell.show(value)}, ${origin}${position === null ? '' : `, mark ${position}°`}`;
  },
  reduce: (state, { id, data, at }) =>
    withOpenRun(state, data.runId, (run) => {
      const { typed, device, position, phase, bench } = data;
      if (isSimulated(device) && !state.sheet.practice) return NOT_IN_A_REAL_JOB;
      const value = requireNumber('value', data.value, { min: -100, max: 100, unit: 'mm' });
      const place = run.readings.length % CYCLE_PHASES.length;
      if (phase !== undefined && phase !== CYCLE_PHASES[place])
        // Read at another bench meanwhile, or one before it was taken back.
        return `taken for its ${phase}, while its ${CYCLE_PHASES[place]} is next: another bench read it meanwhile, or a reading before was taken back`;
      const before = place === 0 ? undefined : run.readings.at(-1)!.bench;
      if (before !== undefined && bench !== undefined && before !== bench)
        return 'this cycle was begun at another bench: a cycle is read at one';
      const told = bench === undefined ? {} : { bench };
      const reading = { eventId: id, value, typed, device, position, ...told, at };
      return { ...run, readings: withItem(run.readings, reading) };
    }),
});
