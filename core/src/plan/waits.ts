import { eventOf, subjectOf as idOf, type Model, type Row } from '../course/index.ts';
import type { Draft } from './draft.ts';
import { placeOf } from './rule.ts';
import type { RuleId } from './ruleIds.ts';

/** A step with the ids of the steps that it comes after, and of those that are still open, in plan order. */
export interface Placed {
  readonly draft: Draft;
  readonly after: readonly string[];
  readonly waitsFor: readonly string[];
}

/** Asked before all others of its axis or its part, and of none of them: nothing waits for it by its place. */
const BESIDE: ReadonlySet<RuleId> = new Set(['mend', 'findWay']);

/**
 * What each step of a plan waits for: the nearest one before it that moves something on the same axis or the same part, and what its
 * rule asks for besides. What is on another shaft, on the bench, does not wait.
 */
export function placedSteps(model: Model, drafts: readonly Draft[]): readonly Placed[] {
  const lastOn = new Map<string, string>();
  const seen = new Map<string, Draft[]>();
  const behind = new Map(drafts.map((draft) => [draft.id, draft.behind !== null]));
  const at = new Map(drafts.map(({ id }, index) => [id, index]));
  return drafts.map((draft) => {
    const touched = thingsOf(model, draft);
    const before = new Set(touched.flatMap((thing) => lastOn.get(thing) ?? []));
    for (const { rule, of, when } of draft.rule.after ?? []) {
      if (when?.(draft.subject) === false) continue;
      for (const other of seen.get(rule) ?? [])
        if (isRelated(of, draft, other)) before.add(other.id);
    }
    if (draft.rows.some(({ move }) => move !== undefined) || GATES.has(draft.rule.id))
      for (const thing of touched) lastOn.set(thing, draft.id);
    const same = seen.get(draft.rule.id);
    if (same === undefined) seen.set(draft.rule.id, [draft]);
    else same.push(draft);
    const after = [...before].toSorted((a, b) => at.get(a)! - at.get(b)!);
    return { draft, after, waitsFor: after.filter((id) => behind.get(id) !== true) };
  });
}

/** Steps that move nothing and that all after them on their axis or part wait for. */
const GATES: ReadonlySet<RuleId> = new Set([
  'drain',
  'clean',
  'measure',
  'choosePack',
  'heat',
  'ownStep',
  'finish',
]);

const isRelated = (of: string, { subject: own }: Draft, { subject: other }: Draft): boolean => {
  if (of === 'all') return true;
  const [mine, its] = [placeOf(own), placeOf(other)];
  if (of === 'station') return mine.stationId !== null && mine.stationId === its.stationId;
  if (of === 'part') return mine.partId !== null && mine.partId === its.partId;
  return of === 'axis' && mine.axisId !== null && mine.axisId === its.axisId;
};

/** The axes and parts that a step is about. */
function thingsOf(model: Model, { subject, rows }: Draft): readonly string[] {
  const { axisId, partId } = placeOf(subject);
  if (subject.about === 'unit' && !BESIDE.has(subject.about as RuleId))
    return [...model.unit.axes, ...model.unit.parts].map(({ id }) => id);
  return [
    ...new Set([
      ...(axisId === null ? [] : [axisId]),
      ...(partId === null ? [] : [partId]),
      ...rows.flatMap((row) => touchedBy(model, row)),
    ]),
  ];
}

function touchedBy(model: Model, { move }: Row): readonly string[] {
  if (move === undefined) return [];
  const id = idOf(eventOf(move));
  const body = model.bodyOf.get(id);
  if (body !== undefined)
    return [body.axisId, body.host, ...(body.under === null ? [] : [body.under])];
  const joint = model.jointOf.get(id) ?? model.joints.find(({ bolts }) => bolts.includes(id));
  if (joint !== undefined) return [...axesOf(model, joint.part), joint.part, joint.to];
  const shaft = model.shaftOf.get(id);
  if (shaft !== undefined) return [...shaft.axes, shaft.part, shaft.to];
  return model.holds.filter(({ boltsId }) => boltsId === id).flatMap(({ axisId }) => axisId ?? []);
}

const axesOf = ({ bodies }: Model, part: string): readonly string[] =>
  bodies.filter(({ host }) => host === part).map(({ axisId }) => axisId);
