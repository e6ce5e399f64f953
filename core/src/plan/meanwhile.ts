import type { JobState } from '../job/index.ts';
import { findStation, type Part } from '../unit/index.ts';
import type { Plan } from './compilePlan.ts';
import { ovenSeats } from './ovenSeats.ts';
import type { Step } from './step.ts';

/**
 * What can go on while a part is in the oven: the first step that can be done now, that is not done on the part or on what goes
 * into it. Null where everything waits for it.
 */
export function meanwhile(state: JobState, { steps }: Plan, part: Part): Step | null {
  const rings = new Set(ovenSeats(state, part.id).map(({ id }) => id));
  const isOnPart = ({ partId, stationId, on }: Step): boolean =>
    partId === part.id ||
    [stationId, ...on].some(
      (id) =>
        id !== null &&
        (id === part.id ||
          rings.has(id) ||
          findStation(state.unit!, id)?.station.partId === part.id),
    );
  return (
    steps.find(
      (step) =>
        (step.status === 'ready' || step.status === 'missing') &&
        step.form !== 'heat' &&
        !isOnPart(step),
    ) ?? null
  );
}
