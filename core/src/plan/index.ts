export {
  currentRun,
  cyclesLeft,
  nextAction,
  STAGES,
  stageOf,
  type JudgedVerdict,
  type NextAction,
  type Stage,
} from './nextAction.ts';
export { packQuestion, USUAL_MOST_PIECES } from './packQuestion.ts';
