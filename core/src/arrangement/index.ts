export { adjusterPlay, THREAD_HANDS, type ThreadHand } from './adjusterPlay.ts';
export { findGain } from './findGain.ts';
export {
  GAIN_TABLE,
  UNKNOWN_PLACE,
  type Arrangement,
  type GainRow,
  type ShimPlace,
} from './gainTable.ts';
export {
  MEASURED_DIFFERENCE,
  PLAY_TERM_KINDS,
  PLAY_TERMS,
  termGain,
  termShift,
  type PlayTerm,
  type PlayTermKind,
} from './playTerms.ts';
export { LOAD_PATH } from './loadPath.ts';
export { shimGain } from './shimGain.ts';
export { trialGain, type TrialBuild } from './trialGain.ts';
export { PLAY_TERM_SCHEMA } from './playTermSchema.ts';
