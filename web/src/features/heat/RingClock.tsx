import { v4 as uuid } from 'uuid';

import type { WayIn } from '@wendaxis/core/heat';

import { record } from '../../stores/jobSync.ts';
import type { OpenJob } from '../../stores/useJob.ts';
import { Button } from '../../ui/Button.tsx';
import { spanText } from './clock.ts';

interface Props {
  readonly job: OpenJob;
  readonly stationId: string;
  readonly ways: readonly WayIn[];
}

/** A clock for one ring in the oven: how long it needs, started and stopped here, shown in the header. */
export function RingClock({ job: { jobId, state }, stationId, ways }: Props) {
  const seconds = ways.find(({ id, stands }) => id === 'oven' && stands)?.seconds ?? null;
  const running = state.clocks.find(({ targetId, kind, stoppedAt }) => targetId === stationId && kind === 'ringWarming' && stoppedAt === null);
  if (running !== undefined)
    return <Button onClick={() => record(jobId, 'ClockStopped', { clockId: running.clockId })}>It is on, stop the clock</Button>;
  if (seconds === null || state.finished !== null) return null;
  return (
    <Button onClick={() => record(jobId, 'ClockStarted', { clockId: uuid(), kind: 'ringWarming', targetId: stationId, seconds: Math.round(seconds) })}>
      Ring into the oven ({spanText(seconds)})
    </Button>
  );
} // prettier-ignore
