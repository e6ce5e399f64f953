export { ACT_IDS, type Act, type ActId } from './acts.ts';
export { courseOf, type Course } from './courseOf.ts';
export { noteKey } from './draft.ts';
export { isSetter, isSpoiled } from './kinds.ts';
export {
  bodyEvent,
  boltsEvent,
  isBolts,
  joinEvent,
  modelOf,
  shaftParts,
  subjectOf,
  type Body,
  type EventKey,
  type Model,
} from './model/index.ts';
export { restsOn } from './rests.ts';
export type { Row, RowMove } from './row.ts';
export { wholeStanding, type Goal, type Standing } from './standing.ts';
export { afterOut, clear, isFree, standsOn, waysOf, wholePlace, type Place } from './ways/index.ts';
