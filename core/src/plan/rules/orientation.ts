import { DETAIL_TABLE, type DetailName, type Station } from '../../unit/index.ts';
import type { Orientation } from '../step.ts';

/** Side features, in the order they are looked at. */
const FEATURES = [
  'lettering',
  'radius',
  'groove',
  'shield',
  'bevel',
  'lip',
  'wayIn',
] as const satisfies readonly DetailName[];

/** Which way round a station's part goes in, as far as it is described. */
export function orientationOf(station: Station): readonly Orientation[] {
  return FEATURES.flatMap((name) => {
    const side = station[name];
    return side === undefined ? [] : [{ feature: DETAIL_TABLE[name].words, side }];
  });
}
