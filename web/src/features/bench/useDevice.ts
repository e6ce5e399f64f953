import { useCallback, useEffect, useState } from 'react';

import { readLine, type HandAction } from '@wendaxis/core/simulate';

import { send } from '../../api/client.ts';

/** What a streaming indicator says now. */
export interface LiveReading {
  readonly status: 'none' | 'connecting' | 'live' | 'lost';
  /** mm; null until the first reading. */
  readonly value: number | null;
}

/** Listen to a device on a job; nothing when `deviceId` is null. */
export function useDevice(deviceId: string | null, jobId: string): LiveReading {
  const [reading, setReading] = useState<LiveReading>({ status: 'none', value: null });
  useEffect(() => {
    if (deviceId === null) return setReading({ status: 'none', value: null });
    setReading({ status: 'connecting', value: null });
    const source = new EventSource(`/api/devices/${deviceId}/lines?jobId=${jobId}`);
    source.addEventListener('line', ({ data }: MessageEvent<string>) => {
      const line = readLine(data);
      if (line?.kind === 'reading') setReading({ status: 'live', value: line.value });
    });
    source.addEventListener('error', () => setReading({ status: 'lost', value: null }));
    return () => source.close();
  }, [deviceId, jobId]);
  return reading;
}

/** The hands of a stand-in: tell them what to do, know which mark stands at the indicator. */
export function useHands(deviceId: string | null, jobId: string) {
  const [position, setPosition] = useState(0);
  const act = useCallback(
    async (action: HandAction) => {
      if (deviceId === null) return;
      const answer = await send<{ position: number }>(`/devices/${deviceId}/hands`, { action, jobId });
      setPosition(answer.position);
    },
    [deviceId, jobId],
  );
  return { position, act };
}
