import type { Assembly, EventKey } from './assembly.ts';
import type { Move } from './move.ts';
import { attemptsOf } from './obstacles.ts';
import { after, builtState, subjectOf, type State } from './state.ts';

/** Of each move the moves before it that cleared its way: the first after which an obstacle of the finished unit is gone. */
export function clearedBy(
  assembly: Assembly,
  moves: readonly Move[],
): ReadonlyMap<EventKey, readonly EventKey[]> {
  const built = builtState(assembly);
  const states = [built];
  /** By id: the places of the moves that took it somewhere else, undid it or parted it. */
  const changes = new Map<string, number[]>();
  moves.forEach(({ event, way }, at) => {
    const [before, next] = [states.at(-1)!, after(assembly, states.at(-1)!, event, way)];
    states.push(next);
    const moved = [...before.where].filter(([id, where]) => next.where.get(id) !== where);
    for (const id of new Set([subjectOf(event), ...moved.map(([one]) => one)]))
      changes.set(id, [...(changes.get(id) ?? []), at]);
  });
  const apart = (moving: string, by: string): number | undefined =>
    [...(changes.get(moving) ?? []), ...(changes.get(by) ?? [])]
      .toSorted((a, b) => a - b)
      .find((at) => isApart(states[at + 1]!, built, moving, by));
  return new Map(
    moves.map(({ event, way }, own) => {
      const obstacles =
        attemptsOf(assembly, built, event).find((one) => one.way === way)?.obstacles ?? [];
      const cleared = obstacles
        .map(({ moving, by }) => apart(moving, by))
        .filter((at) => at !== undefined && at < own)
        .map((at) => moves[at!]!.event);
      return [event, [...new Set(cleared)]];
    }),
  );
}

/** Whether two things are no longer in one another's way: one is out, undone, or together with something else. */
function isApart({ where, done }: State, built: State, moving: string, by: string): boolean {
  if (done.has(`undo:${by}`) || done.has(`part:${by}`)) return true;
  // Bolts are nowhere: they are undone, or they hold.
  if (!built.where.has(by)) return false;
  return where.get(moving) === undefined || where.get(by) !== where.get(moving);
}
