import { requireNumber } from '../faults/index.ts';
import { MEDIA, type Medium } from './media.ts';
import { temperatureAfter, timeConstant, type LumpedBody } from './soak.ts';

/** A stretch of time in which a body lies in one medium. s since any moment; °C. */
export interface Stay {
  readonly from: number;
  readonly medium: Medium;
  readonly temperature: number;
}

/** A thermometer on the body. s, °C. */
export interface ProbeReading {
  readonly at: number;
  readonly value: number;
}

/** Where a body stands. °C. */
export interface Followed {
  readonly temperature: number;
  /** Between these, by how well its time constant is known. */
  readonly least: number;
  readonly most: number;
  /** Whether a thermometer has said so since it was last put into an oven, a freezer or a bath. */
  readonly isRead: boolean;
  /** How much faster than its lumped body it was seen to follow the medium that it lies in; 1 while nothing was seen. */
  readonly factor: number;
  /** From how many readings that factor is; 0 while it is the handbook's. */
  readonly readings: number;
}

/** A time constant from a handbook's heat transfer is off by a factor of up to this. Common practice, no source. */
const TRANSFER_SPREAD = 1.5;
/** Once it was seen on this very body, by up to this. A rule of this program. */
const SEEN_SPREAD = 1.1;
/** Least change between two readings that tells a time constant, K. A rule of this program. */
const LEAST_CHANGE = 3;
/** A temperature that is only worked out tells a time constant where it is known this well, K. A rule of this program. */
const KNOWN_WITHIN = 6;
/** A factor beyond these is a slip of reading. */
const FACTORS = { least: 0.1, most: 10 } as const;

interface Known {
  readonly at: number;
  readonly temperature: number;
  readonly least: number;
  readonly most: number;
}

/**
 * Follow a lumped body through the media that it lay in: `T(t) = M + (T₀ − M)·e^(−f·t/τ)`. A reading is believed: from it on
 * the body is where the thermometer says. It also tells how fast this body follows that medium,
 * `f = τ·ln((T₁ − M)/(T₂ − M))/(t₂ − t₁)`, from where it came into the medium and, with a second reading, from reading to reading.
 *
 * @param start where it is before the first stay
 * @param stays by time; each lasts until the next one begins
 * @param readings by time
 * @param factors what was seen on a body like it, by medium
 * @throws InputError naming `now`
 */
export function followBody(
  body: LumpedBody,
  {
    start,
    stays,
    readings,
    now,
    factors = {},
  }: {
    readonly start: number;
    readonly stays: readonly Stay[];
    readonly readings: readonly ProbeReading[];
    readonly now: number;
    readonly factors?: Readonly<Partial<Record<Medium, number>>>;
  },
): Followed {
  requireNumber('now', now, { min: -1e12, max: 1e12, unit: 's' });
  const seen = new Map<Medium, { readonly factor: number; readonly count: number }>(
    Object.entries(factors).map(([medium, factor]) => [medium as Medium, { factor, count: 0 }]),
  );
  let known: Known = { at: stays[0]?.from ?? now, temperature: start, least: start, most: start };
  let isRead = false;
  const past = stays.filter(({ from }) => from <= now);
  past.forEach((stay, n) => {
    const until = Math.min(now, past[n + 1]?.from ?? now);
    const tau = timeConstant(body, MEDIA[stay.medium].transfer);
    known = { ...known, at: stay.from };
    // In the air it still is where it was read; what is put away anew is to be read anew.
    if (stay.medium !== 'stillAir') isRead = false;
    for (const { at, value } of readings) {
      if (at < stay.from || at > until || (at === until && n + 1 < past.length)) continue;
      const factor = factorBetween(known, { at, value }, { tau, temperature: stay.temperature });
      if (factor !== null)
        seen.set(stay.medium, { factor, count: (seen.get(stay.medium)?.count ?? 0) + 1 });
      known = { at, temperature: value, least: value, most: value };
      isRead = true;
    }
    known = passed(known, until, { tau, stay, seen: seen.get(stay.medium) });
  });
  const last = past.at(-1);
  const here = last === undefined ? undefined : seen.get(last.medium);
  return {
    temperature: known.temperature,
    least: known.least,
    most: known.most,
    isRead,
    factor: here?.factor ?? 1,
    readings: here?.count ?? 0,
  };
}

/** Where it stands after the rest of a stay, with the least and the most that its time constant allows. */
function passed(
  known: Known,
  until: number,
  {
    tau,
    stay,
    seen,
  }: {
    readonly tau: number;
    readonly stay: Stay;
    readonly seen: { readonly factor: number; readonly count: number } | undefined;
  },
): Known {
  const seconds = Math.max(0, until - known.at);
  const factor = seen?.factor ?? 1;
  const spread = (seen?.count ?? 0) === 0 ? TRANSFER_SPREAD : SEEN_SPREAD;
  const after = (from: number, speed: number) =>
    temperatureAfter(seconds, from, stay.temperature, tau / speed);
  const ends = [known.least, known.most].flatMap((from) => [
    after(from, factor * spread),
    after(from, factor / spread),
  ]);
  return {
    at: until,
    temperature: after(known.temperature, factor),
    least: Math.min(...ends),
    most: Math.max(...ends),
  };
}

/** How much faster than its lumped body it went from what was known to a reading; null where that does not tell. */
function factorBetween(
  known: Known,
  reading: ProbeReading,
  { tau, temperature }: { readonly tau: number; readonly temperature: number },
): number | null {
  const seconds = reading.at - known.at;
  const [before, after] = [known.temperature - temperature, reading.value - temperature];
  if (
    seconds <= 0 ||
    known.most - known.least > KNOWN_WITHIN ||
    before * after <= 0 ||
    Math.abs(before) - Math.abs(after) < LEAST_CHANGE ||
    Math.abs(after) < LEAST_CHANGE
  )
    return null;
  const factor = (tau * Math.log(before / after)) / seconds;
  return factor < FACTORS.least || factor > FACTORS.most ? null : factor;
}

/** s until a body that lies in a medium is at a temperature; 0 when it is, null when the medium does not bring it there. */
export function timeUntil(
  body: LumpedBody,
  from: number,
  {
    medium,
    temperature,
    target,
    factor,
  }: Omit<Stay, 'from'> & {
    readonly target: number;
    readonly factor: number;
  },
): number | null {
  const isWarming = temperature > from;
  if (isWarming ? from >= target : from <= target) return 0;
  if (isWarming ? target >= temperature : target <= temperature) return null;
  const tau = timeConstant(body, MEDIA[medium].transfer) / factor;
  return tau * Math.log((from - temperature) / (target - temperature));
}
