import type { PartHeat } from '@wendaxis/core/heat';
import type { SeatOutcome } from '@wendaxis/core/job';

/** What to do next after each. */
export const OUTCOME_NEXT: Readonly<Record<SeatOutcome, string>> = {
  droppedIn: 'Hold it down until it grips. Look from behind; turn it by hand.',
  tapped:
    'Listen for the note to change, look from behind, measure the depth where the shoulder cannot be seen.',
  drewIn: 'Check that it sits on its shoulder all round, then that it turns without drag.',
  stoppedHalfWay:
    'Do not drive it further while it grips crooked. Reheat the case and it lets go: push it home or take it out straight. Where heat is out of reach, draw it in on the outer ring.',
};

/** How a heat plan stands, in a word and a sentence. */
export const HEAT_STATUS: Readonly<Record<PartHeat['status'], { words: string; what: string }>> = {
  stands: { words: 'Every ring drops in', what: 'within the limits' },
  tooCool: { words: 'Too cool', what: 'some ring does not drop in' },
  refused: { words: 'Refused', what: 'the oven is above the limit' },
  press: {
    words: 'Heat is not enough',
    what: 'no permitted heat frees the tightest ring: press it, or measure its seat again',
  },
};
