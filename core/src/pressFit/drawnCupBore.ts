import { refuse, requireNumber } from '../faults/index.ts';
import { line, type WorkingLine } from '../working/index.ts';

/** A thin cup that takes its bore from the bore it is pressed into. mm. */
export interface DrawnCup {
  /** Diameter under the needles in the ring gauge, as its maker states it, least and most. */
  readonly gaugedLeast: number;
  readonly gaugedMost: number;
  /** Bore of that ring gauge. */
  readonly gauge: number;
  /** Bore that it is pressed into, least and most. */
  readonly boreLeast: number;
  readonly boreMost: number;
}

/**
 * What a drawn cup measures under its needles once it is pressed in: as in its ring gauge, and by as much more or less as the bore
 * is larger or smaller than the gauge. A wall that gives lets it be a little larger than that.
 *
 * @throws InputError naming the field
 */
export function drawnCupBore(cup: DrawnCup): {
  readonly least: number;
  readonly most: number;
  readonly working: readonly WorkingLine[];
} {
  for (const name of ['gaugedLeast', 'gaugedMost', 'gauge', 'boreLeast', 'boreMost'] as const)
    requireNumber(name, cup[name], { above: 0, max: 500, unit: 'mm' });
  if (cup.gaugedMost < cup.gaugedLeast)
    refuse('outOfRange', 'gaugedMost', cup.gaugedMost, {
      id: 'number',
      min: cup.gaugedLeast,
      unit: 'mm',
    });
  if (cup.boreMost < cup.boreLeast)
    refuse('outOfRange', 'boreMost', cup.boreMost, {
      id: 'number',
      min: cup.boreLeast,
      unit: 'mm',
    });
  if (cup.gauge <= cup.gaugedMost)
    refuse('outOfRange', 'gauge', cup.gauge, { id: 'number', above: cup.gaugedMost, unit: 'mm' });
  const least = cup.gaugedLeast + cup.boreLeast - cup.gauge;
  const most = cup.gaugedMost + cup.boreMost - cup.gauge;
  const told = (end: string, gauged: number, bore: number, size: number): WorkingLine =>
    line(
      `Under the needles once pressed, ${end}`,
      'Fw = Fg + (D − Dg)',
      [
        ['Fg', gauged, 'length'],
        ['D', bore, 'length'],
        ['Dg', cup.gauge, 'length'],
      ],
      ['Fw', size, 'length'],
      'drawnCup',
    );
  return {
    least,
    most,
    working: [
      told('least', cup.gaugedLeast, cup.boreLeast, least),
      told('most', cup.gaugedMost, cup.boreMost, most),
    ],
  };
}
