import { oncePerObject } from '../memo/index.ts';
import type { Unit } from '../unit/index.ts';
import { bodiesOf, type Body, type Integral } from './bodies.ts';
import { shaftParts } from '../course/index.ts';
import { holds, jointsOf, type Joint } from './joints.ts';
import type { Outlines } from './segment.ts';
import { solidsById, solidsOf, type Solid } from './solids.ts';

/** What is done to a unit when it is taken apart: bolts undone, a joint parted, a body or a shaft taken out. */
export type EventKind = 'undo' | 'part' | 'take';
/** `<kind>:<id>`: of a bolt circle, of the part that comes off, of a body or of a shaft. */
export type EventKey = `${EventKind}:${string}`;

/** A unit as the solid things it is made of. */
export interface Assembly {
  readonly unit: Unit;
  /** What counts as in the way. */
  readonly outlines: Outlines;
  readonly bodies: readonly Body[];
  readonly integrals: readonly Integral[];
  readonly joints: readonly Joint[];
  /** What there is along the axes: each body, and each part along each axis. */
  readonly solids: readonly Solid[];
  /** The same by the id of the body or part. */
  readonly solidsOf: ReadonlyMap<string, readonly Solid[]>;
  /** Parts that turn, in the order of the unit. */
  readonly shafts: readonly string[];
  /** Bolt circles over the caps that hold a shaft, by the shaft: it comes out across, between them. */
  readonly caps: ReadonlyMap<string, readonly string[]>;
  /** Every event there is, in the order of the unit. */
  readonly events: readonly EventKey[];
}

/** The assembly of a unit as it is drawn, worked out once. */
export const assemblyOf = oncePerObject((unit: Unit): Assembly => worked(unit, 'drawn'));

const knownAssemblies = oncePerObject((unit: Unit): Assembly => worked(unit, 'known'));

/** The same unit where only what known diameters say is in the way: what a drawing in proportion shuts in may well come out. */
export const asKnown = ({ unit }: Assembly): Assembly => knownAssemblies(unit);

function worked(unit: Unit, outlines: Outlines): Assembly {
  const { bodies, integrals } = bodiesOf(unit);
  const joints = jointsOf(unit);
  const turning = shaftParts(unit);
  const solids = solidsOf(bodies, integrals, outlines);
  const shafts = unit.parts.map(({ id }) => id).filter((id) => turning.has(id));
  const bolts = unit.axes.flatMap(({ stations }) =>
    stations.filter(({ kind }) => kind === 'bolts'),
  );
  return {
    unit,
    outlines,
    bodies,
    integrals,
    joints,
    solids,
    solidsOf: solidsById(solids),
    shafts,
    caps: capsOf(unit, joints, turning),
    events: [
      ...bolts.map(({ id }): EventKey => `undo:${id}`),
      ...joints.map(({ part }): EventKey => `part:${part}`),
      ...shafts.map((id): EventKey => `take:${id}`),
      ...bodies.map(({ id }): EventKey => `take:${id}`),
    ],
  };
}

function capsOf(
  unit: Unit,
  joints: readonly Joint[],
  turning: ReadonlySet<string>,
): ReadonlyMap<string, readonly string[]> {
  const caps = new Map<string, readonly string[]>();
  for (const axis of unit.axes) {
    const bolts = axis.stations
      .filter((one) => one.kind === 'bolts' && holds(joints, axis, one, unit) === 'caps')
      .map(({ id }) => id);
    if (bolts.length === 0) continue;
    for (const { partId } of axis.stations) if (turning.has(partId)) caps.set(partId, bolts);
  }
  return caps;
}
