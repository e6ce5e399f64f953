import type { JobEventType } from '../job/index.ts';
import type { Drawn } from './drawnNames.ts';

/** What an event that describes the unit may carry. */
export const DESCRIPTIONS = {
  StationDescribed: ({ draws, stations, stationId, axisId, partId, fresh }) => {
    const other = fresh().axes.flatMap((axis) => axis.stations)[0];
    return {
      axisId,
      station:
        other === undefined
          ? { ...stations[0], id: 's-new' }
          : { ...other, partId, ...(draws.chance(0.5) ? { id: stationId } : {}) },
    };
  },
  StationsPlaced: ({ draws, stations, axisId, partId, fresh }) => {
    const others = fresh()
      .axes.flatMap((axis) => axis.stations)
      .slice(0, 3);
    return {
      axisId,
      stations: draws.chance(0.5) ? stations : others.map((other) => ({ ...other, partId })),
    };
  },
  StationRemoved: ({ stationId }) => ({ stationId }),
  PartDescribed: ({ draws, partId, fresh }) => ({
    part: { ...fresh().parts[0], ...(draws.chance(0.5) ? { id: partId } : {}) },
  }),
  PartRemoved: ({ partId }) => ({ partId }),
  AxisDescribed: ({ draws, axisId, fresh }) => {
    const { stations: _, ...axis } = fresh().axes[0]!;
    return { axis: draws.chance(0.5) ? { ...axis, id: axisId } : axis };
  },
  AxisAdded: ({ draws, axisId, fresh }) => {
    const { axes, parts } = fresh();
    const id = draws.chance(0.5) ? axisId : 'a-new';
    return { axis: { ...axes[0]!, id }, parts: draws.chance(0.5) ? parts : [] };
  },
  AxisRemoved: ({ axisId }) => ({ axisId }),
} satisfies Partial<Record<JobEventType, (of: Drawn) => object>>;
