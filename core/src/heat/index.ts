export { BENCH_PRESS } from './benchPress.ts';
export { heatChoices, HEAT_WAYS, type HeatChoice, type HeatWay } from './chooseHeat.ts';
export type { HeatSeat } from './heatSeat.ts';
export {
  FREEZER,
  OVEN_ABOVE,
  TIME_ALLOWED,
  USUAL_WORK,
  type HeatSettings,
} from './heatSettings.ts';
export {
  leastHeat,
  needWorking,
  USUAL_LOSS,
  wholeDegree,
  type LeastHeat,
  type SeatNeed,
} from './leastHeat.ts';
export { hottestPart, ovenLimit, usualLimit, type BearingInPart } from './ovenLimit.ts';
export {
  CREEP_REMEDIES,
  isWorkable,
  partHeat,
  type HeatStatus,
  type PartHeat,
  type SeatHeat,
  type SeatWord,
} from './partHeat.ts';
export { RING_HARDNESS_LIMIT, RING_LIMIT, ringLimitOf, type HeatLimit } from './ringLimit.ts';
export { RING_HANDLING } from './warmedRing.ts';
export { WAY_IDS, WAYS, type RingPlace, type WayId } from './ways.ts';
export { dropsIn, waysIn, wayToTake } from './waysIn.ts';
export { usualHeat } from './usualHeat.ts';
export { supportFor } from './support.ts';
export { waysOut, type WayOut, type WayOutInput } from './waysOut.ts';
export { WAYS_OUT, type WayOutId } from './waysOutTable.ts';
export type { ForceLimit } from './pressLimit.ts';
export { type HeldBy, type WayIn, type WayInput } from './wayIn.ts';
export { freezeTime, ovenTime, ringFreezeTime } from './wayTimes.ts';
