export { bevelBacklash, type BacklashFactor, type BevelPair } from './bevelBacklash.ts';
export {
  backlashPerMove,
  pinionOf,
  UNKNOWN_PINION,
  USUAL_FACTOR,
  USUAL_HEEL,
  type BacklashPerMove,
  type Known,
} from './backlashFactor.ts';
export {
  judgeBacklash,
  PLACES_NEEDED,
  requirePlaces,
  USUAL_RANGE,
  type BacklashVerdict,
} from './backlashRound.ts';
export type { BacklashPlace, Wave } from './backlashWave.ts';
export {
  CARRIER_HOLDS,
  carrierPlace,
  carrierSplit,
  type CarrierHold,
  type CarrierQuestion,
  type CarrierSplit,
} from './carrierSplit.ts';
export {
  DEPTH_LENGTH_TABLE,
  DEPTH_LENGTHS,
  DEPTH_METHOD_TABLE,
  DEPTH_METHODS,
  ETCHING_SIGNS,
  type DepthLength,
  type DepthMethod,
  type EtchingSign,
} from './depthMethods.ts';
export { depthShim, type DepthAnswer, type DepthQuestion, type DepthShim } from './depthShim.ts';
export {
  BACKLASH_CONTACTS,
  isRatio,
  PAIR_RATIO,
  ratioOf,
  requirePair,
  TOOTH_CUTS,
  type BacklashContact,
  type GearPair,
  type ToothCut,
} from './gearPair.ts';
export { learnFactor, type PairTry } from './learnFactor.ts';
export {
  pairForecast,
  pairOdds,
  type PairFigure,
  type PairForecast,
  type PairMove,
} from './pairOdds.ts';
export { splitTurns, type SideThread, type SideTurn, type SplitTurns } from './splitTurns.ts';
export {
  FLANKS,
  PATTERN_IDEAL,
  PATTERN_LIMIT,
  type ContactMark,
  type ContactPattern,
  type Flank,
} from './patternResponse.ts';
export {
  judgePattern,
  learnResponse,
  patternMiss,
  type MarkOff,
  type PatternTry,
  type PatternVerdict,
} from './toothPattern.ts';
export { markPlaceWords } from './markPlaceWords.ts';
