import type { Phase } from './phases.ts';

/** Steps of a plan that stand together under the heading of one phase. */
export interface PhaseRun<Item> {
  readonly phase: Phase;
  readonly rows: readonly Item[];
}

/** What a plan shows of its steps, in their order, cut where the phase changes: a phase that comes again has its heading again. */
export function inPhases<Item>(
  items: readonly Item[],
  phaseOf: (item: Item) => Phase,
): readonly PhaseRun<Item>[] {
  const runs: { readonly phase: Phase; readonly rows: Item[] }[] = [];
  for (const item of items) {
    const phase = phaseOf(item);
    const last = runs.at(-1);
    if (last?.phase === phase) last.rows.push(item);
    else runs.push({ phase, rows: [item] });
  }
  return runs;
}
