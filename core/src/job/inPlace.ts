import { packThickness } from '../shims/index.ts';
import type { JobState } from './state.ts';
import type { Run } from './stateRows.ts';

/** Thickness or length in place at each site and spacer, mm. */
export function inPlaceNow({ setting: { packs } }: JobState): Run['inPlace'] {
  return Object.fromEntries(
    Object.entries(packs).map(([id, { pieces }]) => [id, packThickness(pieces)]),
  );
}
