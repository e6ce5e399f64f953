import { requireNumber } from '../faults/index.ts';
import { NEAR_ENOUGH, type Medium } from '../thermal/index.ts';

/** How a part and its rings are heated and frozen. °C; times s. */
export interface HeatSettings {
  /** What the part is brought to; the air of the oven stands {@link OVEN_ABOVE} higher, so that it comes there. */
  readonly oven: number;
  readonly medium: Extract<Medium, 'fanOven' | 'stillOven'>;
  /** Where the rings lie: the freezer's temperature, or the shop's. */
  readonly rings: number;
  readonly ambient: number;
  /** Temperature in service. */
  readonly running: number;
  /** From the oven to the bench, ready for the first ring. */
  readonly carry: number;
  /** Time to put one ring in. */
  readonly handling: number;
  /** Corrects the cooling of the part, from what was seen. */
  readonly coolingFactor: number;
}

/** What is taken where nothing else was said; each stands beside the figures that rest on it. Rules of this program. */
export const USUAL_WORK = {
  medium: 'fanOven',
  ambient: 20,
  running: 90,
  carry: 20,
  handling: 20,
  coolingFactor: 1,
} as const satisfies Partial<HeatSettings>;

/** A household freezer, °C. Common practice, no source. */
export const FREEZER = -18;

/** The air of an oven stands this much above what the part is brought to, K: a part is near enough within it. */
export const OVEN_ABOVE = NEAR_ENOUGH;

/** Heat is allowed for this many times the time that the work takes: a second try is in it. A rule of this program. */
export const TIME_ALLOWED = 2;

/** @throws InputError naming the setting */
export function requireSettings(settings: HeatSettings): void {
  requireNumber('oven', settings.oven, { min: 0, max: 300, unit: '°C' });
  requireNumber('rings', settings.rings, { min: -50, max: 60, unit: '°C' });
  requireNumber('ambient', settings.ambient, { min: -20, max: 45, unit: '°C' });
  requireNumber('running', settings.running, { min: -20, max: 200, unit: '°C' });
  requireNumber('carry', settings.carry, { min: 0, max: 600, unit: 's' });
  requireNumber('handling', settings.handling, { min: 3, max: 600, unit: 's' });
  requireNumber('coolingFactor', settings.coolingFactor, { min: 0.1, max: 10 });
}
