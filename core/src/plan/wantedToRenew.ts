import { assemblyOf, eventOfPart, type EventKey } from '../assembly/index.ts';
import { isPressed, STATION_KIND_TABLE, type Station, type StationKind } from '../unit/index.ts';
import { buildsUp } from './buildEvents.ts';
import type { Reached } from './reached.ts';
import type { Subject } from './rule.ts';
import type { RuleId } from './ruleIds.ts';
import { seatInterference } from './seats.ts';

/** Whether a rule is wanted for a subject, by what is reached. */
type Wanted = (subject: Subject, reached: Reached) => boolean;

const always: Wanted = () => true;
const never: Wanted = () => false;
const comesOut: Wanted = (subject, { stations, events }) => {
  if (subject.about === 'station') return stations.has(subject.station.id);
  if (subject.about !== 'part') return true;
  const event = eventOfPart(assemblyOf(subject.unit), subject.part.id);
  return event !== null && events.has(event);
};
const isRenewed: Wanted = (subject, { renewed }) =>
  subject.about === 'station' && renewed.has(subject.station.id);
/** What comes out on the way and goes back as it is, is looked at before: bearings, whose rings were pulled on. */
const goesBack: Wanted = (subject, reached) =>
  subject.about === 'station' &&
  comesOut(subject, reached) &&
  !isRenewed(subject, reached) &&
  STATION_KIND_TABLE[subject.station.kind].bearing === 'rolling';
const isMoved: Wanted = (subject, { moved }) => 'axis' in subject && moved.has(subject.axis.id);
const isSet: Wanted = (subject, { set }) => 'axis' in subject && set.has(subject.axis.id);
const ring =
  (which: 'cup' | 'cone'): Wanted =>
  (subject, { events }) =>
    subject.about === 'station' &&
    (events.has(`take:${subject.station.id}:${which}`) || events.has(`take:${subject.station.id}`));
/** A fit is decided on where it is measured and does not hold; where it holds, the heat says it. */
const isLoose =
  (which: 'outer' | 'inner'): Wanted =>
  (subject, reached) =>
    isRenewed(subject, reached) &&
    subject.about === 'station' &&
    (seatInterference(subject.state, subject.station, which)?.mean ?? 1) <= 0;
const isHot: Wanted = (subject, { events }) =>
  subject.about === 'part' &&
  subject.unit.axes.some((axis) =>
    axis.stations.some((one) => one.partId === subject.part.id && isOuterOut(one, events)),
  );
const isBuilt: Wanted = (subject, { together }) =>
  subject.about === 'axis' && buildsUp(subject.unit, subject.axis, together, 'first');
const opensUp: Wanted = (_, { events, moved }) =>
  moved.size > 0 || [...events].some((event) => event.startsWith('part:'));
const seals: Wanted = (subject, { stations, events }) =>
  [...events].some((event) => event.startsWith('part:')) ||
  subject.unit.axes.some((axis) =>
    axis.stations.some(({ id, kind }) => stations.has(id) && SEALS.has(kind)),
  );
const SEALS: ReadonlySet<StationKind> = new Set(['seal', 'oRing', 'ringSeal', 'pistonSeal']);
const turns: Wanted = (_, { events }) => events.size > 0;
const gears: Wanted = (subject, { stations }) =>
  subject.about === 'axis' &&
  subject.axis.stations.some(({ id, kind }) => kind === 'gear' && stations.has(id));

/** Where a ring goes on the shaft of its axis. */
const isBuiltOn: Wanted = (subject, { events }) =>
  subject.about === 'station' &&
  subject.axis.stations.some(({ id }) => events.has(`take:${id}:cone`) || events.has(`take:${id}`));

const bushes: Wanted = (subject, { stations }) =>
  subject.about === 'axis' &&
  subject.axis.stations.some((one) => stations.has(one.id) && isPressed(one));

/** In a job to renew something: what each rule is wanted for. What moves something is wanted where that moves. */
export const WANTED: Readonly<Partial<Record<RuleId, Wanted>>> = {
  mend: always,
  findWay: always,
  setSpec: isMoved,
  drain: turns,
  asFound: isMoved,
  mark: comesOut,
  markCaps: comesOut,
  clean: opensUp,
  inspectPart: never,
  measureSeats: isRenewed,
  recordDepth: comesOut,
  readMarks: comesOut,
  measureHousing: comesOut,
  measureBolts: comesOut,
  inspect: goesBack,
  compare: isRenewed,
  measureDepth: isRenewed,
  newPart: comesOut,
  measureNew: comesOut,
  markLine: ring('cup'),
  measureGap: comesOut,
  fitOuter: isLoose('outer'),
  fitInner: isLoose('inner'),
  heat: isHot,
  checkSeat: ring('cup'),
  checkCone: ring('cone'),
  gauge: comesOut,
  finishBore: comesOut,
  tryLine: bushes,
  tryRollers: comesOut,
  gaugeShells: comesOut,
  supportWebs: isBuiltOn,
  checkWebs: isBuiltOn,
  dressShaft: gears,
  assemble: isBuilt,
  layIn: always,
  checkBeforeClamp: isSet,
  clamp: isSet,
  relieveAgain: isMoved,
  relieve: isMoved,
  measure: isSet,
  choosePack: isSet,
  fitPack: isSet,
  setAdjuster: isMoved,
  trySpacer: isSet,
  chooseSpacer: isSet,
  turnAdjuster: isMoved,
  checkStack: isMoved,
  prove: isMoved,
  provePreload: isMoved,
  sealDrag: isMoved,
  proveFigure: isMoved,
  readWitness: isMoved,
  fitMockUp: isMoved,
  chooseDepth: isMoved,
  takeOffMockUp: isMoved,
  readBacklash: isSet,
  markFound: isMoved,
  markPattern: isMoved,
  prepare: comesOut,
  lock: comesOut,
  fitORing: comesOut,
  spin: turns,
  tryPiston: comesOut,
  leakTest: seals,
  fill: turns,
  finish: always,
};

/** Whether the outer ring of a station, or all of it, comes out. */
export const isOuterOut = ({ id }: Pick<Station, 'id'>, events: ReadonlySet<EventKey>): boolean =>
  events.has(`take:${id}:cup`) || events.has(`take:${id}`);
