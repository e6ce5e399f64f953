import type { Body, Integral } from './bodies.ts';
import type { StationKind } from '../unit/index.ts';
import { anyBeside, anyMeets, type Outlines, type Segment } from './segment.ts';

/** A body, or what of a part lies along one axis; with everything that it meets when it moves. */
export interface Solid {
  /** Id of the body or of the part. */
  readonly id: string;
  readonly axisId: string;
  /** Part that it stands on, or that it is. */
  readonly home: string;
  readonly body: Body | null;
  readonly segments: readonly Segment[];
  /** What it meets on its way out to each side, and what lies beside it, so that it cannot be lifted out across. */
  readonly meets: Readonly<Record<'left' | 'right' | 'across', readonly Solid[]>>;
}

/** The solids of a unit: every pair is swept past one another once. */
export function solidsOf(
  bodies: readonly Body[],
  integrals: readonly Integral[],
  by: Outlines,
): readonly Solid[] {
  const parts = new Map<string, Bare>();
  for (const { partId, axisId, segments } of integrals) {
    const key = `${partId} ${axisId}`;
    const before = parts.get(key)?.segments ?? [];
    parts.set(key, {
      id: partId,
      axisId,
      home: partId,
      body: null,
      segments: [...before, ...segments],
    });
  }
  const bare: readonly Bare[] = [
    ...bodies.map((body) => ({
      id: body.id,
      axisId: body.axisId,
      home: body.host,
      body,
      segments: body.segments,
    })),
    ...parts.values(),
  ];
  const solids = bare.map((one) => ({
    ...one,
    meets: { left: [] as Solid[], right: [] as Solid[], across: [] as Solid[] },
  }));
  for (const one of solids)
    for (const other of solids) {
      if (one === other || one.axisId !== other.axisId) continue;
      for (const side of ['left', 'right'] as const)
        if (
          !isInItsGroove(one) &&
          !isInItsGroove(other) &&
          anyMeets(one.segments, other.segments, side, by)
        )
          one.meets[side].push(other);
      if (isInItsGroove(one) && isInItsGroove(other)) continue;
      if (anyBeside(one.segments, other.segments, by)) one.meets.across.push(other);
    }
  return solids;
}

/** Solids by the id of the body or part: a part has one along each of its axes. */
export function solidsById(solids: readonly Solid[]): ReadonlyMap<string, readonly Solid[]> {
  const byId = new Map<string, Solid[]>();
  for (const solid of solids) byId.set(solid.id, [...(byId.get(solid.id) ?? []), solid]);
  return byId;
}

/** What lies in a keyway or a groove: the hub over a key has its keyway, and a ring gives way in its groove. */
const isInItsGroove = ({ body }: Bare): boolean =>
  body !== null && IN_GROOVE.has(body.station.kind);

/** What is put in across its axis, before whatever lies over it. */
export const IN_GROOVE: ReadonlySet<StationKind> = new Set(['key', 'ringSeal', 'pistonSeal']);

type Bare = Omit<Solid, 'meets'>;
