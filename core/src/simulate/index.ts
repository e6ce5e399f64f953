export { HIDDEN_COOLING, touchedTemperature } from './virtualThermometer.ts';
export {
  act,
  assemble,
  HAND_ACTIONS,
  indicated,
  travel,
  type HandAction,
  type VirtualAssembly,
} from './virtualAssembly.ts';
export { answerStep } from './answerStep.ts';
export { type Recorded, type WorkHabits } from './recorded.ts';
export { USUAL_HABITS } from './usualHabits.ts';
export {
  shownRolling,
  truePlay,
  trueRolling,
  virtualSleeve,
  type VirtualSleeve,
} from './virtualSleeve.ts';
export { virtualRolling, type Turned } from './virtualRolling.ts';
export { virtualPlay, type AskedPlay } from './virtualPlay.ts';
export { PAIR_BANDS, pairUnit } from './pairUnit.ts';
export { setPair, type SetPair } from './setPair.ts';
export {
  backlashOfPair,
  depthOfPair,
  playOfPair,
  shownOfPair,
  virtualPair,
  type PairPacks,
  type VirtualPair,
} from './virtualPair.ts';
