export { assemblyOf, type Assembly, type EventKey, type EventKind } from './assembly.ts';
export type { Body } from './bodies.ts';
export { clear, type Cleared } from './clear.ts';
export type { Move, NoWay } from './move.ts';
export type { Joint } from './joints.ts';
export { attemptsOf, type Attempt, type Obstacle } from './obstacles.ts';
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
export { peel, type Peeled, type Preference } from './peel.ts';
export { after, builtState, moversOf, subjectOf, type State, type Way } from './state.ts';
