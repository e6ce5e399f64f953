import type { HeatChoice, HeatStatus, SeatWord } from '@wendaxis/core/heat';
import type { SeatOutcome } from '@wendaxis/core/job';

import type { ScreenUnits } from './screenUnits.ts';

/** What to do next after each. */
export const OUTCOME_NEXT: Readonly<Record<SeatOutcome, string>> = {
  droppedIn: 'Hold it down until it grips. Look from behind; turn it by hand.',
  tapped:
    'Listen for the note to change, look from behind, measure the depth where the shoulder cannot be seen.',
  drewIn: 'Check that it sits on its shoulder all round, then that it turns without drag.',
  stoppedHalfWay:
    'Do not drive it further while it grips crooked. Reheat the case and it lets go: push it home or take it out straight. Where heat is out of reach, draw it in on the outer ring.',
};

/** How good a thing is that is told in a word: never by colour alone. */
export type Tone = 'good' | 'warn' | 'bad';
export const TONE_SIGN: Readonly<Record<Tone, string>> = { good: '✓', warn: '△', bad: '✕' };
export const TONE_INK: Readonly<Record<Tone, string>> = {
  good: 'text-good',
  warn: 'text-ink',
  bad: 'text-bad',
};

/** How a heat stands, in a word and a sentence. */
export const HEAT_STATUS: Readonly<
  Record<HeatStatus, { readonly words: string; readonly what: string; readonly tone: Tone }>
> = {
  ready: {
    words: 'Every ring drops in',
    what: 'All from one heat, with time for a second try',
    tone: 'good',
  },
  hasty: {
    words: 'Every ring drops in, at a run',
    what: 'All from one heat, but there is no time for a second try',
    tone: 'warn',
  },
  reheat: {
    words: 'More than one heat',
    what: 'Every ring drops in, but not all from one heat',
    tone: 'warn',
  },
  slides: {
    words: 'They slide in',
    what: 'Free, without clearance: each is pushed home in one movement, at once',
    tone: 'warn',
  },
  noTime: {
    words: 'Not in time',
    what: 'A ring grips before it can be in',
    tone: 'bad',
  },
  tooCool: {
    words: 'Too cool',
    what: 'Some ring does not drop in',
    tone: 'bad',
  },
  press: {
    words: 'Heat is not enough',
    what: 'No permitted heat frees the tightest ring: press it, or measure its seat again',
    tone: 'bad',
  },
  refused: {
    words: 'Above the limit',
    what: 'The oven would pass what the part or a bearing in it bears',
    tone: 'bad',
  },
};

/** What becomes of one ring. */
export const SEAT_WORDS: Readonly<
  Record<SeatWord, { readonly words: string; readonly tone: Tone }>
> = {
  drops: { words: 'drops in', tone: 'good' },
  slides: { words: 'slides, no clearance', tone: 'warn' },
  grabs: { words: 'grips too soon', tone: 'bad' },
  tight: { words: 'does not go in', tone: 'bad' },
};

/** A heat that would work, in a sentence. */
export function choiceWords(
  { way, oven, rings, pressed }: HeatChoice,
  { show }: ScreenUnits,
  nameOf: (id: string) => string,
): string {
  const part = `Part to ${show(oven, 'temperature', 0)}`;
  const cold =
    rings < 0 ? `rings from the freezer at ${show(rings, 'temperature', 0)}` : 'rings as they are';
  const rest = pressed.length === 0 ? '' : ` Press ${pressed.map(nameOf).join(', ')}.`;
  const words: Readonly<Record<HeatChoice['way'], string>> = {
    free: 'Nothing is heated: every ring drops in cold.',
    drops: `${part}, ${cold}: every ring drops in from one heat.`,
    reheats: `${part}, ${cold}: every ring drops in, in more than one heat.`,
    slides: `${part}, ${cold}: they slide in without clearance, at once.`,
    press: 'No permitted heat frees a ring: press them.',
  };
  return words[way] + rest;
}
