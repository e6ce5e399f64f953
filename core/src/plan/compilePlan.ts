import type { JobState } from '../job/index.ts';
import { geometryFaults, SPEC_KINDS, type Axis, type Unit } from '../unit/index.ts';
import { PHASE_NAMES } from './phases.ts';
import { NO_NUMBERS, type After, type Rule, type Subject } from './rule.ts';
import { RULES } from './rules/rules.ts';
import type { Missing, Step, StepForm, StepStatus } from './step.ts';

/** The build plan: every step in an order that can be worked, with what is still missing. */
export interface Plan {
  readonly steps: readonly Step[];
  /** The first step that can be done now; null when everything is behind. */
  readonly next: Step | null;
  readonly behind: number;
  readonly missing: readonly Missing[];
  /** Ticked steps that are no longer part of the plan, by their ids. They stay in the log. */
  readonly noLonger: readonly string[];
}

/** A step before it is known what it waits for. */
interface Draft {
  readonly rule: Rule;
  readonly subject: Subject;
  readonly id: string;
  /** Where it stands when nothing else decides: phase, rule, place on the unit. */
  readonly key: readonly number[];
}

/**
 * Compile a job's unit and everything recorded of it into the build plan.
 *
 * Rules are applied to what they are about; each step comes after those its rule names, and otherwise in the
 * order of phases, rules and stations. The order is the same for the same job. A step's id is its rule and its
 * target, so that what was ticked stays ticked when the plan is compiled again. Stations that cannot be so get
 * one step that says it; the rest of the plan stands.
 */
export function compilePlan(state: JobState): Plan {
  if (state.unit === null) return { steps: [], next: null, behind: 0, missing: [], noLonger: [] };
  const drafts = draftSteps(state, state.unit);
  const edges = edgesOf(drafts);
  const order = ordered(drafts, edges);
  const place = new Map(order.map(({ id }, index) => [id, index]));
  const behind = new Map(order.map((draft) => [draft.id, isBehind(draft)]));
  const steps = order.map((draft) => {
    const after = edges.get(draft.id)!.map((other) => other.id).toSorted((a, b) => place.get(a)! - place.get(b)!); // prettier-ignore
    return toStep(draft, behind.get(draft.id)!, after, after.filter((id) => behind.get(id) === null));
  }); // prettier-ignore
  return {
    steps,
    next: steps.find(({ status }) => status === 'ready' || status === 'missing') ?? null,
    behind: steps.filter(({ status }) => status === 'done' || status === 'setAside').length,
    missing: distinct(steps.filter(({ status }) => status !== 'done' && status !== 'setAside').flatMap((step) => step.missing)),
    noLonger: Object.keys(state.steps).filter((id) => !place.has(id)),
  }; // prettier-ignore
}

function draftSteps(state: JobState, unit: Unit): readonly Draft[] {
  const subjects = subjectsOf(state, unit);
  return RULES.flatMap((rule, ruleAt) => {
    if (state.scope === 'setPlay' && !rule.always) return [];
    return subjects[rule.on]
      .filter(({ faults }) => faults.length === 0 || rule.id === 'mend')
      .filter(({ station }) => rule.kinds === undefined || rule.kinds.includes(station!.kind))
      .filter((subject) => rule.when?.(subject) ?? true)
      .map((subject, at) => ({ rule, subject, id: idOf(rule, subject), key: [PHASE_NAMES.indexOf(rule.phase), ruleAt, at] }));
  });
} // prettier-ignore

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
      axis.stations.map((station) => ({ ...ofAxis(axis), station, part: parts.get(station.partId) ?? null, faults: faulty[station.id] ?? [] })),
    ),
  }; // prettier-ignore
}

/** The steps each one comes after. */
function edgesOf(drafts: readonly Draft[]): ReadonlyMap<string, readonly Draft[]> {
  const byRule = new Map<string, Draft[]>();
  for (const draft of drafts) {
    const same = byRule.get(draft.rule.id);
    if (same === undefined) byRule.set(draft.rule.id, [draft]);
    else same.push(draft);
  }
  return new Map(
    drafts.map((draft) => [
      draft.id,
      (draft.rule.after ?? []).flatMap((after) =>
        (byRule.get(after.rule) ?? []).filter((other) => other !== draft && related(draft.subject, other.subject, after.of)),
      ),
    ]),
  ); // prettier-ignore
}

function related(one: Subject, other: Subject, of: After['of']): boolean {
  if (of === 'all') return true;
  if (of === 'station') return one.station !== null && one.station.id === other.station?.id;
  if (of === 'part') return one.part !== null && one.part.id === other.part?.id;
  return one.axis !== null && one.axis.id === other.axis?.id;
}

/** By key, each behind everything it comes after. @throws Error when rules name each other in a circle */
function ordered(
  drafts: readonly Draft[],
  edges: ReadonlyMap<string, readonly Draft[]>,
): readonly Draft[] {
  const placed = new Set<string>();
  const open = new Set<string>();
  const order: Draft[] = [];
  const visit = (draft: Draft): void => {
    if (placed.has(draft.id)) return;
    if (open.has(draft.id)) throw new Error(`the rules go round in a circle at ${draft.id}`);
    open.add(draft.id);
    edges.get(draft.id)!.toSorted(byKey).forEach(visit);
    placed.add(draft.id);
    order.push(draft);
  };
  drafts.toSorted(byKey).forEach(visit);
  return order;
}

function byKey(a: Draft, b: Draft): number {
  return a.key[0]! - b.key[0]! || a.key[1]! - b.key[1]! || a.key[2]! - b.key[2]!;
}

/** How a step came to be behind; null while it is open. */
function isBehind({ rule, subject, id }: Draft): StepStatus | null {
  if (rule.done?.(subject)) return 'done';
  return subject.state.steps[id]?.status ?? null;
}

function toStep(
  { rule, subject, id }: Draft,
  behind: StepStatus | null,
  ...[after, waitsFor]: readonly [readonly string[], readonly string[]]
): Step {
  const { figures, missing } = rule.numbers?.(subject) ?? NO_NUMBERS;
  const given = <Value>(value: Value | ((subject: Subject) => Value) | undefined, none: Value) =>
    typeof value === 'function' ? (value as (subject: Subject) => Value)(subject) : (value ?? none);
  const open = waitsFor.length > 0 ? 'waiting' : missing.length > 0 ? 'missing' : 'ready';
  return {
    id,
    rule: rule.id,
    phase: rule.phase,
    form: formOf(rule, subject),
    status: behind ?? open,
    title: rule.title(subject),
    how: given(rule.how, ''),
    reason: rule.reason,
    axisId: subject.axis?.id ?? null,
    stationId: subject.station?.id ?? null,
    partId: subject.part?.id ?? null,
    specKind: subject.specKind,
    figures,
    missing,
    orientation: rule.orientation?.(subject) ?? [],
    sizes: rule.sizes?.(subject) ?? [],
    checks: rule.checks?.(subject) ?? [],
    cautions: given(rule.cautions, []),
    tools: given(rule.tools, []),
    consumables: rule.consumables ?? [],
    after,
    waitsFor,
  };
}

/** Play is measured by runs, rolling torque by readings of a wrench, backlash read off. */
function formOf({ form }: Rule, { specKind }: Subject): StepForm {
  if (form !== 'run' && form !== 'figure') return form;
  return SPEC_KINDS[specKind!].taken;
}

function distinct(missing: readonly Missing[]): readonly Missing[] {
  const key = ({ on, id, field, words }: Missing) => `${on} ${id} ${field} ${words}`;
  return [...new Map(missing.map((one) => [key(one), one])).values()];
}
