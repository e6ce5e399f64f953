import type { FigureKind } from '../figures/index.ts';
import type { Axis } from '../unit/index.ts';

/**
 * Whether a shaft is turned under load at both its stops when its play is read. Tapered rollers climb on their cones until they
 * are run in under load, and read low at the stop where they are not; balls and washers have nothing to run in, and turning
 * them only moves the needle. Common practice, no source.
 */
export const isTurnedAtStops = (axis: Axis, kind: FigureKind): boolean =>
  kind === 'endPlay' && axis.stations.some((station) => station.kind === 'taperedRoller');
