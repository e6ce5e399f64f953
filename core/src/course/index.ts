export { askedAgain } from './again.ts';
export { ACT_IDS, type Act, type ActId, type RowMove } from './acts.ts';
export { courseOf, type Course } from './courseOf.ts';
export { noteKey } from './draft.ts';
export { chosenSites, isCrushed, isSetter, isSpoiled } from './kinds.ts';
export {
  bodyEvent,
  boltsEvent,
  isBody,
  isBolts,
  isJoin,
  joinEvent,
  modelOf,
  SEALS,
  shaftParts,
  subjectOf,
  type Body,
  type EventKey,
  type Model,
} from './model/index.ts';
export { spoiledBy } from './needs.ts';
export { restsOn } from './rests.ts';
export { eventOf, WAYPOINTS, type Row, type Waypoint } from './row.ts';
export { wholeStanding, type Goal, type Standing } from './standing.ts';
export {
  afterIn,
  afterOut,
  carrierOf,
  clear,
  groupOf,
  isFree,
  shutBy,
  type Shut,
  standsOn,
  waysOf,
  wholePlace,
  type Place,
} from './ways/index.ts';
