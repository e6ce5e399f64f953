import { SIZE_FEATURES, SIZE_FEATURE_TABLE, type SizeOf } from '../inspect/index.ts';
import type { Axis, Station } from '../unit/index.ts';
import type { JobState } from './state.ts';
import type { StationSizes } from './stateRows.ts';

/**
 * A state in which what was known of a thing that is replaced is not known of what comes in its place: its sizes, how it went in,
 * whether it was home; of a part the sizes of its seats.
 * @param targetId a station or a part
 */
export function forgetOld(state: JobState, targetId: string): JobState {
  const axes = state.unit?.axes ?? [];
  const own = axes.flatMap(({ stations }) => stations).filter(({ id }) => id === targetId);
  const without = (record: Readonly<Record<string, unknown>>) =>
    Object.fromEntries(Object.entries(record).filter(([id]) => id !== targetId)) as never;
  const { inspection, fitting } = state;
  return {
    ...state,
    inspection: {
      ...inspection,
      offered: own.length > 0 ? without(inspection.offered) : inspection.offered,
      sizes: Object.fromEntries(
        Object.entries(inspection.sizes).map(([id, sizes]) => {
          const gone = goneOf(axes, id, targetId);
          return [id, gone.length === 0 ? sizes : left(sizes, gone)];
        }),
      ),
    },
    fitting: own.length === 0 ? fitting : forgotten(fitting, without),
  };
}

const forgotten = (
  fitting: JobState['fitting'],
  without: (record: Readonly<Record<string, unknown>>) => never,
): JobState['fitting'] => ({
  ...fitting,
  tries: without(fitting.tries),
  seating: without(fitting.seating),
});

/** What the sizes of a station are of that goes with a thing. */
function goneOf(axes: readonly Axis[], stationId: string, targetId: string): readonly SizeOf[] {
  if (stationId === targetId) return ['thing'];
  const axis = axes.find(({ stations }) => stations.some(({ id }) => id === stationId));
  const station = axis?.stations.find(({ id }) => id === stationId);
  if (axis === undefined || station === undefined) return [];
  return [
    ...(station.partId === targetId ? (['housing'] as const) : []),
    ...(isShaftOf(axis.stations, targetId) ? (['shaft'] as const) : []),
  ];
}

const isShaftOf = (stations: readonly Station[], partId: string): boolean =>
  stations.some(({ kind, partId: on }) => kind === 'shaftStep' && on === partId);

const left = (sizes: StationSizes, gone: readonly SizeOf[]): StationSizes =>
  Object.fromEntries(
    SIZE_FEATURES.flatMap((feature) =>
      sizes[feature] === undefined || gone.includes(SIZE_FEATURE_TABLE[feature].of)
        ? []
        : [[feature, sizes[feature]]],
    ),
  );
