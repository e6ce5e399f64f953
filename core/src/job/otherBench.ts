import { CYCLE_PHASES, cyclesOf } from './cycles.ts';
import type { Reading, Run } from './stateRows.ts';

/**
 * What another bench is doing on a run: whether it is within the cycle that is open; null where none has read in that or in
 * the last one.
 * @param here id of this bench
 */
export function otherBench(run: Run, here: string): { readonly inCycle: boolean } | null {
  const elsewhere = ({ bench }: Reading): boolean => bench !== undefined && bench !== here;
  return run.readings.slice(-CYCLE_PHASES.length).some(elsewhere)
    ? { inCycle: cyclesOf(run).partial.some(elsewhere) }
    : null;
}
