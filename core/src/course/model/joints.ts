import type { Part, Unit } from '../../unit/index.ts';
import type { Metal } from './placed.ts';
import { middleOf, type Direction } from './ring.ts';

/** A part that comes off another. */
export interface Joint {
  readonly part: string;
  readonly to: string;
  /** Side to which it comes off; 0 where nothing described tells. */
  readonly side: Direction | 0;
  /** Whether both are halves of one case. */
  readonly halves: boolean;
  /** Circles of bolts that hold it. */
  readonly bolts: readonly string[];
}

/** Which part the others come off, the first of these kinds. */
const ROOT_RANK: Readonly<Record<Part['kind'], number>> = {
  case: 0,
  caseHalf: 1,
  carrier: 2,
  cover: 3,
  shaft: 4,
};

/** The part of a unit that stays where it is while the others come off it; none of a unit without parts. */
export function rootOf({ parts }: Unit, { shafts }: Metal): string {
  const [first] = parts
    .filter(({ id }) => !shafts.has(id))
    .toSorted((a, b) => ROOT_RANK[a.kind] - ROOT_RANK[b.kind] || (a.id < b.id ? -1 : 1));
  return (first ?? parts[0])?.id ?? '';
}

/** The joints of a unit: every part that is no shaft, on its root. */
export function jointsOf(unit: Unit, metal: Metal, root: string): readonly Joint[] {
  const circles = metal.all.filter(({ station }) => station.kind === 'bolts');
  const joints = unit.parts
    .filter(({ id }) => id !== root && !metal.shafts.has(id))
    .map(({ id, kind }): Joint => ({
      part: id,
      to: root,
      side: sideOf(unit, id, root),
      halves: kind === 'caseHalf',
      bolts: circles
        .filter(({ station }) => station.partId === id)
        .map(({ station }) => station.id),
    }));
  const [only, ...more] = joints;
  if (only === undefined || more.length > 0 || only.bolts.length > 0) return joints;
  // Of the only joint the bolts may be described on what it is bolted to; a row of them holds caps.
  const bolts = circles
    .filter(({ station }) => station.partId === root && station.pattern !== 'row')
    .map(({ station }) => station.id);
  return [{ ...only, bolts }];
}

/** To which side of another a part lies, on the first axis that both are on; 0 where there is none. */
function sideOf({ axes }: Unit, partId: string, root: string): Direction | 0 {
  for (const { stations } of axes) {
    const mean = (id: string): number | null => {
      const own = stations.filter((one) => one.partId === id && one.kind !== 'bolts').map(middleOf);
      return own.length === 0 ? null : own.reduce((sum, one) => sum + one, 0) / own.length;
    };
    const [here, there] = [mean(partId), mean(root)];
    if (here !== null && there !== null) return Math.sign(here - there) as Direction | 0;
  }
  return 0;
}
