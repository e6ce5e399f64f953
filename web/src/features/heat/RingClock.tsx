import { v4 as uuid } from 'uuid';

import { ringFreezeTime, USUAL_HEAT, type WayIn } from '@wendaxis/core/heat';
import { findStation } from '@wendaxis/core/unit';

import { record } from '../../stores/jobSync.ts';
import type { OpenJob } from '../../stores/useJob.ts';
import { Button } from '../../ui/Button.tsx';
import { spanText } from './clock.ts';

interface Props {
  readonly job: OpenJob;
  readonly stationId: string;
  readonly ring: 'outer' | 'inner';
  readonly ways: readonly WayIn[];
}

/** A clock for one ring, in the oven or in the freezer: started and stopped here, shown in the header. */
export function RingClock({ job: { jobId, state }, stationId, ring, ways }: Props) {
  const kind = ring === 'inner' ? 'ringWarming' : 'ringFreezing';
  const running = state.heating.clocks.find(
    (clock) => clock.targetId === stationId && clock.kind === kind && clock.stoppedAt === null,
  );
  if (running !== undefined)
    return (
      <Button onClick={() => record(jobId, 'ClockStopped', { clockId: running.clockId })}>
        Out: stop the clock
      </Button>
    );
  const { inside: bore, outside, width } = findStation(state.unit!, stationId)!.station;
  const seconds =
    ring === 'inner'
      ? (ways.find(({ id, stands }) => id === 'oven' && stands)?.seconds ?? 0)
      : ringFreezeTime({ bore, outside, width }, USUAL_HEAT.rings, USUAL_HEAT.ambient);
  if (seconds === 0 || state.sheet.finished !== null) return null;
  return (
    <Button
      onClick={() =>
        record(jobId, 'ClockStarted', {
          clockId: uuid(),
          kind,
          targetId: stationId,
          seconds: Math.round(seconds),
        })
      }
    >
      Ring into the {ring === 'inner' ? 'oven' : 'freezer'} ({spanText(seconds)})
    </Button>
  );
}
