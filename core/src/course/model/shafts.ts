import type { Unit } from '../../unit/index.ts';
import type { BareBody } from './bodies.ts';
import type { Hold } from './holds.ts';
import type { Metal } from './placed.ts';

/** A shaft in what it turns in. */
export interface Shaft {
  readonly part: string;
  readonly to: string;
  readonly axes: readonly string[];
  /** Bolts of the caps under which it lies: it comes out across; null where it comes out along its axis. */
  readonly across: readonly string[] | null;
}

/** Every shaft of a unit, in the part that stays where one of them holds it. */
export function shaftsOf(
  unit: Unit,
  metal: Metal,
  {
    root,
    bodies,
    holds,
  }: {
    readonly root: string;
    readonly bodies: readonly BareBody[];
    readonly holds: readonly Hold[];
  },
): readonly Shaft[] {
  const housings = unit.parts.map(({ id }) => id).filter((id) => !metal.shafts.has(id));
  return [...metal.shafts].map((part) => {
    const axes = metal.axesOf(part);
    const [first] = axes;
    const around = housings.filter(
      (id) =>
        first !== undefined &&
        (metal.solid(id, first).length > 0 ||
          bodies.some((body) => body.host === id && body.axisId === first)),
    );
    const caps = holds
      .filter(({ isOfCaps, axisId }) => isOfCaps && axes.includes(axisId))
      .map(({ boltsId }) => boltsId);
    return {
      part,
      to: around.includes(root) ? root : (around[0] ?? root),
      axes,
      across: caps.length === 0 ? null : caps,
    };
  });
}
