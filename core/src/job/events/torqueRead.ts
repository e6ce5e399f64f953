import { isSimulated } from '../../devices/index.ts';
import { refuse } from '../../faults/index.ts';
import {
  CORD_PULL_SCHEMA,
  cordTorque,
  requireInRange,
  requireTool,
  TORQUE_TOOL_SCHEMA,
} from '../../preload/index.ts';
import {
  degrees,
  identifier,
  millimetres,
  number,
  oneOf,
  orNull,
  record,
  text,
  yesNo,
} from '../../schema/index.ts';
import { jobEvent } from '../eventRow.ts';
import { withItem } from '../growing.ts';
import { inPlaceNow } from '../inPlace.ts';
import { TORQUE_STAGES } from '../kinds.ts';
import { hasAxis } from '../onUnit.ts';
import { NOT_IN_A_REAL_JOB } from '../practice.ts';
import type { TorqueReading } from '../setRows.ts';

/** One reading of rolling torque, by a wrench or by a spring scale on a cord. */
export const torqueRead = jobEvent({
  type: 'TorqueRead',
  since: 1,
  data: record({
    axisId: identifier(),
    stage: oneOf(TORQUE_STAGES),
    /** `sealDrag`: turned while the bearings have play, so the seal alone resists. */
    what: oneOf(['bearings', 'sealDrag']),
    value: number(0, 500, 'N·m'),
    /** Steady turning, not the peak that breaks it away. */
    steady: yesNo(),
    square: yesNo(),
    typed: orNull(text(40)),
    device: orNull(identifier()),
    /** The tool as its card was on the day. */
    tool: TORQUE_TOOL_SCHEMA,
    /** Pull on a cord, where the tool is a spring scale. */
    pull: orNull(CORD_PULL_SCHEMA),
    /** Angle of the nut from the first snug place, where a sleeve is crushed. */
    angle: orNull(degrees(0, 7200)),
    /** What the nut itself took, and the play that was left, where they were read. */
    nutTorque: orNull(number(0, 5000, 'N·m')),
    endPlay: orNull(millimetres(-5, 20)),
  }),
  joint: requireTorque,
  says: ({ what, value, steady, angle, tool, device }, tell) => {
    const where = angle === null ? '' : ` at ${Number(angle.toFixed(1))}°`;
    return `${what === 'sealDrag' ? 'Seal alone' : 'Rolling torque'} ${tell.show(value, 'torque')}${where}, ${steady ? 'steady' : 'breakaway'}, ${tool.name}${isSimulated(device) ? ', simulated' : ''}`;
  },
  reduce: (state, { id: eventId, data, at }, order) => {
    if (state.sheet.finished !== null) return 'the job is finished';
    if (!hasAxis(state, data.axisId)) return `no axis ${data.axisId}`;
    if (isSimulated(data.device) && !state.sheet.practice) return NOT_IN_A_REAL_JOB;
    requireTorque(data);
    const reading = { ...data, inPlace: inPlaceNow(state), order, eventId, at };
    return {
      ...state,
      measured: { ...state.measured, torques: withItem(state.measured.torques, reading) },
    };
  },
});

/**
 * Check a reading against its tool, and a pull against the torque it is said to give.
 * @throws InputError naming `value`, `tool.…` or `pull.…`
 */
export function requireTorque({ tool, value, pull }: TorqueReading): void {
  requireTool(tool);
  requireInRange(tool, value, 'value');
  if (pull === null) return;
  const { torque } = cordTorque(pull);
  if (Math.abs(torque - value) > 1e-6 + 1e-4 * value)
    refuse('contradiction', 'value', value, { id: 'pullGives', torque });
}
