import type { Station } from '../unit/index.ts';
import type { Draft } from './draft.ts';
import { isHeavy } from './keys.ts';
import { isLocked } from './kinds.ts';
import { boltsEvent } from './model/index.ts';

/** A lock is bent once: when what the bolts hold is proven, but where something closes over them before. */
export const isLockedAtOnce = ({ model }: Draft, bolts: Station): boolean =>
  isLocked(bolts) && isHeavy(model, boltsEvent(bolts.id));
