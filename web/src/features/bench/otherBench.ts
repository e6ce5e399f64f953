import type { Run } from '@wendaxis/core/job';

/** Readings that say who else is at the run: those of the cycle that is open, or of the last one. */
const LATE = 3;

/** What another bench is doing on the run that stands on this one; null where none is. */
export function otherBench(
  { readings }: Pick<Run, 'readings'>,
  here: string,
): { readonly inCycle: boolean } | null {
  const late = readings.slice(-LATE);
  if (!late.some(({ bench }) => bench !== undefined && bench !== here)) return null;
  const open = readings.length % LATE === 0 ? [] : readings.slice(-(readings.length % LATE));
  return { inCycle: open.some(({ bench }) => bench !== undefined && bench !== here) };
}
