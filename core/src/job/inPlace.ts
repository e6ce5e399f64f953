import { packThickness } from '../shims/index.ts';
import type { JobState, Run } from './state.ts';

/** Thickness or length in place at each site and spacer, mm. */
export function inPlaceNow({ packs }: JobState): Run['inPlace'] {
  return Object.fromEntries(
    Object.entries(packs).map(([id, { pieces }]) => [id, packThickness(pieces)]),
  );
}
