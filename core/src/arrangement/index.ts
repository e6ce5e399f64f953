export { adjusterPlay, THREAD_HANDS, type ThreadHand } from './adjusterPlay.ts';
export { bevelBacklash, type BacklashFactor, type BevelPair } from './bevelBacklash.ts';
export { findGain } from './findGain.ts';
export { GAIN_TABLE, type Arrangement, type GainRow, type ShimPlace } from './gainTable.ts';
export { LOAD_PATH } from './loadPath.ts';
export { shimGain } from './shimGain.ts';
export { trialGain, type TrialBuild } from './trialGain.ts';
