import { requireNumber } from '../faults/index.ts';
import { bandWidth, type Band } from './band.ts';
import type { Instrument } from './instrument.ts';

/** One go of a run: zero, lift, and back. Readings in mm, as the indicator showed them. */
export interface Cycle {
  readonly zero: number;
  readonly lift: number;
  readonly returned: number;
  /** Mark on the shaft at which it was taken, degrees; null when not marked. */
  readonly position: number | null;
}

/**
 * Why a cycle does not count. `drift`: it came back above its zero, so stand or shaft gave way or was not let home; `settledLower`: below
 * it, so the rollers were not seated when zero was taken.
 */
export type CycleFlaw = 'drift' | 'settledLower' | 'wrongWay' | 'beyondRange';

/** A cycle with what follows from it. */
export interface JudgedCycle extends Cycle {
  /** lift − (zero + return)/2, before any cosine correction. mm. */
  readonly travel: number;
  /** return − zero. mm. */
  readonly drift: number;
  readonly flaw: CycleFlaw | null;
}

/** Slack for comparing decimal readings held in binary; a thousandth of a micrometre. */
const EQUAL = 1e-6;

/**
 * The drift a cycle may have: one graduation or a tenth of the tolerance, the larger; equality passes.
 * Source: common practice.
 */
export function driftLimit(instrument: Instrument, band: Band): number {
  const width = bandWidth(band);
  return Math.max(instrument.graduation, Number.isFinite(width) ? width / 10 : 0);
}

/** A shaft does not come home better than to about this, mm. A rule of this program. */
const COMES_HOME = 0.005;

/**
 * How near cycles have to be to agree: one graduation (common practice); for an indicator finer than a shaft comes home,
 * 5 µm or a tenth of the tolerance, the smaller. What scatter is left counts in the uncertainty.
 */
export function agreeLimit(instrument: Instrument, band: Band): number {
  return Math.max(instrument.graduation, Math.min(COMES_HOME, bandWidth(band) / 10));
}

/**
 * Travel and drift of one cycle, and whether it counts.
 * @throws InputError `notANumber` naming the reading
 * @example judgeCycle({ zero: 0, lift: 0.14, returned: 0.004, position: null }, instrument, band).travel // 0.138
 */
export function judgeCycle(
  cycle: Cycle,
  instrument: Instrument,
  band: Band,
  field = 'cycle',
): JudgedCycle {
  const [zero, lift, returned] = (['zero', 'lift', 'returned'] as const).map((name) =>
    requireNumber(`${field}.${name}`, cycle[name], { min: -100, max: 100, unit: 'mm' }),
  ) as [number, number, number];
  const travel = lift - (zero + returned) / 2;
  const drift = returned - zero;
  return { ...cycle, travel, drift, flaw: findFlaw({ travel, drift }, cycle, instrument, band) };
}

function findFlaw(
  { travel, drift }: { travel: number; drift: number },
  cycle: Cycle,
  instrument: Instrument,
  band: Band,
): CycleFlaw | null {
  const readings = [cycle.zero, cycle.lift, cycle.returned];
  if (Math.max(...readings) - Math.min(...readings) > instrument.range + EQUAL)
    return 'beyondRange';
  if (travel < -instrument.graduation - EQUAL) return 'wrongWay';
  if (Math.abs(drift) <= driftLimit(instrument, band) + EQUAL) return null;
  return drift > 0 ? 'drift' : 'settledLower';
}

/** Whether values lie within one graduation of each other; equality passes. */
export function agreeWithin(values: readonly number[], graduation: number): boolean {
  return Math.max(...values) - Math.min(...values) <= graduation + EQUAL;
}
