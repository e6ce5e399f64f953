import { placesFor, type SizeFeature } from '../../inspect/index.ts';
import type { StationSubject } from '../rule.ts';

/** Whether a feature of a station was measured at every place. */
export const isMeasured = (
  { state, station }: Pick<StationSubject, 'state' | 'station'>,
  feature: SizeFeature,
): boolean =>
  Object.keys(state.inspection.sizes[station.id]?.[feature] ?? {}).length >=
  placesFor(feature, station.count).length;
