export { buildsWorking } from './buildsWorking.ts';
export type { HeldGain } from './fitLine.ts';
export type { BeforeBuilds, Build, LearnedBuilds, TorquePlace } from './builds.ts';
export { learnBuilds } from './learnBuilds.ts';
export {
  learnPlay,
  USUAL_GAIN_SPREAD,
  type BeforeTries,
  type LearnedPlay,
  type PlayTry,
} from './learnPlay.ts';
