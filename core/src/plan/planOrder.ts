import type { EventKey } from '../assembly/index.ts';
import type { Draft } from './draftSteps.ts';
import type { Motion } from './motions.ts';
import { meshRole, meshRoleOfPart, type MeshRole } from './meshes.ts';
import { NumberSet } from './numberSet.ts';
import { placeOf, type After, type Subject } from './rule.ts';
import type { RuleId } from './ruleIds.ts';

/** A step in its place, with the ids of the steps that it comes after, and of those that are still open, in plan order. */
export interface Placed {
  readonly draft: Draft;
  readonly after: readonly string[];
  readonly waitsFor: readonly string[];
}

/**
 * Steps by key, each behind everything it comes after: what physics and its own station demand, and what its rule asks for
 * besides. Where a rule asks for what physics forbids, the rule gives way.
 */
export function planOrder(drafts: readonly Draft[]): readonly Placed[] {
  const sorted = drafts.toSorted(byKey);
  const edges = edgesOf(sorted);
  const order = ordered(edges);
  const inPlace = order.map((rank) => sorted[rank]!);
  const place: number[] = [];
  order.forEach((rank, at) => (place[rank] = at));
  return inPlace.map((draft, own) => {
    const before = new NumberSet(sorted.length);
    for (const other of edges.all[order[own]!]!) if (place[other]! < own) before.add(place[other]!);
    const after: string[] = [];
    const waitsFor: string[] = [];
    for (const at of before.values()) {
      const { id, behind } = inPlace[at]!;
      after.push(id);
      if (behind === null) waitsFor.push(id);
    }
    return { draft, after, waitsFor };
  });
}

/** What each step comes after, by their ranks by key. */
interface Edges {
  /** As physics and its own station demand. */
  readonly hard: readonly (readonly number[])[];
  /** And as its rule says besides; each once, lowest first. */
  readonly all: readonly (readonly number[])[];
}

function edgesOf(drafts: readonly Draft[]): Edges {
  const physical = physicalEdges(drafts);
  const places = drafts.map(({ subject }) => placeOf(subject));
  const found = relatedSteps(drafts, places);
  const hard: number[][] = [];
  const all: (readonly number[])[] = [];
  drafts.forEach((draft, rank) => {
    const shutIn = physical[rank]!;
    // A step that moves several things may have to come before and after another: where it stands decides.
    const demanded = shutIn.filter(
      (other) =>
        other !== rank &&
        (drafts[other]!.motion!.at < draft.motion!.at || !physical[other]!.includes(rank)),
    );
    const before = new NumberSet(drafts.length);
    shutIn.forEach((other) => before.add(other));
    for (const { rule, of, when } of draft.rule.after ?? []) {
      if (when?.(draft.subject) === false) continue;
      const others = found.get(rule)?.[of].get(asked(of, draft, places[rank]!)) ?? [];
      others.forEach((other) => before.add(other));
      if (of === 'station') demanded.push(...others);
    }
    hard.push(demanded);
    all.push(before.values());
  });
  return { hard, all };
}

/** What has to be out of the way before something comes out, and what has to be in before something shuts it in. */
function physicalEdges(drafts: readonly Draft[]): readonly (readonly number[])[] {
  const movedBy = { out: new Map<string, number[]>(), in: new Map<string, number[]>() };
  drafts.forEach(({ motion }, rank) => {
    for (const event of motion?.events ?? []) {
      const same = movedBy[motion!.to].get(event);
      if (same === undefined) movedBy[motion!.to].set(event, [rank]);
      else same.push(rank);
    }
  });
  return drafts.map(({ motion }) =>
    motion === null ? [] : demandedBy(motion, movedBy[motion.to]),
  );
}

/** The steps that a motion comes after; through what no step moves, those that this comes after in turn. */
function demandedBy(
  { before, order }: Motion,
  movedBy: ReadonlyMap<string, readonly number[]>,
): readonly number[] {
  const found: number[] = [];
  const seen = new Set<EventKey>();
  const look = (event: EventKey): void => {
    if (seen.has(event)) return;
    seen.add(event);
    const steps = movedBy.get(event);
    if (steps !== undefined) found.push(...steps);
    else order.before.get(event)?.forEach(look);
  };
  before.forEach(look);
  return found;
}

type Place = ReturnType<typeof placeOf>;
type Related = Readonly<Record<After['of'], Map<string | null, number[]>>>;

/** What steps have in common that are related; null where a step has no such relation. */
const relationOf = {
  all: () => '',
  station: (_, { stationId }) => stationId,
  part: (_, { partId }) => partId,
  axis: (_, { axisId }) => axisId,
  drivers: ({ subject }) => (roleOf(subject) === 'driver' ? MESH : null),
  driven: ({ subject }) => (roleOf(subject) === 'driven' ? MESH : null),
} as const satisfies Readonly<Record<After['of'], (draft: Draft, place: Place) => string | null>>;

const MESH = 'mesh';
const roleOf = (subject: Subject): MeshRole | null => {
  if ('axis' in subject) return meshRole(subject.unit, subject.axis);
  return subject.about === 'part' ? meshRoleOfPart(subject.unit, subject.part) : null;
};

/** Of what a relation of gears asks: a driver for what it drives, what is driven for its drivers. */
const ASKED_BY: Readonly<Partial<Record<After['of'], MeshRole>>> = {
  drivers: 'driven',
  driven: 'driver',
};

/** By what a step asks for others. */
const asked = (of: After['of'], draft: Draft, place: Place): string | null => {
  const role = ASKED_BY[of];
  if (role === undefined) return relationOf[of](draft, place);
  return roleOf(draft.subject) === role ? MESH : 'none';
};
const RELATIONS = Object.keys(relationOf) as After['of'][];

/** The steps of each rule, by what they can be asked for. */
function relatedSteps(
  drafts: readonly Draft[],
  places: readonly Place[],
): ReadonlyMap<RuleId, Related> {
  const found = new Map<RuleId, Related>();
  drafts.forEach((draft, rank) => {
    const { rule } = draft;
    const same = found.get(rule.id) ?? {
      all: new Map(),
      station: new Map(),
      part: new Map(),
      axis: new Map(),
      drivers: new Map(),
      driven: new Map(),
    };
    found.set(rule.id, same);
    for (const of of RELATIONS) {
      const common = relationOf[of](draft, places[rank]!);
      if (common === null) continue;
      const ranks = same[of].get(common);
      if (ranks === undefined) same[of].set(common, [rank]);
      else ranks.push(rank);
    }
  });
  return found;
}

/** Each step by its rank, behind all that is demanded, and behind what is asked for where nothing demands the contrary. */
function ordered({ hard, all }: Edges): readonly number[] {
  const placed = new NumberSet(hard.length);
  const open = new NumberSet(hard.length);
  const order: number[] = [];
  const demands = reachBy(hard);
  const visit = (rank: number): void => {
    if (placed.has(rank) || open.has(rank)) return;
    open.add(rank);
    hard[rank]!.toSorted((a, b) => a - b).forEach(visit);
    for (const other of all[rank]!)
      if (!placed.has(other) && !demands(other).meets(open)) visit(other);
    open.delete(rank);
    placed.add(rank);
    order.push(rank);
  };
  hard.forEach((_, rank) => visit(rank));
  return order;
}

/** Everything that a step comes after by some edges, near and far. */
function reachBy(edges: readonly (readonly number[])[]): (rank: number) => NumberSet {
  const known: NumberSet[] = [];
  const reach = (rank: number): NumberSet => {
    if (known[rank] !== undefined) return known[rank];
    const all = new NumberSet(edges.length);
    known[rank] = all;
    for (const other of edges[rank]!) {
      all.add(other);
      all.addAll(reach(other));
    }
    return all;
  };
  return reach;
}

function byKey(a: Draft, b: Draft): number {
  const at = a.key.findIndex((part, index) => part !== b.key[index]);
  return at === -1 ? 0 : a.key[at]! - b.key[at]!;
}
