import type { Assembly, EventKey } from './assembly.ts';
import type { Solid } from './solids.ts';
import { sideOfJoint, type State } from './state.ts';

/** One thing that is in another's way. */
export interface Obstacle {
  /** Id of what moves, and of what it meets: bodies, parts, bolt circles. */
  readonly moving: string;
  readonly by: string;
  /** The events that clear it, or the two solids from which {@link remediesOf} finds them. */
  readonly clearedBy: readonly EventKey[] | Meeting;
}

interface Meeting {
  readonly mover: Solid;
  readonly still: Solid;
}

/** The events any of which clears an obstacle of an event. */
export function remediesOf(
  assembly: Assembly,
  state: State,
  event: EventKey,
  { clearedBy }: Obstacle,
): readonly EventKey[] {
  return 'mover' in clearedBy ? remediesFor(assembly, state, event, clearedBy) : clearedBy;
}

/** Whatever gets one out of the way of the other: taking it out, or parting what they stand in. */
function remediesFor(
  assembly: Assembly,
  state: State,
  event: EventKey,
  { mover, still }: Meeting,
): readonly EventKey[] {
  const isShaft = (id: string) => assembly.shafts.includes(id);
  const remedies: EventKey[] = [];
  if (still.body !== null) remedies.push(`take:${still.id}`);
  if (isShaft(still.home) && still.home !== mover.home) remedies.push(`take:${still.home}`);
  for (const { part } of assembly.joints) {
    if (state.done.has(`part:${part}`)) continue;
    const side = sideOfJoint(assembly, state, part);
    if (side.has(mover.home) !== side.has(still.home)) remedies.push(`part:${part}`);
  }
  if (isShaft(mover.home) && mover.home !== still.home) remedies.push(`take:${mover.home}`);
  if (mover.id !== mover.home) remedies.push(`take:${mover.id}`);
  return remedies.filter((remedy) => remedy !== event && !state.done.has(remedy));
}
