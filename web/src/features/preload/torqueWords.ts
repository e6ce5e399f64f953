import type { PlayStage, SleeveProgress } from '@wendaxis/core/plan';
import type { ContactBound, RollingVerdict } from '@wendaxis/core/preload';

/** What follows from a preload out of its limits, by what the plan goes back to. */
const AGAIN: Readonly<Partial<Record<PlayStage, string>>> = {
  choose: ' What sets it is worked out anew from this torque.',
  measure: ' The bearings take nothing: measure the play that is left, then choose anew.',
};

/**
 * What to do after a run of rolling torque as it stands.
 * @param stage of the play that the torque belongs to; null where nothing sets it
 */
export function torqueAdvice(verdict: RollingVerdict, stage: PlayStage | null = null): string {
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
          (verdict.decision.limit === 'upper' ? 'Too much preload.' : 'Too little preload.') +
          ((stage === null ? undefined : AGAIN[stage]) ?? ''),
        cannotDecide: 'Too near the limit for this tool: read again, or take a finer one.',
      }[verdict.decision.word];
  }
}

/** Why the next step is as long as it is while there is still play. */
export const CONTACT_WORDS: Readonly<Record<ContactBound, string>> = {
  play: 'Up to there the play and the lead of the thread keep the rollers free. Measure the play again there.',
  nearlyGone: 'The play is nearly gone: small steps until the rolling torque rises.',
  noLead:
    'The lead of the nut’s thread is not described, so the steps are small. Enter it at the nut: with the play it says how far is safe.',
  noPlay: 'No play was read, so the steps are small. Measure the play with the rolling torque.',
};

/** How crushing stands: a word, and what to do now. */
export const SLEEVE_WORDS: Readonly<
  Record<SleeveProgress['forecast']['status'], { readonly words: string; readonly now: string }>
> = {
  free: {
    words: 'Still play',
    now: 'Turn the shaft both ways after each step, then read.',
  },
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

/** Where the nut alone sets the preload nothing is spoiled: it is slackened until there is play, and drawn up anew. */
export const NUT_WORDS: Readonly<Partial<typeof SLEEVE_WORDS>> = {
  inBand: {
    words: 'Within limits',
    now: 'Stop. Turn the shaft both ways and read once more, then leave the nut where it is.',
  },
  overshoot: {
    words: 'Above the limits',
    now: 'Slacken the nut, free the cone with light taps of a soft hammer until there is play, turn the shaft, and begin again.',
  },
};
