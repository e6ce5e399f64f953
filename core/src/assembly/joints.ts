import type { Axis, Part, Side, Station, Unit } from '../unit/index.ts';
import { shaftParts } from '../course/index.ts';

/** Two parts that are held together by bolts. */
export interface Joint {
  /** Comes off. */
  readonly part: string;
  /** Stays. */
  readonly to: string;
  /** Side to which it comes off; null where nothing described tells. */
  readonly side: Side | null;
  /** Whether both are halves of one case: either comes off the other. */
  readonly halves: boolean;
  /** Bolt circles that hold it. */
  readonly bolts: readonly string[];
}

/** What a bolt circle holds, as far as the description tells. */
export type Holds = 'joint' | 'caps' | 'screw';

/** The joints of a unit: each cover and carrier on the part beside it, one case half on the next. */
export function jointsOf(unit: Unit): readonly Joint[] {
  const shafts = shaftParts(unit);
  const housings = unit.parts.filter(({ id }) => !shafts.has(id));
  const halves = housings
    .filter(({ kind }) => kind === 'caseHalf')
    .toSorted((a, b) => placeOf(unit, a) - placeOf(unit, b));
  const between = halves.slice(0, -1).map((half, at): Joint => {
    const next = halves[at + 1]!;
    return {
      part: half.id,
      to: next.id,
      side: 'left',
      halves: true,
      bolts: boltsOf(unit, [half.id, next.id]),
    };
  });
  const ends = housings
    .filter(({ kind }) => kind === 'cover' || (kind === 'carrier' && housings.length > 1))
    .flatMap((part): readonly Joint[] => {
      const to = nearest(unit, part, housings);
      if (to === null) return [];
      return [
        {
          part: part.id,
          to: to.id,
          side: sideOf(unit, part, to),
          halves: false,
          bolts: boltsOf(unit, [part.id]),
        },
      ];
    });
  return [...between, ...ends];
}

/** What a bolt circle holds: the joint of its part; caps over a carrier or over shells; else it is a screw of its own. */
export function holds(joints: readonly Joint[], axis: Axis, bolts: Station, unit: Unit): Holds {
  if (joints.some((joint) => joint.bolts.includes(bolts.id))) return 'joint';
  const carriers = new Set(unit.parts.filter(({ kind }) => kind === 'carrier').map(({ id }) => id));
  const holdsCarrier = axis.stations.some(
    ({ kind, partId }) => kind === 'shaftStep' && carriers.has(partId),
  );
  const holdsShells = axis.stations.some(
    ({ kind, partId }) => kind === 'plainBearing' && partId === bolts.partId,
  );
  return (holdsCarrier || holdsShells) && bolts.count !== 1 ? 'caps' : 'screw';
}

function boltsOf({ axes }: Unit, partIds: readonly string[]): readonly string[] {
  return axes.flatMap(({ stations }) =>
    stations
      .filter(({ kind, partId }) => kind === 'bolts' && partIds.includes(partId))
      .map(({ id }) => id),
  );
}

const middle = ({ at, width }: Station): number => at + width / 2;
const mean = (values: readonly number[]): number =>
  values.reduce((sum, value) => sum + value, 0) / values.length;

/** Where a part lies along the axes; in the middle where nothing stands on it. */
function placeOf({ axes }: Unit, { id }: Part): number {
  const places = axes.flatMap(({ stations }) =>
    stations.filter(({ partId }) => partId === id).map(middle),
  );
  return places.length === 0 ? 0 : mean(places);
}

/** The part on which another comes to lie: a case before a cover, of several the nearest. */
function nearest(unit: Unit, part: Part, housings: readonly Part[]): Part | null {
  const others = housings.filter(({ id }) => id !== part.id);
  const rank = (one: Part) => (one.kind === 'cover' ? 1 : one.kind === 'carrier' ? 0.5 : 0);
  const away = (one: Part) => Math.abs(placeOf(unit, one) - placeOf(unit, part));
  return others.toSorted((a, b) => rank(a) - rank(b) || away(a) - away(b))[0] ?? null;
}

/** To which side of another a part lies, on an axis that both are on; null where there is none. */
function sideOf({ axes }: Unit, part: Part, to: Part): Side | null {
  for (const { stations } of axes) {
    const own = stations.filter(({ partId }) => partId === part.id).map(middle);
    const others = stations.filter(({ partId }) => partId === to.id).map(middle);
    if (own.length > 0 && others.length > 0) return mean(own) < mean(others) ? 'left' : 'right';
  }
  return null;
}
