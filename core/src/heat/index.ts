export { BENCH_PRESS } from './benchPress.ts';
export { coolingFactorFrom } from './coolingFactor.ts';
export { ovenLimit, usualLimit, type BearingInPart } from './ovenLimit.ts';
export {
  CREEP_REMEDIES,
  partHeat,
  USUAL_HEAT,
  type HeatSeat,
  type HeatSettings,
  type PartHeat,
  type SeatHeat,
} from './partHeat.ts';
export { RING_HARDNESS_LIMIT, RING_LIMIT, ringLimitOf, type HeatLimit } from './ringLimit.ts';
export { WAY_IDS, WAYS, type WayId } from './ways.ts';
export { RING_SHARE, waysIn } from './waysIn.ts';
export { type WayIn, type WayInput } from './wayIn.ts';
export { BOSS, ringFreezeTime } from './wayTimes.ts';
