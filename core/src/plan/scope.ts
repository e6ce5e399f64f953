import { assemblyOf, type EventKey } from '../assembly/index.ts';
import type { JobStart, JobState } from '../job/index.ts';
import { type Axis, type Station } from '../unit/index.ts';
import { comesOffForPlay, offForPlay } from './offForPlay.ts';
import { motionOf } from './motions.ts';
import type { Phase } from './phases.ts';
import { playStage } from './playProgress.ts';
import { isOuterOut, WANTED } from './wantedToRenew.ts';
import { reachedBy, ringsUnder } from './reached.ts';
import type { RuleFor, Subject } from './rule.ts';
import type { RuleId } from './ruleIds.ts';
import { settersOf } from './setters.ts';

/** Steps that fall away by how the unit came: what was done before it came to the bench. */
const DONE_BEFORE: Readonly<Record<JobStart, ReadonlySet<RuleId>>> = {
  running: new Set(),
  drained: new Set(['drain']),
  open: new Set(['drain', 'asFound', 'markFound']),
  bare: new Set([
    ...([
      'drain',
      'asFound',
      'markFound',
      'readWitness',
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
    ...(['takeOffHub', 'takeOutShaft', 'pullSeal', 'recordDepth', 'pull', 'clean'] as const),
  ]),
  onePart: new Set([
    ...([
      'drain',
      'asFound',
      'markFound',
      'mark',
      'markCaps',
      'liftOff',
      'takeOutShaft',
      'clean',
    ] as const),
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

/** Whether something comes out on a job: all of it, but where only some things are renewed. */
export const isOut = ({ unit, sheet }: JobState, event: EventKey): boolean =>
  sheet.scope !== 'renew' || reachedBy(unit!, sheet.renew).events.has(event);

/** Whether the outer ring of a station goes in on a job: every one, but where only some things are renewed. */
export function goesIn({ unit, sheet }: JobState, { id }: Station): boolean {
  return sheet.scope !== 'renew' || isOuterOut({ id }, reachedBy(unit!, sheet.renew).events);
}
