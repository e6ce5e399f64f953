import { millimetres, oneOf, record, type Schema } from '../schema/index.ts';
import { PLAY_TERM_KINDS, type PlayTerm } from './playTerms.ts';

/** Something that is not the same in the trial build and in the final one. */
export const PLAY_TERM_SCHEMA: Schema<PlayTerm> = record({
  kind: oneOf(PLAY_TERM_KINDS),
  trial: millimetres(0, 200),
  final: millimetres(0, 200),
  uncertainty: millimetres(0, 1),
});
