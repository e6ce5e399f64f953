import type { ReadingPhase } from '@wendaxis/core/job';
import type { HandAction } from '@wendaxis/core/simulate';

interface PhaseWords {
  readonly title: string;
  readonly how: string;
  readonly spoken: string;
}

/** Which words fit: tapered rollers are turned under load at both stops, all else is not turned there. */
export type Seated = 'turned' | 'still';

/** What to do with the hands before each reading. */
export const PHASE_WORDS: Readonly<Record<Seated, Readonly<Record<ReadingPhase, PhaseWords>>>> = {
  turned: {
    zero: {
      title: 'Seat and zero',
      how: 'Push the shaft to its stop. Turn it both ways under load until the rollers are seated. Set the dial to zero.',
      spoken: 'Seat, and zero',
    },
    lift: {
      title: 'Lift, turn and hold',
      how: 'Pull the shaft to its other stop. Turn it both ways under load there too, then hold it still and read.',
      spoken: 'Lift, and turn',
    },
    return: {
      title: 'Back to zero',
      how: 'Push the shaft back to its stop and turn it both ways under load. The needle must return to zero.',
      spoken: 'Back to zero',
    },
  },
  still: {
    zero: {
      title: 'Seat and zero',
      how: 'Push the shaft to its stop and hold it there. Set the dial to zero.',
      spoken: 'Seat, and zero',
    },
    lift: {
      title: 'Lift and hold',
      how: 'Pull the shaft to its other stop and hold it there. Do not turn it: turning moves the needle.',
      spoken: 'Lift',
    },
    return: {
      title: 'Back to zero',
      how: 'Push the shaft back to its stop. The needle must return to zero.',
      spoken: 'Back to zero',
    },
  },
};

/** When there is a verdict: the cycles agree, and more may be taken. */
export const AGREED_WORDS = {
  title: 'The cycles agree',
  how: 'Accept the verdict, or seat the shaft again and take another cycle.',
} as const;

/** The practice hands: what they do, the key, and the phases in which they come next. */
export const HANDS: readonly {
  readonly action: HandAction;
  readonly words: string;
  readonly key: string;
  readonly phases: readonly ReadingPhase[];
}[] = [
  { action: 'turnUnderLoad', words: 'Turn', key: 'T', phases: ['zero', 'lift', 'return'] },
  { action: 'setZero', words: 'Zero dial', key: 'O', phases: ['zero'] },
  { action: 'lift', words: 'Lift', key: 'L', phases: ['lift'] },
  { action: 'lower', words: 'Return', key: 'K', phases: ['return'] },
  { action: 'turnToNextMark', words: 'Next mark', key: 'M', phases: ['zero'] },
];
