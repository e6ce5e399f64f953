import { requireNumber } from '../faults/index.ts';
import { identifier, millimetres, record, text, whole, type TypeOf } from '../schema/index.ts';

/** Spacers or washers of one size, put between the collar of a driver and the face. mm. */
export const SPACER_SCHEMA = record({
  id: identifier(),
  name: text(80, 1),
  thickness: millimetres(0.02, 200),
  /** Thickness is known to within this, to both sides. */
  within: millimetres(0, 1),
  count: whole(1, 50),
  bore: millimetres(1, 490),
  outside: millimetres(2, 600),
});
export type Spacer = TypeOf<typeof SPACER_SCHEMA>;

/** @throws InputError naming `spacer.bore` where it is no smaller than its outside */
export function requireSpacer(spacer: Spacer): Spacer {
  requireNumber('spacer.thickness', spacer.thickness, { min: 0.02, max: 200, unit: 'mm' });
  requireNumber('spacer.within', spacer.within, {
    min: 0,
    max: Math.min(1, spacer.thickness / 2),
    unit: 'mm',
  });
  requireNumber('spacer.outside', spacer.outside, { min: 2, max: 600, unit: 'mm' });
  requireNumber('spacer.bore', spacer.bore, { min: 1, below: spacer.outside, unit: 'mm' });
  return spacer;
}
