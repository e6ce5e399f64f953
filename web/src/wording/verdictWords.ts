import type { CycleFlaw, Decision, DecisionWord, Remedy } from '@wendaxis/core/measure';

/** A decision in a word. */
export const DECISION_WORDS: Readonly<Record<DecisionWord, string>> = {
  conforms: 'Within limits',
  doesNotConform: 'Out of limits',
  cannotDecide: 'Cannot decide',
};

/** Why a cycle does not count, and what to do. */
export const FLAW_WORDS: Readonly<Record<CycleFlaw, string>> = {
  drift: 'Stayed above zero. Check the stand, let the shaft right home, and take it again.',
  settledLower:
    'Came to rest below zero: it was not home when zero was set. Seat the shaft again, set zero there, and take it again.',
  wrongWay: 'The needle went the wrong way. Check which way the plunger sits.',
  beyondRange: 'Beyond the indicator’s travel. Take one with more.',
};

/** Which side of the band, in words. */
export function sideWords({ word, limit }: Decision): string {
  if (limit === null) return 'Proven inside both limits.';
  const side = limit === 'lower' ? 'lower' : 'upper';
  if (word === 'doesNotConform')
    return limit === 'lower' ? 'Proven too little play.' : 'Proven too much play.';
  return `Too near the ${side} limit for this instrument.`;
}

/** What would decide, as an instruction. `length` shows a length in the screen's units. */
export function remedyWords(remedy: Remedy, length: (mm: number) => string): string {
  if (remedy.kind === 'movePlay')
    return 'Too near the limit for any indicator: move the play away from it.';
  const outcome = DECISION_WORDS[remedy.expected].toLowerCase();
  if (remedy.kind === 'moreCycles')
    return `${remedy.extra} more ${remedy.extra === 1 ? 'cycle' : 'cycles'} at the same scatter would show: ${outcome}.`;
  if (remedy.kind === 'certificate')
    return `The same indicator, calibrated and with its certificate on its card, would show: ${outcome}.`;
  return `An indicator graduated ${length(remedy.graduation)} or finer would show: ${outcome}.`;
}
