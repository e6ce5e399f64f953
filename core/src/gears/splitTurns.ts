import { requireNumber } from '../faults/index.ts';

/** A threaded adjuster of a carrier. */
export interface SideThread {
  /** mm a turn. */
  readonly lead: number;
  /** Notches of its lock; null where it is locked anywhere. */
  readonly notches: number | null;
}

/** How far an adjuster is turned. Inwards is positive. */
export interface SideTurn {
  /** Degrees. */
  readonly angle: number;
  /** Null where it has none. */
  readonly notches: number | null;
  /** What that moves its cup by, mm. */
  readonly travel: number;
}

/** Both turns, and what they leave off the wanted, mm. */
export interface SplitTurns {
  readonly gear: SideTurn;
  readonly other: SideTurn;
  /** Preload that comes out above what is wanted, and how much further the gear ends up from the pinion than wanted. */
  readonly preloadOff: number;
  readonly placeOff: number;
}

/**
 * The turns of two adjusters by what their cups are to be moved inwards, mm. Where they are locked by notches, whole ones: of the pairs
 * about the wanted place the one whose preload and place are off by the least, the place counting twice.
 *
 * @throws InputError naming `gear.lead`, `other.lead`, `gear.travel` or `other.travel`
 * @example splitTurns({ gear: 0.12, other: -0.05 }, { gear: { lead: 1.5, notches: 20 }, other: { lead: 1.5, notches: 20 } })
 */
export function splitTurns(
  travel: Readonly<Record<'gear' | 'other', number>>,
  thread: Readonly<Record<'gear' | 'other', SideThread>>,
): SplitTurns {
  const sides = ['gear', 'other'] as const;
  for (const side of sides) {
    requireNumber(`${side}.travel`, travel[side], { min: -20, max: 20, unit: 'mm' });
    requireNumber(`${side}.lead`, thread[side].lead, { min: 0.1, max: 10, unit: 'mm' });
    if (thread[side].notches !== null)
      requireNumber(`${side}.notches`, thread[side].notches, { min: 1, max: 400 });
  }
  const [gears, others] = sides.map((side) => turnsNear(travel[side], thread[side])) as [
    readonly SideTurn[],
    readonly SideTurn[],
  ];
  const pairs = gears.flatMap((gear) =>
    others.map((other) => {
      const [g, o] = [gear.travel - travel.gear, other.travel - travel.other];
      return { gear, other, preloadOff: g + o, placeOff: (o - g) / 2 };
    }),
  );
  return pairs.reduce((best, pair) => (missOf(pair) < missOf(best) - 1e-12 ? pair : best));
}

const missOf = ({ preloadOff, placeOff }: SplitTurns): number =>
  Math.hypot(preloadOff, 2 * placeOff);

/** The turns about a wanted travel that the lock allows. */
function turnsNear(travel: number, { lead, notches }: SideThread): readonly SideTurn[] {
  if (notches === null) return [{ angle: (travel / lead) * 360, notches: null, travel }];
  const exact = (travel / lead) * notches;
  return [...new Set([Math.floor(exact), Math.ceil(exact)])].map((count) => ({
    angle: (count * 360) / notches,
    notches: count,
    travel: (count * lead) / notches,
  }));
}
