import { assemblyOf, eventOfPart, type EventKey } from '../assembly/index.ts';
import type { JobStart, JobState } from '../job/index.ts';
import { STATION_KIND_TABLE, type Axis, type Station, type StationKind } from '../unit/index.ts';
import { buildsUp } from './buildEvents.ts';
import { comesOffForPlay, offForPlay } from './offForPlay.ts';
import { motionOf } from './motions.ts';
import type { Phase } from './phases.ts';
import { playStage } from './playProgress.ts';
import { reachedBy, ringsUnder, type Reached } from './reached.ts';
import type { RuleFor, Subject } from './rule.ts';
import type { RuleId } from './ruleIds.ts';
import { settersOf } from './setters.ts';
import { seatInterference } from './seats.ts';

/** Steps that fall away by how the unit came: what was done before it came to the bench. */
const DONE_BEFORE: Readonly<Record<JobStart, ReadonlySet<RuleId>>> = {
  running: new Set(),
  drained: new Set(['drain']),
  open: new Set(['drain', 'asFound']),
  bare: new Set([
    ...([
      'drain',
      'asFound',
      'mark',
      'markCaps',
      'loosen',
      'liftOff',
      'takeOutRollers',
      'takeOutRing',
      'takeOutTube',
      'loosenInside',
    ] as const),
    'takeOutPiston',
    ...(['takeOffHub', 'takeOutShaft', 'pullSeal', 'pull', 'clean'] as const),
  ]),
  onePart: new Set([
    ...(['drain', 'asFound', 'mark', 'markCaps', 'liftOff', 'takeOutShaft', 'clean'] as const),
    ...(['assemble', 'layIn', 'spin', 'leakTest', 'fill'] as const),
  ]),
};

/** Bolts that hold parts together are out of a unit that came open, and what they held is off. */
function isUndoneBefore(start: JobStart, rule: RuleId, subject: Subject): boolean {
  if (start !== 'open') return false;
  const { joints } = assemblyOf(subject.unit);
  if (rule === 'liftOff')
    return subject.about === 'part' && joints.some(({ part }) => part === subject.part.id);
  return (
    (rule === 'loosen' || rule === 'mark') &&
    subject.about === 'station' &&
    joints.some(({ bolts }) => bolts.includes(subject.station.id))
  );
}

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

/** In a job to renew something: what each rule is wanted for. What moves something is wanted where that moves. */
const WANTED: Readonly<Partial<Record<RuleId, Wanted>>> = {
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
  measureBolts: comesOut,
  inspect: goesBack,
  compare: isRenewed,
  measureDepth: isRenewed,
  newPart: comesOut,
  measureGap: comesOut,
  fitOuter: isLoose('outer'),
  fitInner: isLoose('inner'),
  heat: isHot,
  checkSeat: ring('cup'),
  checkCone: ring('cone'),
  gauge: comesOut,
  gaugeShells: comesOut,
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
  prepare: comesOut,
  lock: comesOut,
  fitORing: comesOut,
  spin: turns,
  tryPiston: comesOut,
  leakTest: seals,
  fill: turns,
  finish: always,
};

/** Where the cause of something is found. */
const FOUND_IN: ReadonlySet<Phase> = new Set(['bookIn', 'strip', 'inspect', 'record']);

/** In a job that only sets the play: what its packs and adjusters lie under is undone for them, and done up again for good. */
const DONE_UP: ReadonlySet<RuleId> = new Set([
  'prepare',
  'torque',
  'lock',
  'newPart',
  'fitSeal',
  'fitSealEarly',
  'fitHub',
  'fitORing',
]);
const OPENED_UP: ReadonlySet<RuleId> = new Set(['leakTest', 'fill']);

function isDoneUp(rule: RuleId, subject: Subject): boolean {
  const { state, unit } = subject;
  const opened = unit.axes.filter((axis) => !isSetAsFound(state, axis));
  if (OPENED_UP.has(rule))
    return opened.some((axis) =>
      [...offForPlay(unit, axis)].some((event) => event.startsWith('part:')),
    );
  if (!DONE_UP.has(rule) || subject.about !== 'station') return false;
  const { id } = subject.station;
  return opened.some(
    (axis) =>
      comesOffForPlay(unit, axis, id) || ringsUnder(unit, offForPlay(unit, axis)).includes(id),
  );
}

/** Whether the play of an axis is within its limits with what was in it: nothing has to come off. */
function isSetAsFound(state: JobState, axis: Axis): boolean {
  const stage = playStage(state, axis);
  return (
    axis.stations.every(({ id }) => state.setting.setAfter[id] === undefined) &&
    (settersOf(axis).length === 0 || stage === 'prove' || stage === 'proven')
  );
}

/** Whether a step belongs to a job: by how the unit came, and by what the job is for. */
export function isInScope(rule: RuleFor<Subject>, subject: Subject, state: JobState): boolean {
  const { scope, start, renew } = state.sheet;
  if (scope === 'setPlay') return rule.always === true || isDoneUp(rule.id, subject);
  if (scope === 'findCause' && !FOUND_IN.has(rule.phase)) return false;
  if (DONE_BEFORE[start].has(rule.id) || isUndoneBefore(start, rule.id, subject)) return false;
  if (scope !== 'renew') return true;
  const reached = reachedBy(subject.unit, renew);
  const wanted = WANTED[rule.id];
  if (wanted !== undefined) return wanted(subject, reached);
  const motion = motionOf(rule.id, subject);
  return motion === null ? true : motion.events.some((event) => reached.events.has(event));
}

/** Whether the outer ring of a station, or all of it, comes out. */
const isOuterOut = ({ id }: Pick<Station, 'id'>, events: ReadonlySet<EventKey>): boolean =>
  events.has(`take:${id}:cup`) || events.has(`take:${id}`);

/** Whether something comes out on a job: all of it, but where only some things are renewed. */
export const isOut = ({ unit, sheet }: JobState, event: EventKey): boolean =>
  sheet.scope !== 'renew' || reachedBy(unit!, sheet.renew).events.has(event);

/** Whether the outer ring of a station goes in on a job: every one, but where only some things are renewed. */
export function goesIn({ unit, sheet }: JobState, { id }: Station): boolean {
  return sheet.scope !== 'renew' || isOuterOut({ id }, reachedBy(unit!, sheet.renew).events);
}
