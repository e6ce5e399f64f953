import { PLAY_TERMS } from '../../arrangement/index.ts';
import { PLAY_TERM_SCHEMA, termShift } from '../../arrangement/index.ts';
import { refuse } from '../../faults/index.ts';
import { CLAMP_SCHEMA, clampShortening } from '../../preload/index.ts';
import { identifier, orNull, record, text } from '../../schema/index.ts';
import { jobEvent } from '../eventRow.ts';
import { hasAxis } from '../onUnit.ts';
import type { PlayTermRow } from '../setRows.ts';

/** Something that is not the same in the trial build and in the final one; the same id replaces it. */
export const playTermSet = jobEvent({
  type: 'PlayTermSet',
  since: 1,
  data: record({
    axisId: identifier(),
    termId: identifier(),
    name: text(80, 1),
    term: PLAY_TERM_SCHEMA,
    /** What a shortening under the nut was worked out from; null where it was measured. */
    clamp: orNull(CLAMP_SCHEMA),
  }),
  joint: requireTerm,
  says: ({ name, term }, tell) =>
    `${PLAY_TERMS[term.kind].words}, ${name}: ${tell.digits(term.trial)} in the trial, ${tell.show(term.final)} at the end`,
  reduce: (state, { data }) => {
    if (!hasAxis(state, data.axisId)) return `no axis ${data.axisId}`;
    requireTerm(data);
    const others = state.setting.playTerms.filter(({ termId }) => termId !== data.termId);
    return { ...state, setting: { ...state.setting, playTerms: [...others, data] } };
  },
});

/**
 * Check a term, and a shortening against what it is said to be worked out from.
 * @throws InputError naming `term.…` or `clamp.…`
 */
export function requireTerm({ term, clamp }: PlayTermRow): void {
  termShift('faceToFace', [term]);
  if (clamp === null) return;
  const shorter = clampShortening(clamp);
  if (Math.abs(shorter - (term.final - term.trial)) > 1e-6)
    refuse('contradiction', 'term.final', term.final, {
      id: 'nutTorquesGive',
      length: term.trial + shorter,
    });
}
