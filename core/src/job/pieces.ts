import { InputError, refuse, requireInteger, requireNumber } from '../faults/index.ts';
import type { MeasuredPiece } from './kinds.ts';
import type { SetAfter } from './setRows.ts';
import type { JobState } from './state.ts';

/** @throws InputError naming `pieces` or a field of one */
export function requirePieces(pieces: readonly MeasuredPiece[]): readonly MeasuredPiece[] {
  if (!Array.isArray(pieces)) return refuse('missing', 'pieces', pieces, { id: 'list' });
  pieces.forEach(({ thickness, quantity, uncertainty }: MeasuredPiece, at) => {
    requireNumber(`pieces[${at}].thickness`, thickness, { above: 0, max: 20, unit: 'mm' });
    requireInteger(`pieces[${at}].quantity`, quantity, { min: 1, max: 400 });
    requireNumber(`pieces[${at}].uncertainty`, uncertainty, { min: 0, max: 1, unit: 'mm' });
  });
  return pieces;
}

/** The pieces of a pack are measured to whole micrometres. @throws InputError naming `pieces[…].thickness` */
export function requireMeasured({ pieces }: { readonly pieces: readonly MeasuredPiece[] }): void {
  pieces.forEach(({ thickness }, at) => requireMicrometres(thickness, `pieces[${at}].thickness`));
}

/** @throws InputError naming the field of a thickness (mm) that is not of whole micrometres */
export function requireMicrometres(thickness: number, field = 'thickness'): void {
  if (Math.abs(thickness * 1000 - Math.round(thickness * 1000)) < 1e-6) return;
  throw new InputError([
    {
      code: 'outOfRange',
      field,
      value: thickness,
      wanted: { id: 'wholeMicrometres' },
    },
  ]);
}

/** @throws InputError naming the field of a length, or `uncertainty` */
export function requireSpacer(
  field: string,
  { length, uncertainty }: { readonly length: number; readonly uncertainty: number },
): void {
  requireNumber(field, length, { above: 0, max: 500, unit: 'mm' });
  requireNumber('uncertainty', uncertainty, { min: 0, max: 0.1, unit: 'mm' });
}

/** That something which sets the play was changed now: what was read before does not speak for it. */
export function setNow({ measured: { runs, torques } }: JobState, trial: boolean): SetAfter {
  return { runs: runs.length, torques: torques.length, trial };
}
