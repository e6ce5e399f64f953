import type { Assembly, EventKey } from './assembly.ts';
import type { Move } from './move.ts';
import { attemptsOf } from './obstacles.ts';
import { after, builtState, type State } from './state.ts';

/** Of each move the moves before it that cleared its way: the first after which an obstacle of the finished unit is gone. */
export function clearedBy(
  assembly: Assembly,
  moves: readonly Move[],
): ReadonlyMap<EventKey, readonly EventKey[]> {
  const built = builtState(assembly);
  const states = statesAfter(assembly, built, moves);
  /** By id: the places of the moves that took it somewhere else, undid it or parted it. */
  const changes = new Map<string, number[]>();
  for (const [at, { moved }] of states.entries())
    for (const id of moved) {
      const known = changes.get(id);
      if (known === undefined) changes.set(id, [at]);
      else known.push(at);
    }
  const placesOf = (id: string) => changes.get(id) ?? [];
  const firstApart = (moving: string, by: string, places: readonly number[]): number =>
    places.find((at) => isApart(states[at]!, built, moving, by)) ?? Infinity;
  return new Map(
    moves.map(({ event, way }, own) => {
      const obstacles =
        attemptsOf(assembly, built, event).find((one) => one.way === way)?.obstacles ?? [];
      const cleared = obstacles
        .map(({ moving, by }) =>
          Math.min(firstApart(moving, by, placesOf(moving)), firstApart(moving, by, placesOf(by))),
        )
        .filter((at) => at < own)
        .map((at) => moves[at]!.event);
      return [event, [...new Set(cleared)]];
    }),
  );
}

/** The state after each of some moves. */
function statesAfter(assembly: Assembly, from: State, moves: readonly Move[]): readonly State[] {
  let state = from;
  return moves.map(({ event, way }) => (state = after(assembly, state, event, way)));
}

/** Whether two things are no longer in one another's way: one is out, undone, or together with something else. */
function isApart({ where, done }: State, built: State, moving: string, by: string): boolean {
  if (done.has(`undo:${by}`) || done.has(`part:${by}`)) return true;
  // Bolts are nowhere: they are undone, or they hold.
  if (!built.where.has(by)) return false;
  return where.get(moving) === undefined || where.get(by) !== where.get(moving);
}
