export { assemblyOf, type Assembly, type EventKey } from './assembly.ts';
export type { Body } from './bodies.ts';
export { clear } from './clear.ts';
export type { Move, NoWay } from './move.ts';
export {
  apartBy,
  buildOrder,
  coversOf,
  eventOfPart,
  eventsOfStation,
  isOverSeal,
  stripOrder,
  togetherBy,
  type Order,
} from './orders.ts';
export { builtState, jointOf, sideOf, subjectOf } from './state.ts';
