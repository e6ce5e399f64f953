export {
  learnPlay,
  USUAL_GAIN_SPREAD,
  type BeforeTries,
  type LearnedPlay,
  type PlayTry,
} from './learnPlay.ts';
