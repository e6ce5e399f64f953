import type { JobState } from '../job/index.ts';
import { draftedStep } from './draftedStep.ts';
import { draftSteps, type Draft } from './draftSteps.ts';
import { placeOf, type After, type Subject } from './rule.ts';
import type { RuleId } from './ruleIds.ts';
import type { Missing, Step } from './step.ts';

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
    const after = afterOf(draft, edges, place);
    return draftedStep(
      draft,
      after,
      after.filter((id) => behind.get(id) === null),
    );
  });
  return {
    steps,
    next: steps.find(({ status }) => status === 'ready' || status === 'missing') ?? null,
    behind: steps.filter(({ status }) => status === 'done' || status === 'setAside').length,
    missing: distinct(
      steps
        .filter(({ status }) => status !== 'done' && status !== 'setAside')
        .flatMap((step) => step.missing),
    ),
    noLonger: Object.keys(state.steps).filter((id) => !place.has(id)),
  };
}

/** The steps that one comes after, in plan order, each once. */
function afterOf(
  { id }: Draft,
  { hard, soft }: Edges,
  place: ReadonlyMap<string, number>,
): readonly string[] {
  const own = place.get(id)!;
  const ids = new Set([...hard.get(id)!, ...soft.get(id)!].map((other) => other.id));
  return [...ids]
    .filter((other) => place.get(other)! < own)
    .toSorted((a, b) => place.get(a)! - place.get(b)!);
}

/** What each step comes after, by id: as physics and its own station demand, and as its rule says besides. */
interface Edges {
  readonly hard: ReadonlyMap<string, readonly Draft[]>;
  readonly soft: ReadonlyMap<string, readonly Draft[]>;
}

function edgesOf(drafts: readonly Draft[]): Edges {
  const physical = physicalEdges(drafts);
  const found = byRelation(drafts);
  const related = (draft: Draft, which: (of: After['of']) => boolean): readonly Draft[] =>
    (draft.rule.after ?? []).flatMap(({ rule, of, when }) => {
      if (!which(of) || when?.(draft.subject) === false) return [];
      const key = keyOf(rule, draft.subject, of);
      return (key === null ? [] : (found.get(key) ?? [])).filter((other) => other !== draft);
    });
  const edges = (of: (draft: Draft) => readonly Draft[]) =>
    new Map(drafts.map((draft) => [draft.id, of(draft)]));
  return {
    hard: edges((draft) => [
      ...physical.get(draft.id)!.filter((other) => isEarlier(other, draft)),
      ...related(draft, (of) => of === 'station'),
    ]),
    soft: edges((draft) => [
      ...physical.get(draft.id)!.filter((other) => other !== draft),
      ...related(draft, (of) => of !== 'station'),
    ]),
  };
}

/** What has to be out of the way before something comes out, and what has to be in before something shuts it in. */
function physicalEdges(drafts: readonly Draft[]): ReadonlyMap<string, Draft[]> {
  const moving = drafts.filter(({ motion }) => motion !== null);
  const byEvent = new Map<string, Draft[]>();
  for (const draft of moving)
    for (const event of draft.motion!.events) {
      const key = `${draft.motion!.to} ${event}`;
      byEvent.set(key, [...(byEvent.get(key) ?? []), draft]);
    }
  return new Map(
    drafts.map((draft) => {
      const { to, before } = draft.motion ?? { to: 'in', before: [] };
      const others = [...before].flatMap((event) => byEvent.get(`${to} ${event}`) ?? []);
      return [draft.id, others];
    }),
  );
}

/** A step that moves several things may have to come before and after another: where it stands decides. */
const isEarlier = (a: Draft, b: Draft): boolean => a !== b && a.motion!.at < b.motion!.at;

/** The steps of each rule, by what they can be asked for. */
function byRelation(drafts: readonly Draft[]): ReadonlyMap<string, readonly Draft[]> {
  const found = new Map<string, Draft[]>();
  for (const draft of drafts)
    for (const of of RELATIONS) {
      const key = keyOf(draft.rule.id, draft.subject, of);
      if (key === null) continue;
      const same = found.get(key);
      if (same === undefined) found.set(key, [draft]);
      else same.push(draft);
    }
  return found;
}

const RELATIONS: readonly After['of'][] = ['all', 'station', 'part', 'axis'];

/** Steps of a rule that are related to a subject have the same key; null where the subject has no such relation. */
function keyOf(rule: RuleId, subject: Subject, of: After['of']): string | null {
  if (of === 'all') return rule;
  const { axisId, stationId, partId } = placeOf(subject);
  const id = { axis: axisId, station: stationId, part: partId }[of];
  return id === null ? null : `${rule} ${of} ${id}`;
}

/**
 * By key, each behind everything it comes after. Where a rule asks for what physics forbids, the rule gives way.
 */
function ordered(drafts: readonly Draft[], { hard, soft }: Edges): readonly Draft[] {
  const placed = new Set<string>();
  const open = new Set<string>();
  const order: Draft[] = [];
  const demands = reachBy(hard);
  const visit = (draft: Draft): void => {
    if (placed.has(draft.id) || open.has(draft.id)) return;
    open.add(draft.id);
    hard
      .get(draft.id)!
      .filter(({ id }) => !placed.has(id))
      .toSorted(byKey)
      .forEach(visit);
    for (const other of soft
      .get(draft.id)!
      .filter(({ id }) => !placed.has(id))
      .toSorted(byKey)) {
      if (placed.has(other.id)) continue;
      const demanded = demands(other);
      if (![...open].some((id) => demanded.has(id))) visit(other);
    }
    open.delete(draft.id);
    placed.add(draft.id);
    order.push(draft);
  };
  drafts.toSorted(byKey).forEach(visit);
  return order;
}

/** Everything that a step comes after by some edges, near and far. */
function reachBy(edges: ReadonlyMap<string, readonly Draft[]>) {
  const known = new Map<string, ReadonlySet<string>>();
  const reach = (draft: Draft): ReadonlySet<string> => {
    const before = known.get(draft.id);
    if (before !== undefined) return before;
    const all = new Set<string>();
    known.set(draft.id, all);
    for (const other of edges.get(draft.id)!) {
      all.add(other.id);
      reach(other).forEach((id) => all.add(id));
    }
    return all;
  };
  return reach;
}

function byKey(a: Draft, b: Draft): number {
  const at = a.key.findIndex((part, index) => part !== b.key[index]);
  return at === -1 ? 0 : a.key[at]! - b.key[at]!;
}

function distinct(missing: readonly Missing[]): readonly Missing[] {
  const key = ({ on, id, field, words }: Missing) => `${on} ${id} ${field} ${words}`;
  return [...new Map(missing.map((one) => [key(one), one])).values()];
}
