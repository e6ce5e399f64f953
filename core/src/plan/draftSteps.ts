import { isolated } from '../faults/index.ts';
import type { JobState } from '../job/index.ts';
import { geometryFaults, type Axis, type Unit } from '../unit/index.ts';
import { lastAct } from './acts.ts';
import { PHASE_NAMES } from './phases.ts';
import type { Rule, Subject } from './rule.ts';
import { RULES } from './rules/rules.ts';
import type { StepStatus } from './step.ts';

/** A step before it is known what it waits for. */
export interface Draft {
  readonly rule: Rule;
  readonly subject: Subject;
  readonly id: string;
  /** Where it stands when nothing else decides: phase, rule, place on the unit. */
  readonly key: readonly number[];
  /** How it came to be behind; null while it is open. */
  readonly behind: StepStatus | null;
  /** Why its rule cannot be worked out for its subject; null where it can. */
  readonly fault: string | null;
}

/** Every rule, applied to everything in the unit that it is about. */
export function draftSteps(state: JobState, unit: Unit): readonly Draft[] {
  const subjects = subjectsOf(state, unit);
  return RULES.flatMap((rule, ruleAt) => {
    if (state.sheet.scope === 'setPlay' && !rule.always) return [];
    return subjects[rule.on]
      .filter(({ faults }) => faults.length === 0 || rule.id === 'mend')
      .filter(({ station }) => rule.kinds === undefined || rule.kinds.includes(station!.kind))
      .flatMap((subject, at) => {
        const wanted = isolated(() => rule.when?.(subject) ?? true);
        if (wanted.ok && !wanted.value) return [];
        const key = [PHASE_NAMES.indexOf(rule.phase), ruleAt, at];
        return drafted(rule, subject, key, wanted.ok ? null : wanted.fault);
      });
  });
}

/** A draft with how it stands; a rule that fails is left open, with what went wrong. */
function drafted(
  rule: Rule,
  subject: Subject,
  key: readonly number[],
  fault: string | null,
): Draft {
  const id = idOf(rule, subject);
  const said = saidOf(rule, subject, id);
  const done = isolated(() => fault === null && rule.done?.(subject) === true);
  if (!done.ok) return { rule, subject, id, key, behind: said, fault: done.fault };
  return { rule, subject, id, key, behind: done.value ? 'done' : said, fault };
}

/** What the mechanic said of a step, as far as it still counts. */
function saidOf(
  { proves }: Rule,
  { state, axis, specKind }: Subject,
  id: string,
): StepStatus | null {
  const record = Object.hasOwn(state.steps, id) ? state.steps[id]! : null;
  const outdated =
    record?.status === 'done' &&
    proves === true &&
    axis !== null &&
    specKind !== null &&
    record.order < lastAct(state, axis, specKind);
  return record === null || outdated ? null : record.status;
}

function idOf(rule: Rule, { station, axis, part, specKind }: Subject): string {
  if (rule.on === 'unit') return rule.id;
  if (rule.on === 'spec') return `${rule.id}:${axis!.id}:${specKind}`;
  return `${rule.id}:${(station ?? (rule.on === 'part' ? part : axis))!.id}`;
}

function subjectsOf(state: JobState, unit: Unit): Readonly<Record<Rule['on'], readonly Subject[]>> {
  const bare = {
    state,
    unit,
    axis: null,
    station: null,
    part: null,
    faults: [],
    specKind: null,
    spec: null,
  };
  const faulty = geometryFaults(unit);
  const ofAxis = (axis: Axis) => ({ ...bare, axis });
  const parts = new Map(unit.parts.map((part) => [part.id, part]));
  return {
    unit: [bare],
    axis: unit.axes.map(ofAxis),
    spec: unit.axes.flatMap((axis) =>
      axis.sets.map((specKind) => ({
        ...ofAxis(axis),
        specKind,
        spec: state.specs.find((row) => row.axisId === axis.id && row.kind === specKind) ?? null,
      })),
    ),
    part: unit.parts.map((part) => ({ ...bare, part })),
    station: unit.axes.flatMap((axis) =>
      axis.stations.map((station) => ({
        ...ofAxis(axis),
        station,
        part: parts.get(station.partId) ?? null,
        faults: faulty[station.id] ?? [],
      })),
    ),
  };
}
