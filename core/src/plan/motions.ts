import {
  assemblyOf,
  eventOfPart,
  eventsOfStation,
  type Assembly,
  type EventKey,
  type Order,
} from '../assembly/index.ts';
import { oncePerObject } from '../memo/index.ts';
import { buildOf, dressedWith, shaftsOf } from './buildEvents.ts';
import { orderFor, orderOfBuild } from './orderOfBuild.ts';
import { thingOf, type Subject } from './rule.ts';
import type { RuleId } from './ruleIds.ts';
import { comesAsOne } from './seats.ts';
import { sleeveNut } from './sleeves.ts';

/** What a step takes out of the unit or puts into it, and where that stands among all that goes that way. */
export interface Motion {
  readonly to: 'out' | 'in';
  readonly events: readonly EventKey[];
  readonly at: number;
  /** What has to have gone that way before. */
  readonly before: ReadonlySet<EventKey>;
  /** The order in which all of it goes that way. */
  readonly order: Order;
}

type Events<About extends Subject['about']> = (
  subject: Extract<Subject, { readonly about: About }>,
  assembly: Assembly,
) => readonly EventKey[];
interface Row<About extends Subject['about']> {
  readonly to: Motion['to'];
  readonly events: Events<About>;
  /** Which of them say where the step stands; all, where it is not said. */
  readonly main?: Events<About>;
}

const ofStation: Events<'station'> = ({ station }, assembly) =>
  eventsOfStation(assembly, station.id);
const ofPart: Events<'part'> = ({ unit, part }, assembly) => {
  const event = eventOfPart(assembly, part.id);
  if (event !== null) return [event];
  // What no joint holds comes off its shaft, or the shaft out of it.
  const axes = unit.axes.filter(({ stations }) =>
    stations.some(({ partId }) => partId === part.id),
  );
  return axes.flatMap((axis) => shaftsOf(axis, assembly));
};
const ofRing =
  (ring: 'cup' | 'cone'): Events<'station'> =>
  ({ axis, station }, assembly) => {
    const parted: EventKey = `take:${station.id}:${ring}`;
    if (assembly.events.includes(parted)) return [parted];
    return ring === 'cone' && comesAsOne(station)
      ? shaftsOf(axis, assembly)
      : eventsOfStation(assembly, station.id);
  };

/** A build: the shaft, what is laid in with it and has no step of its own, and the joints over it. */
const ofBuild: Events<'axis'> = ({ state, unit, axis }) =>
  buildOf(unit, axis, orderOfBuild(state, unit)).first;
const ofLaying: Events<'axis'> = ({ state, unit, axis }) =>
  buildOf(unit, axis, orderOfBuild(state, unit)).then;
const ofShafts: Events<'axis'> = ({ axis }, assembly) => shaftsOf(axis, assembly);
const ofGears: Events<'axis'> = ({ unit, axis }) =>
  dressedWith(unit, axis).map(({ id }): EventKey => `take:${id}`);
const ofNut: Events<'station'> = ({ axis }) => {
  const nut = sleeveNut(axis);
  return nut === null ? [] : [`take:${nut.id}`];
};

const out = <About extends Subject['about']>(events: Events<About>): Row<About> => ({
  to: 'out',
  events,
});
const into = <About extends Subject['about']>(events: Events<About>): Row<About> => ({
  to: 'in',
  events,
});

/** What the steps of each rule move. Rules that are not here move nothing. */
const MOTIONS = {
  loosen: out(ofStation),
  liftOff: out(ofPart),
  takeOutRollers: out(ofStation),
  takeOutRing: out(ofStation),
  takeOutTube: out(ofStation),
  loosenInside: out(ofStation),
  takeOffHub: out(ofStation),
  takeOutShaft: out(ofPart),
  recordPack: out(ofStation),
  pullSeal: out(ofStation),
  pull: out(ofStation),
  takeOutPiston: out(ofStation),
  seatOuter: into(ofRing('cup')),
  seatInner: into(ofRing('cone')),
  placeShims: into(ofStation),
  placeTube: into(ofStation),
  retain: into(ofStation),
  loadRollers: into(ofStation),
  fitGrooveSeal: into(ofStation),
  fitPiston: into(ofStation),
  fitLasting: into(ofStation),
  shells: into(ofStation),
  dressShaft: into(ofGears),
  assemble: { ...into(ofBuild), main: ofShafts },
  layIn: into(ofLaying),
  torque: into(ofStation),
  crush: into(ofNut),
  fitSealEarly: into(ofStation),
  fitHub: into(ofStation),
  fitSeal: into(ofStation),
} as const satisfies Partial<Readonly<Record<RuleId, Row<'station'> | Row<'part'> | Row<'axis'>>>>;

/** Motions of an order by what is moved and by rule: they follow from the unit and the order alone. */
const motionsIn = oncePerObject((_: Order) => new Map<object, Map<RuleId, Motion | null>>());

/** What the step of a rule moves; null where it moves nothing. */
export function motionOf(rule: RuleId, subject: Subject): Motion | null {
  const row = (MOTIONS as Partial<Record<RuleId, Row<Subject['about']>>>)[rule];
  if (row === undefined) return null;
  const order = orderFor(subject, row.to);
  const known = motionsIn(order);
  const thing = thingOf(subject);
  const ofThing = known.get(thing) ?? new Map<RuleId, Motion | null>();
  known.set(thing, ofThing);
  const motion = ofThing.get(rule) ?? motionBy(row, order, subject);
  ofThing.set(rule, motion);
  return motion;
}

function motionBy(row: Row<Subject['about']>, order: Order, subject: Subject): Motion | null {
  const assembly = assemblyOf(subject.unit);
  const events = row.events(subject as never, assembly);
  if (events.length === 0) return null;
  const main = (row.main as typeof row.events | undefined)?.(subject as never, assembly) ?? events;
  return {
    to: row.to,
    events,
    at: placeIn(order, row.to, main, events),
    before: beforeIn(order, events),
    order,
  };
}

/** Out with its last, in with its first; by those that say where it stands, where they move. */
function placeIn(
  { places }: Order,
  to: Motion['to'],
  main: readonly EventKey[],
  events: readonly EventKey[],
): number {
  const known = (some: readonly EventKey[]) =>
    some.map((event) => places.get(event)).filter((place) => place !== undefined);
  const at = known(main).length > 0 ? known(main) : known(events);
  if (at.length === 0) return places.size;
  return to === 'out' ? Math.max(...at) : Math.min(...at);
}

const beforeIn = ({ before }: Order, events: readonly EventKey[]): ReadonlySet<EventKey> =>
  new Set(events.flatMap((event) => before.get(event) ?? []));
