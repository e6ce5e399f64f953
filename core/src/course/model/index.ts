export { SEALS, YIELDS, type Body } from './body.ts';
export {
  bodyEvent,
  boltsEvent,
  isBody,
  isBolts,
  isJoin,
  joinEvent,
  subjectOf,
  type EventKey,
} from './eventKey.ts';
export type { Hold } from './holds.ts';
export type { Joint } from './joints.ts';
export { modelOf, type Model } from './modelOf.ts';
export { lies, meets, middleOf, ringOf, type Direction, type Ring } from './ring.ts';
export { shaftParts } from './shaftParts.ts';
export type { Shaft } from './shafts.ts';
