export {
  bearingBody,
  bearingMass,
  bushBody,
  ringBody,
  RING_SHARE_OF_MASS,
  type BearingSize,
} from './bearingBody.ts';
export {
  followBody,
  timeUntil,
  type Followed,
  type ProbeReading,
  type Stay,
} from './followBody.ts';
export { MEDIA, type Medium } from './media.ts';
export { MOST_SEATS, seatOrder, type OrderedSeat, type SeatTask } from './seatOrder.ts';
export {
  airTimeConstant,
  seatWindow,
  type SeatBody,
  type SeatWindow,
  type SeatWindowInput,
} from './seatWindow.ts';
export { hottestFor, settledTemperature } from './settledTemperature.ts';
export {
  LARGEST_BODY,
  NEAR_ENOUGH,
  soakTime,
  temperatureAfter,
  timeConstant,
  wallTimeConstant,
  type LumpedBody,
} from './soak.ts';
