import type { ReadingPhase } from '@wendaxis/core/job';
import type { HandAction } from '@wendaxis/core/simulate';

/** What to do with the hands before each reading. */
export const PHASE_WORDS: Readonly<
  Record<ReadingPhase, { readonly title: string; readonly how: string; readonly spoken: string }>
> = {
  zero: {
    title: 'Seat and zero',
    how: 'Push the shaft home. Turn it both ways under load, so that the rollers seat. Set the dial to zero.',
    spoken: 'Seat, and zero',
  },
  lift: {
    title: 'Lift and hold',
    how: 'Pull the shaft to its other stop and hold it there. Do not turn it.',
    spoken: 'Lift',
  },
  return: {
    title: 'Let it back',
    how: 'Push the shaft home again. The needle should come back to zero.',
    spoken: 'Let it back',
  },
};

/** When there is a verdict: the cycles agree, and more may be taken. */
export const AGREED_WORDS = {
  title: 'The cycles agree',
  how: 'Accept the verdict, or seat the shaft again and take another cycle.',
} as const;

/** The practice hands: what they do, the key, and the phase in which they come next. */
export const HANDS: readonly {
  readonly action: HandAction;
  readonly words: string;
  readonly key: string;
  readonly phase: ReadingPhase;
}[] = [
  { action: 'turnUnderLoad', words: 'Turn', key: 'T', phase: 'zero' },
  { action: 'setZero', words: 'Zero dial', key: 'O', phase: 'zero' },
  { action: 'lift', words: 'Lift', key: 'L', phase: 'lift' },
  { action: 'lower', words: 'Return', key: 'K', phase: 'return' },
  { action: 'turnToNextMark', words: 'Next mark', key: 'M', phase: 'zero' },
];
