import type { Draws } from '../draws/index.ts';
import type { Unit } from '../unit/index.ts';
import { lostBy, notWhole } from './foundWrong.ts';
import { JobAtBench } from './jobAtBench.ts';
import { TURNS, type Turn, type TurnName } from './turnKinds.ts';

/** A job that took turns half way and was worked to its end. */
export interface Turned {
  /** The turns it took, each with what it was about. */
  readonly took: readonly string[];
  /** What was wrong on the way and at the end; none where the plan held. */
  readonly faults: readonly string[];
}

/**
 * An overhaul worked to a point that is drawn, turned there, worked on and turned again where more turns are wanted, and worked to its end:
 * what each turn opens is open, every entry counts, the plan comes to its end, and then the unit is whole and nothing is asked.
 *
 * @param names what may happen; a turn that nothing of the job can take is passed over
 */
export function turned(unit: Unit, draws: Draws, names: readonly TurnName[], howOften = 1): Turned {
  const job = new JobAtBench(unit);
  const took: string[] = [];
  const faults: string[] = [];
  const lost = new Set<string>();
  for (let turns = 0; turns < howOften; turns += 1) {
    const ahead = job.open.length;
    job.work(draws.whole(Math.floor(ahead * 0.15), Math.max(1, ahead - 2)));
    const name = draws.one(names);
    const turn: Turn | null = TURNS[name](job, draws);
    if (turn === null) continue;
    took.push(`${name} ${turn.about}`);
    job.record(...turn.records);
    for (const runId of turn.loses ?? []) lost.add(runId);
    faults.push(...lostBy(turn, job));
  }
  const stuck = job.finish();
  if (stuck !== null) faults.push(stuck);
  else faults.push(...notWhole(job), ...job.open.map(({ id }) => `${id} is open at the end`));
  const runOf = new Map(
    job.events.map(({ id, data }) => [id, 'runId' in data ? data.runId : null]),
  );
  for (const { eventId, type, reason } of job.state.log.ignored) {
    if (!lost.has(runOf.get(eventId) ?? '')) faults.push(`${type} ignored: ${reason}`);
  }
  return { took, faults };
}
