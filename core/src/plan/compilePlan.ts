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
    const after = edges
      .get(draft.id)!
      .map((other) => other.id)
      .toSorted((a, b) => place.get(a)! - place.get(b)!);
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

/** The steps each one comes after. */
function edgesOf(drafts: readonly Draft[]): ReadonlyMap<string, readonly Draft[]> {
  const found = new Map<string, Draft[]>();
  const put = (key: string, draft: Draft): void => {
    const same = found.get(key);
    if (same === undefined) found.set(key, [draft]);
    else same.push(draft);
  };
  for (const draft of drafts)
    for (const of of RELATIONS) {
      const key = keyOf(draft.rule.id, draft.subject, of);
      if (key !== null) put(key, draft);
    }
  return new Map(
    drafts.map((draft) => [
      draft.id,
      (draft.rule.after ?? []).flatMap(({ rule, of, when }) => {
        if (when?.(draft.subject) === false) return [];
        const key = keyOf(rule, draft.subject, of);
        const others = key === null ? [] : (found.get(key) ?? []);
        return others.includes(draft) ? others.filter((other) => other !== draft) : others;
      }),
    ]),
  );
}

const RELATIONS: readonly After['of'][] = ['all', 'station', 'part', 'axis'];

/** Steps of a rule that are related to a subject have the same key; null where the subject has no such relation. */
function keyOf(rule: RuleId, subject: Subject, of: After['of']): string | null {
  if (of === 'all') return rule;
  const { axisId, stationId, partId } = placeOf(subject);
  const id = { axis: axisId, station: stationId, part: partId }[of];
  return id === null ? null : `${rule} ${of} ${id}`;
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
  const at = a.key.findIndex((part, index) => part !== b.key[index]);
  return at === -1 ? 0 : a.key[at]! - b.key[at]!;
}

function distinct(missing: readonly Missing[]): readonly Missing[] {
  const key = ({ on, id, field, words }: Missing) => `${on} ${id} ${field} ${words}`;
  return [...new Map(missing.map((one) => [key(one), one])).values()];
}
