import { requireNumber } from '../faults/index.ts';
import { line, type WorkingLine } from '../working/index.ts';

/** Shims at the two sides of a carrier that give its preload and its backlash. mm. */
export interface CarrierSplit {
  readonly total: number;
  /** At the side of the ring gear's back, and at the other. */
  readonly gearSide: number;
  readonly otherSide: number;
  /** How far the carrier moves towards the pinion. */
  readonly shift: number;
  readonly working: readonly WorkingLine[];
}

/** What is measured and wanted of a carrier. mm; `factor` is a number. */
export interface CarrierQuestion {
  readonly gearSide: number;
  readonly otherSide: number;
  readonly play: number;
  readonly preload: number;
  readonly backlash: number;
  readonly target: number;
  readonly factor: number;
}

/**
 * The side-to-side split: `total = shims now + play + preload`, then off one side and on to the other by
 * `(backlash − target)/factor`. A thicker shim at the back of the ring gear pushes it towards the pinion, which takes
 * backlash away.
 *
 * The backlash counts with the carrier held against the shims of the other side, so that the play is all on the gear's
 * side while it is read.
 *
 * @param input lengths in mm; `play` is the free travel with the shims now in place; `preload` the interference wanted;
 *   `factor` ∂(backlash)/∂(shift)
 * @throws InputError naming the field; `contradiction` where a side would come out below 0
 * @example carrierSplit({ gearSide: 1.5, otherSide: 1.5, play: 0.1, preload: 0.2, backlash: 0.3, target: 0.16, factor: 0.7 })
 */
export function carrierSplit(input: CarrierQuestion): CarrierSplit {
  const length = { min: 0, max: 50, unit: 'mm' };
  for (const name of ['gearSide', 'otherSide', 'play', 'preload', 'backlash', 'target'] as const)
    requireNumber(name, input[name], length);
  requireNumber('factor', input.factor, { min: 0.2, max: 2 });
  const { gearSide, otherSide, play, preload, backlash, target, factor } = input;
  const total = gearSide + otherSide + play + preload;
  const shift = (backlash - target) / factor;
  // The other side's shims held it when the backlash was read; half of the preload deflects each bearing.
  const other = requireNumber('otherSide', otherSide - shift + preload / 2, {
    min: 0,
    max: 50,
    unit: 'mm',
  });
  const gear = requireNumber('gearSide', total - other, { min: 0, max: 50, unit: 'mm' });
  return {
    total,
    gearSide: gear,
    otherSide: other,
    shift,
    working: workingOf(input, { total, shift, other, gear }),
  };
}

/** The total, the move, and both sides. */
function workingOf(
  { gearSide, otherSide, play, preload, backlash, target, factor }: CarrierQuestion,
  { total, shift, other, gear }: Readonly<Record<'total' | 'shift' | 'other' | 'gear', number>>,
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
      't₂* = t₂ − x + preload/2',
      [
        ['t₂', otherSide, 'length'],
        ['x', shift, 'length'],
        ['preload', preload, 'length'],
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
