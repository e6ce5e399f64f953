export { coolingFactorFrom } from './coolingFactor.ts';
export {
  CREEP_REMEDIES,
  partHeat,
  USUAL_HEAT,
  type HeatSeat,
  type HeatSettings,
  type PartHeat,
  type SeatHeat,
} from './partHeat.ts';
export { RING_LIMIT } from './ringLimit.ts';
export { BENCH_PRESS, waysIn, WAYS, type WayId, type WayIn, type WayInput } from './waysIn.ts';
