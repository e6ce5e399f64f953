import { requireNumber } from '../faults/index.ts';
import { requireBand, type Band } from '../measure/index.ts';
import { line, type WorkingLine } from '../working/index.ts';
import { EXPONENTS, NARROW } from './sleeveForecast.ts';

/** Way from the last play to the middle of the limits of tapered roller pairs, mm. Common practice, no source. */
export const USUAL_RISE = { least: 0.03, most: 0.08 } as const;

/** How far a nut turns between the limits of a preload, before anything was read. */
export interface SleeveWindow {
  /** Degrees, for the stiffest and the softest usual pair. */
  readonly least: number;
  readonly most: number;
  /** Even the softest usual pair passes both limits within what a hand can turn. */
  readonly isNarrow: boolean;
  readonly working: readonly WorkingLine[];
}

/**
 * How far the nut turns from the lower to the upper limit of a rolling torque, from the thread's lead and what usual pairs need
 * from their last play to the middle of such limits: with `T ∝ xⁿ`, `Δθ = s·360/P·((Tu/Tm)^(1/n) − (Tl/Tm)^(1/n))`.
 *
 * @param band of the bearings alone, N·m; both limits are wanted
 * @returns null where a limit is open or the lower one is zero: then there is room
 * @throws InputError naming `lead` or the band
 * @example sleeveWindow({ band: { lower: 1.5, upper: 2, target: null }, lead: 1.5 })!.least // 1.4
 */
export function sleeveWindow({
  band,
  lead,
}: {
  readonly band: Band;
  readonly lead: number;
}): SleeveWindow | null {
  requireNumber('lead', lead, { min: 0.1, max: 10, unit: 'mm' });
  requireBand(band, { min: 0, max: 500, unit: 'N·m' });
  const { lower, upper } = band;
  if (lower === null || upper === null || lower <= 0) return null;
  const middle = (lower + upper) / 2;
  const share = (exponent: number) =>
    (upper / middle) ** (1 / exponent) - (lower / middle) ** (1 / exponent);
  const turn = (rise: number, exponent: number) => ((rise * 360) / lead) * share(exponent);
  const least = turn(USUAL_RISE.least, EXPONENTS.most);
  const most = turn(USUAL_RISE.most, EXPONENTS.least);
  const lineOf = (name: string, rise: number, exponent: number, result: number) =>
    line(
      name,
      's·360/P·((Tu/Tm)^(1/n) − (Tl/Tm)^(1/n))',
      [
        ['s', rise, 'length'],
        ['P', lead, 'length'],
        ['n', exponent, 'number'],
        ['Tl', lower, 'torque'],
        ['Tu', upper, 'torque'],
      ],
      ['Δθ', result, 'angle'],
      'sleeveRise',
    );
  return {
    least,
    most,
    isNarrow: most < NARROW,
    working: [
      lineOf('A stiff pair', USUAL_RISE.least, EXPONENTS.most, least),
      lineOf('A soft pair', USUAL_RISE.most, EXPONENTS.least, most),
    ],
  };
}
