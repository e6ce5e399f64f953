import { refuse, requireNumber } from '../faults/index.ts';

/** One ring to be put in from a heat of its part. Times in s. */
export interface SeatTask {
  readonly id: string;
  /** Last moment, from leaving the oven, at which it must be in. */
  readonly deadline: number;
  /** How long it takes to put in. */
  readonly handling: number;
  /** Seats that have to be filled before it: they would be blocked by it. */
  readonly after: readonly string[];
}

/** A seat in the order: in which heat, and when it is in, from leaving the oven. */
export interface OrderedSeat {
  readonly id: string;
  /** 1, 2, 3 … */
  readonly heat: number;
  readonly start: number;
  readonly in: number;
  /** Time left when it is in. */
  readonly spare: number;
}

/** Most seats of one part. */
export const MOST_SEATS = 60;
/** Up to so many the order is exact; of more it is by the next deadline. */
const MOST_EXACT = 12;

/**
 * Order in which the seats of one part are filled, with the fewest heats, among those the shortest last
 * heat, and among those the more urgent first.
 * Exact, by dynamic programming over sets of filled seats: fewer heats always win, since a reheat can be had at any
 * time for one more. Parts that are not being worked stay in the oven, so each part has an order of its own. Of more than
 * twelve the one whose deadline comes next goes first, of those that nothing blocks, and a heat ends where none can be met.
 *
 * @returns null when a seat cannot be filled even first after leaving the oven
 * @throws InputError naming `seats`: more than 60, an id twice, an unknown one in `after`, or a circle
 */
export function seatOrder(seats: readonly SeatTask[]): readonly OrderedSeat[] | null {
  requireSeats(seats);
  if (seats.length > MOST_EXACT) return byDeadline(seats);
  const all = 2 ** seats.length - 1;
  const before = seats.map(({ after }) =>
    after.reduce((mask, id) => mask | (1 << seats.findIndex((seat) => seat.id === id)), 0),
  );
  interface Reached {
    readonly heats: number;
    readonly elapsed: number;
    readonly last: number;
    readonly from: number;
  }
  const best = new Map<number, Reached>([[0, { heats: 1, elapsed: 0, last: -1, from: 0 }]]);
  for (let mask = 0; mask < all; mask += 1) {
    const reached = best.get(mask);
    if (reached === undefined) continue;
    seats.forEach(({ deadline, handling }, n) => {
      if ((mask & (1 << n)) !== 0 || (before[n]! & ~mask) !== 0 || handling > deadline) return;
      const goesOn = reached.elapsed + handling <= deadline;
      const next: Reached = goesOn
        ? { heats: reached.heats, elapsed: reached.elapsed + handling, last: n, from: mask }
        : { heats: reached.heats + 1, elapsed: handling, last: n, from: mask };
      const old = best.get(mask | (1 << n));
      const better =
        old === undefined ||
        next.heats < old.heats ||
        (next.heats === old.heats &&
          (next.elapsed < old.elapsed ||
            (next.elapsed === old.elapsed && deadline > seats[old.last]!.deadline)));
      if (better) best.set(mask | (1 << n), next);
    });
  }
  if (!best.has(all)) return blockedByCircle(seats);
  const order: OrderedSeat[] = [];
  for (let mask = all; mask !== 0;) {
    const { heats, elapsed, last, from } = best.get(mask)!;
    const { id, deadline, handling } = seats[last]!;
    order.push({
      id,
      heat: heats,
      start: elapsed - handling,
      in: elapsed,
      spare: deadline - elapsed,
    });
    mask = from;
  }
  return order.reverse();
}

/** The order by the next deadline, for many seats. */
function byDeadline(seats: readonly SeatTask[]): readonly OrderedSeat[] | null {
  const order: OrderedSeat[] = [];
  const isIn = new Set<string>();
  let [heat, elapsed] = [1, 0];
  while (order.length < seats.length) {
    const ready = seats
      .filter(({ id, after }) => !isIn.has(id) && after.every((one) => isIn.has(one)))
      .toSorted((a, b) => a.deadline - b.deadline);
    const fits = ready.find(({ deadline, handling }) => elapsed + handling <= deadline);
    if (fits === undefined) {
      if (elapsed === 0) return blockedByCircle(seats);
      [heat, elapsed] = [heat + 1, 0];
      continue;
    }
    const { id, deadline, handling } = fits;
    const start = elapsed;
    elapsed += handling;
    isIn.add(id);
    order.push({ id, heat, start, in: elapsed, spare: deadline - elapsed });
  }
  return order;
}

/** Nothing was reached: either a seat is too short, or they wait for each other. */
function blockedByCircle(seats: readonly SeatTask[]): null {
  if (seats.some(({ deadline, handling }) => handling > deadline)) return null;
  return refuse(
    'contradiction',
    'seats',
    seats.map(({ id }) => id),
    { id: 'noCircle' },
  );
}

function requireSeats(seats: readonly SeatTask[]): void {
  if (seats.length > MOST_SEATS)
    refuse('outOfRange', 'seats', seats.length, {
      id: 'atMost',
      most: MOST_SEATS,
      of: 'of one part',
    });
  const ids = new Set(seats.map(({ id }) => id));
  if (ids.size < seats.length)
    refuse(
      'contradiction',
      'seats',
      seats.map(({ id }) => id),
      { id: 'ownId' },
    );
  seats.forEach(({ deadline, handling, after }, n) => {
    requireNumber(`seats[${n}].deadline`, deadline, { min: 0, max: 1e6, unit: 's' });
    requireNumber(`seats[${n}].handling`, handling, { above: 0, max: 3600, unit: 's' });
    for (const id of after)
      if (!ids.has(id))
        refuse('unknownName', `seats[${n}].after`, id, { id: 'oneOf', names: [...ids] });
  });
}
