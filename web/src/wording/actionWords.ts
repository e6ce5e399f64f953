import { FIGURES, limitsOf } from '@wendaxis/core/figures';
import type { NextAction, Stage } from '@wendaxis/core/plan';

/** What the next action is called, why it comes now, and where it is done. */
export interface ActionWords {
  readonly title: string;
  readonly why: string;
  /** Path under the job; null when it is done on the job's own page. */
  readonly path: '/bench' | '/pack' | '/log' | '/pack-in-place' | '/step' | null;
  readonly button: string;
}

/** Words for each next action. */
export const ACTION_WORDS: Readonly<Record<NextAction['kind'], ActionWords>> = {
  openJob: {
    title: 'Open the job',
    why: 'Nothing has been recorded yet.',
    path: null,
    button: 'Open',
  },
  setSpec: {
    title: 'Enter the end play limits',
    why: 'A reading is judged against the limits in the manual.',
    path: null,
    button: 'Enter the limits',
  },
  recordPack: {
    title: 'Measure the pack in place',
    why: 'The new pack is worked out from the one that is in now.',
    path: '/pack-in-place',
    button: 'Enter the pack',
  },
  startRun: {
    title: 'Measure the end play',
    why: 'The pack in place has not been proven yet.',
    path: '/bench',
    button: 'To the bench',
  },
  takeReading: {
    title: 'Continue measuring',
    why: 'A measurement is under way.',
    path: '/bench',
    button: 'To the bench',
  },
  restartRun: {
    title: 'Measure again',
    why: 'The shaft can tip: it reads more play than it has.',
    path: '/bench',
    button: 'To the bench',
  },
  acceptRun: {
    title: 'Accept the verdict',
    why: 'Three cycles agree.',
    path: '/bench',
    button: 'To the bench',
  },
  choosePack: {
    title: 'Choose the pack',
    why: 'The play is not proven within limits with the pack in place.',
    path: '/pack',
    button: 'Choose pack',
  },
  fitPack: {
    title: 'Fit the chosen pack',
    why: 'Then measure again: only a reading proves it.',
    path: '/pack',
    button: 'Fit pack',
  },
  step: {
    title: 'Continue with the plan',
    why: 'The next step is ready.',
    path: '/step',
    button: 'Do it',
  },
  finishJob: {
    title: 'Close the job',
    why: 'Everything before it is done.',
    path: '/log',
    button: 'Finish',
  },
  done: { title: 'Finished', why: 'The record is complete.', path: '/log', button: 'Read the log' },
};

/** The stations of a job's line. */
export const STAGE_WORDS: Readonly<Record<Stage, string>> = {
  describe: 'Book in',
  strip: 'Strip',
  inspect: 'Inspect',
  seat: 'Seat',
  set: 'Set',
  close: 'Close',
  measure: 'Measure',
  choose: 'Choose',
  fit: 'Fit',
  prove: 'Prove',
  finish: 'Finish',
};

/** Words for an action: those of its step where the plan has written them. */
export function actionWords(next: NextAction): ActionWords {
  const words = ACTION_WORDS[next.kind];
  if (next.kind === 'step') return { ...words, title: next.step.title, why: next.step.reason };
  if (next.kind === 'setSpec') return { ...words, title: `Enter the ${limitsOf(next.specKind)}` };
  return next.kind === 'startRun'
    ? { ...words, title: `Measure the ${FIGURES[next.spec.kind].words}` }
    : words;
}
