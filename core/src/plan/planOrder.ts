import type { Draft } from './draftSteps.ts';
import { placeOf, type After } from './rule.ts';
import type { RuleId } from './ruleIds.ts';

/** A step in its place, with the steps that it comes after, in plan order, each once. */
export interface Placed {
  readonly draft: Draft;
  readonly after: readonly Draft[];
}

/**
 * Steps by key, each behind everything it comes after: what physics and its own station demand, and what its rule asks for
 * besides. Where a rule asks for what physics forbids, the rule gives way.
 */
export function planOrder(drafts: readonly Draft[]): readonly Placed[] {
  const sorted = drafts.toSorted(byKey);
  const edges = edgesOf(sorted);
  const order = ordered(sorted, edges);
  const place = new Map(order.map((draft, index) => [draft, index]));
  return order.map((draft, own) => {
    const places = new Set<number>();
    for (const group of [edges.hard.get(draft)!, ...edges.soft.get(draft)!])
      for (const other of group) {
        const at = place.get(other)!;
        if (at < own) places.add(at);
      }
    return { draft, after: [...places].toSorted((a, b) => a - b).map((at) => order[at]!) };
  });
}

/** What each step comes after: as physics and its own station demand, and, in groups, as its rule says besides. */
interface Edges {
  readonly hard: ReadonlyMap<Draft, readonly Draft[]>;
  readonly soft: ReadonlyMap<Draft, readonly (readonly Draft[])[]>;
}

function edgesOf(drafts: readonly Draft[]): Edges {
  const physical = physicalEdges(drafts);
  const places = new Map(drafts.map((draft) => [draft, placeOf(draft.subject)]));
  const found = byRelation(drafts, places);
  const related = (draft: Draft, isOwn: boolean): readonly (readonly Draft[])[] => {
    const place = places.get(draft)!;
    return (draft.rule.after ?? []).flatMap(({ rule, of, when }) => {
      if ((of === 'station') !== isOwn || when?.(draft.subject) === false) return [];
      const key = keyOf(rule, place, of);
      const others = key === null ? undefined : found.get(key);
      return others === undefined ? [] : [others];
    });
  };
  const hard = new Map<Draft, readonly Draft[]>();
  const soft = new Map<Draft, readonly (readonly Draft[])[]>();
  for (const draft of drafts) {
    const shutIn = physical.get(draft) ?? [];
    hard.set(draft, [
      ...shutIn.filter((other) => isEarlier(other, draft)),
      ...related(draft, true).flat(),
    ]);
    soft.set(draft, [shutIn, ...related(draft, false)]);
  }
  return { hard, soft };
}

/** What has to be out of the way before something comes out, and what has to be in before something shuts it in. */
function physicalEdges(drafts: readonly Draft[]): ReadonlyMap<Draft, readonly Draft[]> {
  const moving = drafts.filter(({ motion }) => motion !== null);
  const byEvent = new Map<string, Draft[]>();
  for (const draft of moving)
    for (const event of draft.motion!.events) {
      const key = `${draft.motion!.to} ${event}`;
      byEvent.set(key, [...(byEvent.get(key) ?? []), draft]);
    }
  return new Map(
    moving.map((draft) => {
      const { to, before } = draft.motion!;
      return [draft, [...before].flatMap((event) => byEvent.get(`${to} ${event}`) ?? [])];
    }),
  );
}

/** A step that moves several things may have to come before and after another: where it stands decides. */
const isEarlier = (a: Draft, b: Draft): boolean => a !== b && a.motion!.at < b.motion!.at;

type Place = ReturnType<typeof placeOf>;

/** The steps of each rule, by what they can be asked for. */
function byRelation(
  drafts: readonly Draft[],
  places: ReadonlyMap<Draft, Place>,
): ReadonlyMap<string, readonly Draft[]> {
  const found = new Map<string, Draft[]>();
  for (const draft of drafts)
    for (const of of RELATIONS) {
      const key = keyOf(draft.rule.id, places.get(draft)!, of);
      if (key === null) continue;
      const same = found.get(key);
      if (same === undefined) found.set(key, [draft]);
      else same.push(draft);
    }
  return found;
}

const RELATIONS: readonly After['of'][] = ['all', 'station', 'part', 'axis'];

/** Steps of a rule that are related to a subject have the same key; null where the subject has no such relation. */
function keyOf(rule: RuleId, { axisId, stationId, partId }: Place, of: After['of']): string | null {
  if (of === 'all') return rule;
  const id = of === 'axis' ? axisId : of === 'station' ? stationId : partId;
  return id === null ? null : `${rule} ${of} ${id}`;
}

function ordered(sorted: readonly Draft[], { hard, soft }: Edges): readonly Draft[] {
  const rank = new Map(sorted.map((draft, at) => [draft, at]));
  const placed = new Set<Draft>();
  const open = new Set<Draft>();
  const order: Draft[] = [];
  const demands = reachBy(hard);
  const waiting = (groups: readonly (readonly Draft[])[]): readonly Draft[] => {
    const left = new Set<Draft>();
    for (const group of groups) for (const other of group) if (!placed.has(other)) left.add(other);
    return [...left].toSorted((a, b) => rank.get(a)! - rank.get(b)!);
  };
  const visit = (draft: Draft): void => {
    if (placed.has(draft) || open.has(draft)) return;
    open.add(draft);
    waiting([hard.get(draft)!]).forEach(visit);
    for (const other of waiting(soft.get(draft)!)) {
      if (placed.has(other)) continue;
      const demanded = demands(other);
      if (![...open].some((one) => demanded.has(one))) visit(other);
    }
    open.delete(draft);
    placed.add(draft);
    order.push(draft);
  };
  sorted.forEach(visit);
  return order;
}

/** Everything that a step comes after by some edges, near and far. */
function reachBy(edges: ReadonlyMap<Draft, readonly Draft[]>) {
  const known = new Map<Draft, ReadonlySet<Draft>>();
  const reach = (draft: Draft): ReadonlySet<Draft> => {
    const before = known.get(draft);
    if (before !== undefined) return before;
    const all = new Set<Draft>();
    known.set(draft, all);
    for (const other of edges.get(draft)!) {
      all.add(other);
      reach(other).forEach((one) => all.add(one));
    }
    return all;
  };
  return reach;
}

function byKey(a: Draft, b: Draft): number {
  const at = a.key.findIndex((part, index) => part !== b.key[index]);
  return at === -1 ? 0 : a.key[at]! - b.key[at]!;
}
