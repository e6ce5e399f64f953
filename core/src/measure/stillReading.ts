/** What an indicator showed, and when. mm, ms. */
export interface SeenReading {
  readonly at: number;
  readonly value: number;
}

/** Which reading of a cycle is waited for. */
export type CyclePhase = 'zero' | 'lift' | 'return';

/** What is known when a reading is waited for. mm. */
export interface AwaitedReading {
  readonly phase: CyclePhase;
  readonly graduation: number;
  /** The zero of this cycle; null while it is waited for. */
  readonly zero: number | null;
  /** The lift of this cycle; null before it. */
  readonly lift: number | null;
  /** The shaft is turned under load at both its stops, not only at zero. */
  readonly isTurned: boolean;
}

/**
 * How long the needle stands still before its reading is taken, ms: long enough at zero to turn the shaft both ways and
 * push it home. Rule of this program.
 */
const STILL_FOR: Readonly<Record<CyclePhase, number>> = { zero: 5000, lift: 1500, return: 1500 };

/** The same for a reading that is waited for: where the shaft is turned at both stops, as long at each of them, ms. */
export const stillFor = (phase: CyclePhase, isTurned: boolean): number =>
  isTurned ? STILL_FOR.zero : STILL_FOR[phase];

/** Graduations that the needle rises at least before it counts as lifted: less is hardly told from its flicker. */
const LEAST_RISE = 2;

/** Readings further apart than this are a gap: the device was not heard, ms. */
const LONGEST_GAP = 1000;

/**
 * The reading that can be taken without a hand on the key: the needle has stood still, within a graduation, where it
 * should stand in this phase. Null while it has not. A zero far from zero, or a return that does not come down by half of
 * the lift, is never taken so: a person looks at it.
 * @param seen oldest first, since the last reading was taken
 */
export function stillReading(
  seen: readonly SeenReading[],
  { phase, graduation, zero, lift, isTurned }: AwaitedReading,
): number | null {
  const newest = seen.at(-1);
  if (newest === undefined || !stands(seen, newest, stillFor(phase, isTurned), graduation))
    return null;
  const rise = newest.value - (zero ?? 0);
  const isThere = {
    zero: Math.abs(newest.value) <= graduation,
    lift: Math.abs(rise) >= LEAST_RISE * graduation,
    return: lift !== null && Math.abs(rise) <= Math.abs(lift - (zero ?? 0)) / 2,
  }[phase];
  return isThere ? newest.value : null;
}

/** Whether nothing moved, and nothing was missed, for as long as that. */
function stands(
  seen: readonly SeenReading[],
  newest: SeenReading,
  time: number,
  graduation: number,
): boolean {
  const within = graduation * (1 + 1e-9);
  let later = newest;
  for (const reading of seen.toReversed()) {
    if (later.at - reading.at > LONGEST_GAP || Math.abs(reading.value - newest.value) > within)
      return false;
    if (newest.at - reading.at >= time) return true;
    later = reading;
  }
  return false;
}
