import { oncePerObject } from '../../memo/index.ts';
import type { Station, Unit } from '../../unit/index.ts';
import { bareBodies } from './bodies.ts';
import type { Body } from './body.ts';
import { bodyEvent, boltsEvent, joinEvent, type EventKey } from './eventKey.ts';
import { guessOf } from './guess.ts';
import { holdsOf, type Hold } from './holds.ts';
import { jointsOf, rootOf, type Joint } from './joints.ts';
import { metalOf, type Metal } from './placed.ts';
import { shaftsOf, type Shaft } from './shafts.ts';

/** A unit as what can be taken apart and put together: worked out from its description alone. */
export interface Model {
  readonly unit: Unit;
  readonly metal: Metal;
  /** The part that stays where it is. */
  readonly root: string;
  readonly bodies: readonly Body[];
  readonly bodyOf: ReadonlyMap<string, Body>;
  readonly joints: readonly Joint[];
  readonly jointOf: ReadonlyMap<string, Joint>;
  readonly shafts: readonly Shaft[];
  readonly shaftOf: ReadonlyMap<string, Shaft>;
  readonly bolts: readonly Station[];
  readonly holds: readonly Hold[];
  /** Everything that can be together; all of it in a unit as it runs. */
  readonly events: readonly EventKey[];
}

/** The model of a unit. Total: a description that contradicts itself has a model too, in which something has no way. */
export const modelOf = oncePerObject((unit: Unit): Model => {
  const metal = metalOf(unit);
  const root = rootOf(unit, metal);
  const joints = jointsOf(unit, metal, root).toSorted(by(({ part }) => part));
  const bare = bareBodies(metal).toSorted(by(({ id }) => id));
  const bodies = bare.map((body): Body => ({
    ...body,
    guess: guessOf(body, { metal, bodies: bare, joints }),
  }));
  const holds = holdsOf(metal, joints, bodies);
  const shafts = shaftsOf(unit, metal, { root, bodies, holds }).toSorted(by(({ part }) => part));
  const bolts = metal.all
    .filter(({ station }) => station.kind === 'bolts')
    .map(({ station }) => station)
    .toSorted(by(({ id }) => id));
  return {
    unit,
    metal,
    root,
    bodies,
    bodyOf: new Map(bodies.map((body) => [body.id, body])),
    joints,
    jointOf: new Map(joints.map((joint) => [joint.part, joint])),
    shafts,
    shaftOf: new Map(shafts.map((shaft) => [shaft.part, shaft])),
    bolts,
    holds,
    events: [
      ...bolts.map(({ id }) => boltsEvent(id)),
      ...joints.map(({ part }) => joinEvent(part)),
      ...shafts.map(({ part }) => joinEvent(part)),
      ...bodies.map(({ id }) => bodyEvent(id)),
    ],
  };
});

/** By id: in which order things were described decides nothing. */
const by =
  <Thing>(idOf: (thing: Thing) => string) =>
  (one: Thing, other: Thing): number =>
    idOf(one) < idOf(other) ? -1 : idOf(one) > idOf(other) ? 1 : 0;
