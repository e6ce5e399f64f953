import { dropInClearance, fitAtTemperature, outerTemperatureFor } from '../fits/index.ts';
import { requireNumber } from '../faults/index.ts';
import {
  MEDIA,
  MOST_SEATS,
  NEAR_ENOUGH,
  seatOrder,
  seatWindow,
  soakTime,
  timeConstant,
  type LumpedBody,
  type OrderedSeat,
  type SeatWindow,
} from '../thermal/index.ts';
import { heatChoices, type HeatChoice } from './chooseHeat.ts';
import { ringOf, type HeatSeat } from './heatSeat.ts';
import { OVEN_ABOVE, requireSettings, type HeatSettings } from './heatSettings.ts';
import { leastHeat } from './leastHeat.ts';
import { hottestPart, ovenLimit } from './ovenLimit.ts';
import type { HeatLimit } from './ringLimit.ts';
import { ringFreezeTime } from './wayTimes.ts';

/**
 * What becomes of a ring with the heat as it is. `drops`: with its clearance; `slides`: free, but without it; `grabs`:
 * free when it comes out, and not any more when its turn is over; `tight`: it does not go in at all.
 */
export type SeatWord = 'drops' | 'slides' | 'grabs' | 'tight';

/** What the heat does for one seat. mm; °C; s. */
export interface SeatHeat {
  readonly seat: HeatSeat;
  /** The tightest pair, cold, as planned, and in service. */
  readonly cold: number;
  readonly planned: number;
  readonly service: number;
  readonly word: SeatWord;
  /** Part temperature from which it drops in, and slides, with the rings as they lie. */
  readonly drops: number;
  readonly slides: number;
  /** Whether the ring may creep in service, by the loosest pair. */
  readonly creeps: boolean;
  readonly window: SeatWindow;
}

/**
 * How a heat stands. `ready`: all in from one heat, with time for a second try; `hasty`: all in from one heat, with less;
 * `reheat`: more than one heat; `slides`: in without clearance; `noTime`: some ring grabs before it can be in; `tooCool`: some
 * ring does not drop in at all; `press`: no permitted heat frees some ring; `refused`: past the limit.
 */
export type HeatStatus =
  | 'ready'
  | 'hasty'
  | 'reheat'
  | 'slides'
  | 'noTime'
  | 'tooCool'
  | 'press'
  | 'refused';

/** Whether a heat can be worked with. */
export const isWorkable = (status: HeatStatus): boolean =>
  status === 'ready' || status === 'hasty' || status === 'reheat' || status === 'slides';

/** The heat plan of one part. */
export interface PartHeat {
  readonly seats: readonly SeatHeat[];
  /** Hottest the air of the oven may be: the part's own limit, or what brings a bearing in it to its limit. */
  readonly limit: number;
  readonly limitReason: string;
  /** From the part to that, K: what is between what it is brought to and what it bears. */
  readonly margin: number;
  readonly status: HeatStatus;
  /** Heats that would work, the one to take first. */
  readonly choices: readonly HeatChoice[];
  /** s in the oven. */
  readonly soak: number;
  readonly freeze: number;
  /** Order with deadlines; null when one cannot be reached. */
  readonly order: readonly OrderedSeat[] | null;
}

/** What to do, in this order, for a ring that would creep. Common practice, no source. */
export const CREEP_REMEDIES = [
  'a retainer that holds the ring',
  'a tighter class, next time the bore is made',
  'retaining compound by the gap',
  'a sleeve in the bore',
] as const;

/**
 * Plan the heat of a part: what it does to each seat cold, hot and in service, how long the window is, in which order
 * the rings go in. The oven is bound by the part and by every bearing that comes to rest in it. Planned for the
 * tightest pair the sizes allow; creep is judged by the loosest.
 *
 * @throws InputError naming a setting, or `seats` when there are more than sixty
 */
export function partHeat(
  body: LumpedBody,
  seats: readonly HeatSeat[],
  settings: HeatSettings,
  partLimit?: HeatLimit,
): PartHeat {
  requireSettings(settings);
  requireNumber('seats', seats.length, { min: 1, max: MOST_SEATS });
  const bound = ovenLimit(body, seats, settings.rings, partLimit);
  const bare = seats.map((seat) => seatHeat(body, seat, settings));
  const dropping = orderOf(bare, settings, ({ lastSafe }) => lastSafe);
  const order = dropping ?? orderOf(bare, settings, ({ lastFree }) => lastFree);
  const rows = bare.map((row): SeatHeat => ({ ...row, word: wordOf(row, order, settings) }));
  const choices = heatChoices(body, seats, settings, partLimit);
  const status =
    settings.oven > hottestPart(bound) + 1e-9
      ? 'refused'
      : statusOf(
          rows,
          { dropping, order, most: hottestPart(bound) },
          () => settings.oven >= leastHeat(body, seats, settings).toDrop - 1e-6,
        );
  const { seconds: soak } =
    settings.oven <= settings.ambient + NEAR_ENOUGH
      ? { seconds: 0 }
      : soakTime({
          from: settings.ambient,
          medium: settings.oven + OVEN_ABOVE,
          target: settings.oven + OVEN_ABOVE,
          tau: timeConstant(body, MEDIA[settings.medium].transfer),
        });
  return {
    seats: rows,
    limit: bound.limit,
    limitReason: bound.reason,
    margin: bound.limit - settings.oven,
    status,
    choices,
    soak,
    freeze: freezeTime(seats, settings),
    order: status === 'refused' ? null : order,
  };
}

interface Ways {
  readonly dropping: readonly OrderedSeat[] | null;
  readonly order: readonly OrderedSeat[] | null;
  readonly most: number;
}

function statusOf(
  rows: readonly SeatHeat[],
  { dropping, order, most }: Ways,
  hasTime: () => boolean,
): HeatStatus {
  if (dropping !== null) {
    if (dropping.at(-1)!.heat > 1) return 'reheat';
    return hasTime() ? 'ready' : 'hasty';
  }
  if (rows.some(({ slides }) => slides > most)) return 'press';
  if (order !== null && rows.some(({ drops }) => drops > most)) return 'slides';
  return rows.some(({ window }) => window.lastSafe === null) ? 'tooCool' : 'noTime';
}

/** What becomes of a ring when its turn in the order is over; the order of all first, where none can be kept. */
function wordOf(
  { seat, window: { lastFree, lastSafe } }: Omit<SeatHeat, 'word'>,
  order: readonly OrderedSeat[] | null,
  { carry, handling }: HeatSettings,
): SeatWord {
  const turn = order?.find(({ id }) => id === seat.id)?.in ?? carry + handling;
  if (lastFree === null) return 'tight';
  if (turn > lastFree) return 'grabs';
  return lastSafe !== null && turn <= lastSafe ? 'drops' : 'slides';
}

function seatHeat(
  body: LumpedBody,
  seat: HeatSeat,
  settings: HeatSettings,
): Omit<SeatHeat, 'word'> {
  const { diameter, width, fit } = seat;
  const clearance = dropInClearance(diameter);
  const { oven, running, ambient, coolingFactor } = settings;
  const rings = seat.lies ?? settings.rings;
  const ring = ringOf(seat);
  const at = (interference: number, outer: number, inner: number) =>
    fitAtTemperature(interference, diameter, {
      outer: { material: body.material, temperature: outer },
      inner: { material: ring.material, temperature: inner },
    });
  const from = (gap: number) =>
    outerTemperatureFor({ diameter, interference: fit.most, clearance: gap }, body.material, {
      material: ring.material,
      temperature: rings,
    });
  return {
    seat,
    cold: fit.most,
    planned: at(fit.most, oven, rings),
    service: at(fit.least, running, running),
    drops: from(clearance),
    slides: from(0),
    creeps: at(fit.least, running, running) <= 0,
    window: seatWindow({
      diameter,
      width,
      interference: fit.most,
      loosest: fit.least,
      clearance,
      ambient,
      outer: { ...body, temperature: oven, coolingFactor },
      inner: { ...ring, temperature: rings },
      ring: 'inner',
    }),
  };
}

/** Until the heaviest ring is as cold as the freezer, s; 0 when rings stay in the shop. */
function freezeTime(seats: readonly HeatSeat[], { rings, ambient }: HeatSettings): number {
  return Math.max(
    ...seats.map(({ bore, diameter, width }) =>
      ringFreezeTime({ bore, outside: diameter, width }, rings, ambient),
    ),
  );
}

/** The order in which every ring is in before its last moment; each heat begins with the way from the oven. */
function orderOf(
  rows: readonly Omit<SeatHeat, 'word'>[],
  { carry, handling }: HeatSettings,
  last: (window: SeatWindow) => number | null,
): readonly OrderedSeat[] | null {
  const ids = new Set(rows.map(({ seat }) => seat.id));
  const tasks = rows.map(({ seat, window }) => ({
    id: seat.id,
    deadline: (last(window) ?? -1) - carry,
    handling,
    after: seat.after.filter((id) => ids.has(id)),
  }));
  if (tasks.some(({ deadline }) => deadline < handling)) return null;
  return (
    seatOrder(tasks)?.map((row) => ({
      ...row,
      start: row.start + carry,
      in: row.in + carry,
    })) ?? null
  );
}
