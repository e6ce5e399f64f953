import { refuse, requireNumber } from '../faults/index.ts';
import { toleranceClass } from '../fits/index.ts';
import type { Band } from '../measure/index.ts';
import { line, type WorkingLine } from '../working/index.ts';

/** Usual clearance of a plain bearing as a share of its journal. Common practice, no source. */
export const USUAL_CLEARANCE = { least: 0.00075, most: 0.001 } as const;

/** Clearance of a plain bearing over all places measured. mm. */
export interface PlainClearance {
  readonly least: number;
  readonly most: number;
  readonly working: readonly WorkingLine[];
}

/**
 * Clearance of a plain bearing, caps torqued: least = smallest bore − largest journal, most = largest bore −
 * smallest journal. Geometry.
 *
 * @param bores diameters in mm, at least one
 * @param journals diameters in mm, at least one
 * @throws InputError naming `bores` or `journals`
 */
export function plainClearance(
  bores: readonly number[],
  journals: readonly number[],
): PlainClearance {
  for (const [name, values] of [
    ['bores', bores],
    ['journals', journals],
  ] as const) {
    if (values.length === 0) refuse('missing', name, values, { id: 'aDiameter' });
    values.forEach((value, at) => requireNumber(`${name}[${at}]`, value, { above: 0, unit: 'mm' }));
  }
  const least = Math.min(...bores) - Math.max(...journals);
  const most = Math.max(...bores) - Math.min(...journals);
  return {
    least,
    most,
    working: [
      line(
        'Min clearance',
        'c₋ = smallest bore − largest journal',
        [
          ['bore', Math.min(...bores), 'length'],
          ['journal', Math.max(...journals), 'length'],
        ],
        ['c₋', least, 'length'],
        'clearanceSizes',
      ),
      line(
        'Max clearance',
        'c₊ = largest bore − smallest journal',
        [
          ['bore', Math.max(...bores), 'length'],
          ['journal', Math.min(...journals), 'length'],
        ],
        ['c₊', most, 'length'],
        'clearanceSizes',
      ),
    ],
  };
}

/** Smallest journal for which a running fit is known, mm; a smaller one goes by the next above it. */
const LEAST_RUNNING = 3.001;

/**
 * The usual clearance band of a bush that is fed by splash or grease, or turns now and then, where the manual is silent: the
 * running fit H7/f7 of ISO 286-1. mm.
 */
export function usualBushClearance(journal: number): Band {
  const size = Math.min(500, Math.max(LEAST_RUNNING, journal));
  const [hole, shaft] = [toleranceClass('H7', size), toleranceClass('f7', size)];
  return { lower: hole.least - shaft.most, upper: hole.most - shaft.least, target: null };
}

/** The usual clearance band of shells fed with oil under pressure, where the manual is silent. mm. Common practice, no source. */
export function usualClearance(journal: number): Band {
  return {
    lower: USUAL_CLEARANCE.least * journal,
    upper: USUAL_CLEARANCE.most * journal,
    target: null,
  };
}
