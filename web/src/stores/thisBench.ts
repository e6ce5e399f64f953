import { v4 } from 'uuid';

import { localMemory } from '../storage/localMemory.ts';

const NAME = 'wendaxis.bench';

/** The id of this browser as a bench: made once, kept on it, and said with every reading of a run. */
export function thisBench(): string {
  const known = localMemory.getItem(NAME);
  if (known !== null) return known;
  const made = v4();
  localMemory.setItem(NAME, made);
  return made;
}
