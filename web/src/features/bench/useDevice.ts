import { useCallback, useEffect, useRef, useState } from 'react';

import { readLine, type HandAction } from '@wendaxis/core/simulate';

import { OutOfReachError, send } from '../../api/client.ts';

/** What a streaming indicator says now. */
export interface LiveReading {
  readonly status: 'none' | 'connecting' | 'live' | 'lost';
  /** mm, °C of a thermometer, N·m of a wrench; null until the first reading. */
  readonly value: number | null;
}

const NONE: LiveReading = { status: 'none', value: null };
const CONNECTING: LiveReading = { status: 'connecting', value: null };

/** Listen to an indicator on a job; nothing when `deviceId` is null. */
export function useDevice(deviceId: string | null, jobId: string): LiveReading {
  return useLines(deviceId, `jobId=${jobId}`, 'reading');
}

/** Listen to a contact thermometer on a part; nothing when `deviceId` is null. The value is °C. */
export function useThermometer(
  deviceId: string | null,
  jobId: string,
  partId: string,
): LiveReading {
  return useLines(deviceId, `jobId=${jobId}&partId=${partId}`, 'temperature');
}

/** Listen to a torque wrench on an axis, its nut at an angle; nothing when `deviceId` is null. The value is N·m. */
export function useWrench(
  deviceId: string | null,
  jobId: string,
  held: { readonly axisId: string; readonly angle: number | null },
): LiveReading {
  const angle = held.angle === null ? '' : `&angle=${held.angle}`;
  return useLines(deviceId, `jobId=${jobId}&axisId=${held.axisId}${angle}`, 'torque');
}

function useLines(
  deviceId: string | null,
  query: string,
  kind: 'reading' | 'temperature' | 'torque',
): LiveReading {
  const [reading, setReading] = useState<LiveReading>(CONNECTING);
  useEffect(() => {
    if (deviceId === null) return;
    const source = new EventSource(`/api/devices/${deviceId}/lines?${query}`);
    source.addEventListener('line', ({ data }: MessageEvent<string>) => {
      const line = readLine(data);
      if (line?.kind === kind) setReading({ status: 'live', value: line.value });
    });
    source.addEventListener('error', () => setReading({ status: 'lost', value: null }));
    return () => {
      source.close();
      setReading(CONNECTING);
    };
  }, [deviceId, query, kind]);
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
