import { isolated } from '../faults/index.ts';
import type { JobState } from '../job/index.ts';
import { geometryFaults, type Unit } from '../unit/index.ts';
import { lastAct } from './acts.ts';
import { motionOf, type Motion } from './motions.ts';
import { PHASE_NAMES } from './phases.ts';
import { placeOf, thingOf, type RuleFor, type Subject } from './rule.ts';
import { RULES } from './rules/rules.ts';
import { isInScope } from './scope.ts';
import type { StepStatus } from './step.ts';

/** A step before it is known what it waits for. */
export interface Draft {
  readonly rule: RuleFor<Subject>;
  readonly subject: Subject;
  readonly id: string;
  /** Where it stands when nothing else decides: phase, block, rule, place on the unit. */
  readonly key: readonly number[];
  /** What it takes out of the unit or puts into it; null where it moves nothing. */
  readonly motion: Motion | null;
  /** How it came to be behind; null while it is open. */
  readonly behind: StepStatus | null;
  /** Why its rule cannot be worked out for its subject; null where it can. */
  readonly fault: string | null;
}

/** Every rule, applied to everything in the unit that it is about. */
export function draftSteps(state: JobState, unit: Unit): readonly Draft[] {
  const subjects = subjectsOf(state, unit);
  return RULES.flatMap((row, ruleAt) => {
    const rule = row as RuleFor<Subject>; // it is only given what it is on
    return subjects[rule.on]
      .filter((subject) => isFor(rule, subject) && isWanted(rule, subject, state))
      .flatMap((subject, at) => {
        const wanted = isolated(() => rule.when?.(subject) ?? true);
        if (wanted.ok && !wanted.value) return [];
        const moved = isolated(() => motionOf(rule.id, subject));
        const motion = moved.ok ? moved.value : null;
        const key = keyOf(rule, subject, motion, [ruleAt, at]);
        return drafted(rule, subject, { key, motion }, wanted.ok ? null : wanted.fault);
      });
  });
}

/** Whether it belongs to the job; where that cannot be told it does. */
function isWanted(rule: RuleFor<Subject>, subject: Subject, state: JobState): boolean {
  const wanted = isolated(() => isInScope(rule, subject, state));
  return !wanted.ok || wanted.value;
}

/** Steps that are in no block stand behind those that are. */
const NO_BLOCK = 1e6;

function keyOf(
  rule: RuleFor<Subject>,
  subject: Subject,
  motion: Motion | null,
  places: readonly number[],
): readonly number[] {
  const block = isolated(() => rule.block?.(subject) ?? motion?.at ?? NO_BLOCK);
  return [PHASE_NAMES.indexOf(rule.phase), block.ok ? block.value : NO_BLOCK, ...places];
}

/** Of stations: those of its kinds, and while a description cannot be so only what mends it. */
function isFor({ id, kinds }: RuleFor<Subject>, subject: Subject): boolean {
  if (subject.about !== 'station') return true;
  const { faults, station } = subject;
  return (faults.length === 0 || id === 'mend') && (kinds?.includes(station.kind) ?? true);
}

/** A draft with how it stands; a rule that fails is left open, with what went wrong. */
function drafted(
  rule: RuleFor<Subject>,
  subject: Subject,
  place: Pick<Draft, 'key' | 'motion'>,
  fault: string | null,
): Draft {
  const id = idOf(rule, subject);
  const said = saidOf(rule, subject, id);
  const done = isolated(() => fault === null && rule.done?.(subject) === true);
  if (!done.ok) return { rule, subject, id, ...place, behind: said, fault: done.fault };
  return { rule, subject, id, ...place, behind: done.value ? 'done' : said, fault };
}

/** What the mechanic said of a step, as far as it still counts. */
function saidOf({ proves }: RuleFor<Subject>, subject: Subject, id: string): StepStatus | null {
  const { steps } = subject.state;
  const record = Object.hasOwn(steps, id) ? steps[id]! : null;
  const outdated =
    record?.status === 'done' &&
    proves === true &&
    subject.about === 'spec' &&
    record.order < lastAct(subject.state, subject.axis, subject.specKind);
  return record === null || outdated ? null : record.status;
}

function idOf(rule: RuleFor<Subject>, subject: Subject): string {
  if (subject.about === 'unit') return rule.id;
  const figure = placeOf(subject).specKind;
  return `${rule.id}:${thingOf(subject).id}${figure === null ? '' : `:${figure}`}`;
}

/** Everything in a unit that a rule can be about. */
function subjectsOf(
  state: JobState,
  unit: Unit,
): Readonly<Record<Subject['about'], readonly Subject[]>> {
  const faulty = geometryFaults(unit);
  const parts = new Map(unit.parts.map((part) => [part.id, part]));
  const bare = { state, unit };
  return {
    unit: [{ ...bare, about: 'unit' }],
    axis: unit.axes.map((axis) => ({ ...bare, about: 'axis', axis })),
    spec: unit.axes.flatMap((axis) =>
      axis.sets.map((specKind) => ({
        ...bare,
        about: 'spec' as const,
        axis,
        specKind,
        spec: state.specs.find((row) => row.axisId === axis.id && row.kind === specKind) ?? null,
      })),
    ),
    part: unit.parts.map((part) => ({ ...bare, about: 'part', part })),
    station: unit.axes.flatMap((axis) =>
      axis.stations.map((station) => ({
        ...bare,
        about: 'station' as const,
        axis,
        station,
        part: parts.get(station.partId) ?? null,
        faults: faulty[station.id] ?? [],
      })),
    ),
  };
}
