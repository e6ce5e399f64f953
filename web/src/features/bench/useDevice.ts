import { useCallback, useEffect, useRef, useState } from 'react';

import { readLine } from '@wendaxis/core/devices';
import type { HandAction } from '@wendaxis/core/simulate';

import { OutOfReachError, send } from '../../api/client.ts';
import { browserStreams, type Watch } from '../../stores/stream/index.ts';

/** What a streaming device says now. */
export interface LiveReading {
  /** `refused`: the server does not have it, or not for this job. */
  readonly status: 'none' | 'connecting' | 'live' | 'lost' | 'refused';
  /** mm, °C of a thermometer, N·m of a wrench; null until the first reading. */
  readonly value: number | null;
  /** The device says of itself that it is a stand-in. */
  readonly simulated: boolean;
  /** How many readings have come since it was put on: each can be taken once. */
  readonly count: number;
}

const NONE: LiveReading = { status: 'none', value: null, simulated: false, count: 0 };
const CONNECTING: LiveReading = { status: 'connecting', value: null, simulated: false, count: 0 };

/** Listen to an indicator on a job; nothing when `deviceId` is null. */
export function useDevice(deviceId: string | null, jobId: string): LiveReading {
  return useLines(deviceId, jobId, {}, 'reading');
}

/** Listen to a contact thermometer on a part; nothing when `deviceId` is null. The value is °C. */
export function useThermometer(
  deviceId: string | null,
  jobId: string,
  partId: string,
): LiveReading {
  return useLines(deviceId, jobId, { partId }, 'temperature');
}

/** Listen to a torque wrench on an axis, its nut at an angle; nothing when `deviceId` is null. The value is N·m. */
export function useWrench(
  deviceId: string | null,
  jobId: string,
  held: { readonly axisId: string; readonly angle: number | null },
): LiveReading {
  const { axisId, angle } = held;
  return useLines(deviceId, jobId, angle === null ? { axisId } : { axisId, angle }, 'torque');
}

function useLines(
  deviceId: string | null,
  jobId: string,
  held: Pick<Watch, 'partId' | 'axisId' | 'angle'>,
  kind: 'reading' | 'temperature' | 'torque',
): LiveReading {
  const [reading, setReading] = useState<LiveReading>(CONNECTING);
  const asked = JSON.stringify(held);
  useEffect(() => {
    if (deviceId === null) return;
    const { hub } = browserStreams();
    const key = `${deviceId} ${jobId} ${asked}`;
    const unsubscribe = hub.subscribe((news) => {
      if (news.kind === 'lost') setReading({ ...CONNECTING, status: 'lost' });
      if (news.kind === 'refused' && news.key === key)
        setReading({ ...CONNECTING, status: 'refused' });
      if (news.kind !== 'line' || news.key !== key) return;
      const line = readLine(news.line);
      if (line?.kind === kind)
        setReading(({ count }) => ({
          status: 'live',
          value: line.value,
          simulated: line.simulated,
          count: count + 1,
        }));
    });
    const unwatch = hub.watch({
      key,
      deviceId,
      jobId,
      ...(JSON.parse(asked) as Pick<Watch, 'partId' | 'axisId' | 'angle'>),
      // The clocks of a heat run by this browser's time: what is warm at which moment is told by it.
      ...(kind === 'temperature' ? { clock: Date.now() } : {}),
    });
    return () => {
      unwatch();
      unsubscribe();
      setReading(CONNECTING);
    };
  }, [deviceId, jobId, asked, kind]);
  return deviceId === null ? NONE : reading;
}

/** The hands of a stand-in: tell them what to do, know which mark stands at the indicator. */
export function useHands(deviceId: string | null, jobId: string) {
  const [position, setPosition] = useState(0);
  // Hands do one thing after the other, however fast they are told to.
  const queue = useRef(Promise.resolve());
  const act = useCallback(
    (action: HandAction) => {
      if (deviceId === null) return;
      queue.current = queue.current
        .then(() => send<{ position: number }>(`/devices/${deviceId}/hands`, { action, jobId }))
        .then((answer) => setPosition(answer.position))
        .catch((error: unknown) => {
          // The lost indicator is already told on screen by its stream.
          if (!(error instanceof OutOfReachError)) throw error;
        });
    },
    [deviceId, jobId],
  );
  return { position, act };
}
