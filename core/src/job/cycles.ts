import type { Cycle, CyclePhase } from '../measure/index.ts';
import type { Reading, Run } from './stateRows.ts';

/** What the next reading of a run is. */
export type ReadingPhase = CyclePhase;
/** Readings of a cycle, in their order. */
export const CYCLE_PHASES = ['zero', 'lift', 'return'] as const satisfies readonly ReadingPhase[];

/** The readings of a run in threes. The last one may be unfinished. */
export function cyclesOf(run: Run): {
  readonly complete: readonly Cycle[];
  readonly partial: readonly Reading[];
  readonly next: ReadingPhase;
} {
  const whole = Math.floor(run.readings.length / 3);
  const complete = Array.from({ length: whole }, (_, index) => {
    const [zero, lift, returned] = run.readings.slice(3 * index, 3 * index + 3);
    return {
      zero: zero!.value,
      lift: lift!.value,
      returned: returned!.value,
      position: lift!.position,
    };
  });
  return {
    complete,
    partial: run.readings.slice(3 * whole),
    next: CYCLE_PHASES[run.readings.length % 3]!,
  };
}
