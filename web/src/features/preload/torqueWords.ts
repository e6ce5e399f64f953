import type { SleeveProgress } from '@wendaxis/core/plan';
import type { RollingVerdict } from '@wendaxis/core/preload';

/** What to do after a run of rolling torque as it stands. */
export function torqueAdvice(verdict: RollingVerdict): string {
  switch (verdict.status) {
    case 'invalid':
      return 'The tool was not square to the shaft: it reads too much. Set it square and begin again.';
    case 'tooFew':
      return verdict.missing === 1
        ? 'One more steady reading.'
        : `${verdict.missing} more steady readings.`;
    case 'disagree':
      return 'The last two do not agree within 10 %: turn it more evenly and read again.';
    case 'judged':
      return {
        conforms: 'Proven within limits.',
        doesNotConform:
          verdict.decision.limit === 'upper' ? 'Too much preload.' : 'Too little preload.',
        cannotDecide: 'Too near the limit for this tool: read again, or take a finer one.',
      }[verdict.decision.word];
  }
}

/** How crushing stands: a word, and what to do now. */
export const SLEEVE_WORDS: Readonly<
  Record<SleeveProgress['forecast']['status'], { readonly words: string; readonly now: string }>
> = {
  free: { words: 'Still play', now: 'Tightening is safe. Turn the shaft after each step.' },
  closing: {
    words: 'The rollers begin to bear',
    now: 'Small steps now, until the rise tells how far it is.',
  },
  unclear: {
    words: 'Not clear yet',
    now: 'The readings do not tell how far it is. Small steps, two readings at each, and the play with them.',
  },
  solid: {
    words: 'Solid stop',
    now: 'Do not tighten further: the nut is tight, the play stays, and there is no preload.',
  },
  forecast: {
    words: 'On the rise',
    now: 'Up to the step, then read. Not past the stop line without a reading.',
  },
  near: { words: 'Close', now: 'The finest step the bar allows, then read.' },
  inBand: {
    words: 'Within limits',
    now: 'Stop. Read once more to be sure, and leave the nut where it is.',
  },
  atLimit: { words: 'At the upper limit', now: 'Stop. Not one degree more; read again with care.' },
  overshoot: {
    words: 'Past the limits',
    now: 'The sleeve is scrap. Never back off: it does not come back, and preload is lost in service. Take a new sleeve.',
  },
};
