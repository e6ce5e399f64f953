export { MEDIA, type Medium } from './media.ts';
export { MOST_SEATS, seatOrder, type OrderedSeat, type SeatTask } from './seatOrder.ts';
export {
  bearingMass,
  insertedRates,
  OUTER_RING_SHARE,
  seatWindow,
  type SeatWindow,
  type SeatWindowInput,
} from './seatWindow.ts';
export { hottestFor, settledTemperature } from './settledTemperature.ts';
export {
  NEAR_ENOUGH,
  soakTime,
  temperatureAfter,
  timeConstant,
  wallTimeConstant,
  type LumpedBody,
} from './soak.ts';
