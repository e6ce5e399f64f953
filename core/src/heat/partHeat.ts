import { dropInClearance, fitAtTemperature, type Interference } from '../fits/index.ts';
import { requireNumber } from '../faults/index.ts';
import { materialOf } from '../materials/index.ts';
import {
  bearingMass,
  MEDIA,
  MOST_SEATS,
  seatOrder,
  seatWindow,
  soakTime,
  timeConstant,
  type LumpedBody,
  type Medium,
  type OrderedSeat,
  type SeatWindow,
} from '../thermal/index.ts';
import { ovenLimit } from './ovenLimit.ts';
import type { HeatLimit } from './ringLimit.ts';
import { ringFreezeTime } from './wayTimes.ts';

/** How a part and its rings are heated and frozen. °C; `handling` s. */
export interface HeatSettings {
  readonly oven: number;
  readonly medium: Extract<Medium, 'fanOven' | 'stillOven'>;
  /** Where the rings lie: the freezer's temperature, or the shop's. */
  readonly rings: number;
  readonly ambient: number;
  /** Temperature in service. */
  readonly running: number;
  /** Time to put one ring in, s. */
  readonly handling: number;
  /** Corrects the cooling of the part, from what was seen on the other half. */
  readonly coolingFactor: number;
}

export const USUAL_HEAT: HeatSettings = {
  oven: 100,
  medium: 'fanOven',
  rings: -18,
  ambient: 20,
  running: 90,
  handling: 20,
  coolingFactor: 1,
};

/** A ring that goes into a part, as far as it is known. Lengths in mm. */
export interface HeatSeat {
  readonly id: string;
  readonly name: string;
  readonly diameter: number;
  readonly bore: number;
  readonly width: number;
  readonly fit: Interference;
  /** Seats that have to be filled before this one. */
  readonly after: readonly string[];
  /** What the bearing itself stands. */
  readonly ringLimit: HeatLimit;
}

/** What the heat does for one seat. mm; °C; s. */
export interface SeatHeat {
  readonly seat: HeatSeat;
  /** The tightest pair, cold, as planned, and in service. */
  readonly cold: number;
  readonly planned: number;
  readonly service: number;
  /** At least −clearance lets it drop in. */
  readonly dropsIn: boolean;
  /** Lowest oven temperature with which it drops in, rings as set. */
  readonly needs: number;
  /** Whether the ring may creep in service, by the loosest pair. */
  readonly creeps: boolean;
  readonly window: SeatWindow;
}

/** The heat plan of one part. */
export interface PartHeat {
  readonly seats: readonly SeatHeat[];
  /** Hottest the oven may be: the part's own limit, or what brings a bearing in it to its limit. */
  readonly limit: number;
  readonly limitReason: string;
  /** `refused`: the oven is set past the limit; `tooCool`: some ring does not drop in; `press`: it never would under the limit. */
  readonly status: 'stands' | 'tooCool' | 'refused' | 'press';
  /** Lowest oven temperature at which every ring drops in, within the limit; null when there is none. */
  readonly nearest: number | null;
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
 * @throws InputError naming a setting, or `seats` when there are more than twelve
 */
export function partHeat(
  body: LumpedBody,
  seats: readonly HeatSeat[],
  settings: HeatSettings,
  partLimit?: HeatLimit,
): PartHeat {
  requireSettings(settings);
  requireNumber('seats', seats.length, { min: 1, max: MOST_SEATS });
  const rows = seats.map((seat) => seatHeat(body, seat, settings));
  const { limit, reason: limitReason } = ovenLimit(body, seats, settings.rings, partLimit);
  const needed = Math.max(...rows.map(({ needs }) => needs));
  const status =
    settings.oven > limit
      ? 'refused'
      : rows.every(({ dropsIn }) => dropsIn)
        ? 'stands'
        : needed > limit
          ? 'press'
          : 'tooCool';
  const tau = timeConstant(body, MEDIA[settings.medium].transfer);
  return {
    seats: rows,
    limit,
    limitReason,
    status,
    nearest: needed <= limit ? needed : null,
    soak:
      settings.oven <= settings.ambient + 5
        ? 0
        : soakTime({ from: settings.ambient, medium: settings.oven, target: settings.oven, tau })
            .seconds,
    freeze: freezeTime(seats, settings),
    order: status === 'refused' ? null : orderOf(rows, settings.handling),
  };
}

function seatHeat(body: LumpedBody, seat: HeatSeat, settings: HeatSettings): SeatHeat {
  const { diameter, bore, width, fit } = seat;
  const clearance = dropInClearance(diameter);
  const at = (interference: number, outer: number, inner: number) =>
    fitAtTemperature(interference, diameter, {
      outer: { material: body.material, temperature: outer },
      inner: { material: 'bearingSteel', temperature: inner },
    });
  const planned = at(fit.most, settings.oven, settings.rings);
  const { expansion } = materialOf(body.material);
  // Fit falls by D·α for each degree of the part: what is missing to −c is made up by that much more heat.
  const needs = settings.oven + (planned + clearance) / (diameter * expansion);
  return {
    seat,
    cold: fit.most,
    planned,
    service: at(fit.least, settings.running, settings.running),
    dropsIn: planned <= -clearance + 1e-12,
    needs,
    creeps: at(fit.least, settings.running, settings.running) <= 0,
    window: seatWindow({
      diameter,
      width,
      bore,
      interference: fit.most,
      clearance,
      ambient: settings.ambient,
      part: { ...body, temperature: settings.oven },
      bearingMass: bearingMass(bore, diameter, width),
      ringTemperature: settings.rings,
      coolingFactor: settings.coolingFactor,
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

function orderOf(rows: readonly SeatHeat[], handling: number): readonly OrderedSeat[] | null {
  if (rows.some(({ window }) => window.lastSafe === null)) return null;
  const ids = new Set(rows.map(({ seat }) => seat.id));
  return seatOrder(
    rows.map(({ seat, window }) => ({
      id: seat.id,
      deadline: window.lastSafe!,
      handling,
      after: seat.after.filter((id) => ids.has(id)),
    })),
  );
}

function requireSettings(settings: HeatSettings): void {
  requireNumber('oven', settings.oven, { min: 0, max: 300, unit: '°C' });
  requireNumber('rings', settings.rings, { min: -50, max: 60, unit: '°C' });
  requireNumber('ambient', settings.ambient, { min: -20, max: 45, unit: '°C' });
  requireNumber('running', settings.running, { min: -20, max: 200, unit: '°C' });
  requireNumber('handling', settings.handling, { min: 3, max: 600, unit: 's' });
  requireNumber('coolingFactor', settings.coolingFactor, { min: 0.1, max: 10 });
}
