import type { ReactNode } from 'react';
import type { DecisionWord } from '@wendaxis/core/measure';

import { DECISION_WORDS } from '../wording/verdictWords.ts';

/** Ink of each verdict; the shape and the word say the same. */
export const VERDICT_INK: Readonly<Record<DecisionWord, string>> = {
  conforms: 'var(--good)',
  doesNotConform: 'var(--bad)',
  cannotDecide: 'var(--open)',
};

/** A shaft that fits its bore, one that does not, and one half hidden. */
const SHAPES: Readonly<Record<DecisionWord, ReactNode>> = {
  conforms: <path d="M4 6h24v8h-24zM4 26h24v-8h-24zM0 16h32" strokeDasharray="none" />,
  doesNotConform: <path d="M4 4l24 24M28 4l-24 24" strokeWidth="5" />,
  cannotDecide: <path d="M16 3l13 13l-13 13l-13-13zM16 3v26" />,
};

/** A verdict: shape, word, and its ink. */
export function Verdict({
  word,
  size = 'large',
}: {
  readonly word: DecisionWord;
  readonly size?: 'large' | 'small';
}) {
  const large = size === 'large';
  return (
    <span
      className={`inline-flex items-center gap-3 font-bold ${large ? 'text-[2.3rem] leading-none' : 'text-lg'}`}
      style={{ color: VERDICT_INK[word] }}
    >
      <svg
        viewBox="0 0 32 32"
        className={large ? 'size-11' : 'size-6'}
        fill="none"
        stroke="currentColor"
        strokeWidth="3.4"
        aria-hidden="true"
      >
        {SHAPES[word]}
      </svg>
      {DECISION_WORDS[word]}
    </span>
  );
}
