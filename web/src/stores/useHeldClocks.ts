import { useEffect } from 'react';

import { useClocks } from './clockStore.ts';
import type { OpenJob } from './useJob.ts';

/** Keep the header's clocks in step with a job's log. */
export function useHeldClocks({ jobId, state, status }: OpenJob): void {
  const hold = useClocks((clocks) => clocks.hold);
  useEffect(() => {
    if (state.unit === null || status === 'loading') return;
    const stations = state.unit.axes.flatMap((axis) => axis.stations);
    const names = new Map([...state.unit.parts, ...stations].map(({ id, name }) => [id, name]));
    const running =
      state.sheet.finished === null
        ? state.heating.clocks.filter(({ stoppedAt }) => stoppedAt === null)
        : [];
    hold(
      jobId,
      running.map((clock) => ({
        ...clock,
        jobId,
        jobName: state.unit!.name,
        partName: names.get(clock.targetId) ?? '',
      })),
    );
  }, [jobId, state, status, hold]);
}
