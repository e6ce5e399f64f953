import { requireNumber } from '../faults/index.ts';
import { line, type WorkingLine } from '../working/index.ts';

/** How a carrier stood while its backlash was read: pushed against either side, or held by preload. */
export const CARRIER_HOLDS = ['other', 'gear', 'preload'] as const;
export type CarrierHold = (typeof CARRIER_HOLDS)[number];

/** Shims at the two sides of a carrier that give its preload and its backlash. mm. */
export interface CarrierSplit {
  readonly total: number;
  /** At the side of the ring gear's back, and at the other. */
  readonly gearSide: number;
  readonly otherSide: number;
  /** How far the carrier moves towards the pinion, by its backlash. */
  readonly shift: number;
  readonly working: readonly WorkingLine[];
}

/** What is measured and wanted of a carrier. mm; `factor` is a number. */
export interface CarrierQuestion {
  readonly gearSide: number;
  readonly otherSide: number;
  /** Free travel with the shims now in place; below zero it is preloaded by that much. */
  readonly play: number;
  /** Interference wanted; below zero it keeps that much play. */
  readonly preload: number;
  readonly backlash: number;
  readonly target: number;
  readonly factor: number;
  /** Sides by threaded adjusters: counted from where they stood, outwards below zero. */
  readonly threaded?: boolean;
  /** Against what it was held while the backlash was read; the other side where it is not said. */
  readonly held?: CarrierHold;
}

/**
 * Where the gear of a carrier stands away from the pinion, from a place that is fixed in the case, mm: on the shims of the other side,
 * on those of its own, or between both, each bearing giving way by half of the preload.
 */
export function carrierPlace(otherSide: number, play: number, held: CarrierHold): number {
  if (play <= 0 || held === 'preload') return otherSide + play / 2;
  return held === 'gear' ? otherSide + play : otherSide;
}

/**
 * The side-to-side split: `total = shims now + play + preload`, then off one side and on to the other by
 * `(backlash − target)/factor`. A thicker shim at the back of the ring gear pushes it towards the pinion, which takes
 * backlash away; it does so outboard of the cup, behind the cone and as an adjuster screwed inwards.
 *
 * @param input lengths in mm; `factor` ∂(backlash)/∂(shift)
 * @throws InputError naming the field; `outOfRange` where a side would come out below 0
 * @example carrierSplit({ gearSide: 1.5, otherSide: 1.5, play: 0.1, preload: 0.2, backlash: 0.3, target: 0.16, factor: 0.7 })
 */
export function carrierSplit(input: CarrierQuestion): CarrierSplit {
  const length = { min: 0, max: 50, unit: 'mm' };
  const side = input.threaded === true ? { ...length, min: -50 } : length;
  for (const name of ['gearSide', 'otherSide'] as const) requireNumber(name, input[name], side);
  for (const name of ['backlash', 'target'] as const) requireNumber(name, input[name], length);
  for (const name of ['play', 'preload'] as const)
    requireNumber(name, input[name], { min: -5, max: 50, unit: 'mm' });
  requireNumber('factor', input.factor, { min: 0.2, max: 2 });
  const { gearSide, otherSide, play, preload, backlash, target, factor, held = 'other' } = input;
  const total = gearSide + otherSide + play + preload;
  const shift = (backlash - target) / factor;
  const place = carrierPlace(otherSide, play, held);
  // Half of the preload deflects each bearing; a carrier that keeps its play is read against the other side.
  const other = requireNumber('otherSide', place - shift + Math.max(0, preload) / 2, side);
  const gear = requireNumber('gearSide', total - other, side);
  return {
    total,
    gearSide: gear,
    otherSide: other,
    shift,
    working: workingOf(input, { total, shift, place, other, gear }),
  };
}

/** The total, the move, and both sides. */
function workingOf(
  { gearSide, otherSide, play, preload, backlash, target, factor }: CarrierQuestion,
  {
    total,
    shift,
    place,
    other,
    gear,
  }: Readonly<Record<'total' | 'shift' | 'place' | 'other' | 'gear', number>>,
): readonly WorkingLine[] {
  return [
    line(
      'Total',
      'total = t₁ + t₂ + play + preload',
      [
        ['t₁', gearSide, 'length'],
        ['t₂', otherSide, 'length'],
        ['play', play, 'length'],
        ['preload', preload, 'length'],
      ],
      ['total', total, 'length'],
      'loop',
    ),
    line(
      'Move towards the pinion',
      'x = (b − b*)/factor',
      [
        ['b', backlash, 'length'],
        ['b*', target, 'length'],
        ['factor', factor, 'number'],
      ],
      ['x', shift, 'length'],
      'bevelGeometry',
    ),
    line(
      'Other side',
      't₂* = p − x + preload/2, p where the gear stood',
      [
        ['p', place, 'length'],
        ['x', shift, 'length'],
        ['preload', Math.max(0, preload), 'length'],
      ],
      ['t₂*', other, 'length'],
      'loop',
    ),
    line(
      'Gear side',
      't₁* = total − t₂*',
      [
        ['total', total, 'length'],
        ['t₂*', other, 'length'],
      ],
      ['t₁*', gear, 'length'],
      'loop',
    ),
  ];
}
