import { isolated } from '../faults/index.ts';
import type { JobState } from '../job/index.ts';
import { geometryFaults, SPEC_KINDS, type Axis, type Unit } from '../unit/index.ts';
import { PHASE_NAMES } from './phases.ts';
import { nameOf, NO_NUMBERS, type After, type Numbers, type Rule, type Subject } from './rule.ts';
import { RULES } from './rules/rules.ts';
import type { Figure, Missing, Step, StepForm, StepStatus } from './step.ts';

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

/** The plan of a job without a unit. */
export const NO_PLAN: Plan = { steps: [], next: null, behind: 0, missing: [], noLonger: [] };

/** A step before it is known what it waits for. */
interface Draft {
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

/**
 * Compile a job's unit and everything recorded of it into the build plan.
 *
 * Rules are applied to what they are about; each step comes after those its rule names, and otherwise in the
 * order of phases, rules and stations. The order is the same for the same job. A step's id is its rule and its
 * target, so that what was ticked stays ticked when the plan is compiled again. Stations that cannot be so get
 * one step that says it, and a rule that fails for a subject becomes a step that names the fault and leads to what is
 * described there; the rest of the plan stands.
 */
export function compilePlan(state: JobState): Plan {
  if (state.unit === null) return NO_PLAN;
  const drafts = draftSteps(state, state.unit);
  const edges = edgesOf(drafts);
  const order = ordered(drafts, edges);
  const place = new Map(order.map(({ id }, index) => [id, index]));
  const behind = new Map(order.map((draft) => [draft.id, draft.behind]));
  const steps = order.map((draft) => {
    const after = edges
      .get(draft.id)!
      .map((other) => other.id)
      .toSorted((a, b) => place.get(a)! - place.get(b)!);
    return toStep(
      draft,
      after,
      after.filter((id) => behind.get(id) === null),
    );
  });
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
  const said = Object.hasOwn(subject.state.steps, id) ? subject.state.steps[id]!.status : null;
  const done = isolated(() => fault === null && rule.done?.(subject) === true);
  if (!done.ok) return { rule, subject, id, key, behind: said, fault: done.fault };
  return { rule, subject, id, key, behind: done.value ? 'done' : said, fault };
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

/** A draft as a step; where its words or numbers fail, the step that says so. */
function toStep(draft: Draft, after: readonly string[], waitsFor: readonly string[]): Step {
  const step = draft.fault === null ? isolated(() => workedOut(draft, after, waitsFor)) : draft;
  if ('ok' in step && step.ok) return step.value;
  return cannotBeWorkedOut(draft, step.fault!, after);
}

function workedOut(
  { rule, subject, id, behind }: Draft,
  after: readonly string[],
  waitsFor: readonly string[],
): Step {
  const { figures, missing } = numbersOf(rule, subject);
  const given = <Value>(value: Value | ((subject: Subject) => Value) | undefined, none: Value) =>
    typeof value === 'function' ? (value as (subject: Subject) => Value)(subject) : (value ?? none);
  const open = waitsFor.length > 0 ? 'waiting' : missing.length > 0 ? 'missing' : 'ready';
  return {
    ...about(rule, subject, id),
    form: formOf(rule, subject),
    status: behind ?? open,
    title: rule.title(subject),
    how: given(rule.how, ''),
    reason: given(rule.reason, ''),
    figures,
    missing,
    orientation: rule.orientation?.(subject) ?? [],
    sizes: rule.sizes?.(subject) ?? [],
    checks: rule.checks?.(subject) ?? [],
    cautions: given(rule.cautions, []),
    tools: given(rule.tools, []),
    consumables: given(rule.consumables, []),
    after,
    waitsFor,
  };
}

/** The numbers of a step; one that cannot be worked out, or is none, is told as missing where it is to be put right. */
function numbersOf(rule: Rule, subject: Subject): Numbers {
  const given = isolated(() => rule.numbers?.(subject) ?? NO_NUMBERS);
  if (!given.ok) return { figures: [], missing: [notWorkedOut(subject, given.fault)] };
  const { figures, missing } = given.value;
  const sound = figures.filter(isSound);
  const broken = figures.filter((one) => !sound.includes(one));
  return broken.length === 0
    ? given.value
    : {
        figures: sound,
        missing: [...missing, ...broken.map(({ name }) => notWorkedOut(subject, name))],
      };
}

function isSound(figure: Figure): boolean {
  if (figure.form === 'text') return true;
  return [figure.least, figure.most, figure.expanded ?? 0].every(
    (value) => value === null || Number.isFinite(value),
  );
}

function notWorkedOut({ station, part, axis, unit }: Subject, what: string): Missing {
  const on = station !== null ? 'station' : part !== null ? 'part' : 'axis';
  const about = station ?? part ?? axis ?? unit;
  return { words: `${about.name} cannot be worked out: ${what}`, on, id: about.id, field: '' };
}

/** The step in place of one whose rule failed. It waits for nothing: what it is about has to be put right first. */
function cannotBeWorkedOut(
  { rule, subject, id, behind }: Draft,
  fault: string,
  after: readonly string[],
): Step {
  const title = isolated(() => rule.title(subject));
  return {
    ...about(rule, subject, id),
    form: 'mend',
    status: behind ?? 'missing',
    title: `${title.ok ? title.value : nameOf(subject)}: this cannot be worked out`,
    how: `Put right what is described or recorded of ${nameOf(subject)}: ${fault}.`,
    reason: 'Its numbers cannot be given as things are. The rest of the plan stands.',
    figures: [],
    missing: [],
    orientation: [],
    sizes: [],
    checks: [],
    cautions: [],
    tools: [],
    consumables: [],
    after,
    waitsFor: [],
  };
}

function about(rule: Rule, { axis, station, part, specKind }: Subject, id: string) {
  return {
    id,
    rule: rule.id,
    phase: rule.phase,
    axisId: axis?.id ?? null,
    stationId: station?.id ?? null,
    partId: part?.id ?? null,
    specKind,
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
