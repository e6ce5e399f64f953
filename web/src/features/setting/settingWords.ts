import type { SpacerProgress } from '@wendaxis/core/plan';
import type { SpacerLength } from '@wendaxis/core/preload';

/** How a length was found, in a few words. */
export const BASIS_WORDS: Readonly<
  Record<Extract<SpacerLength, { status: 'known' }>['basis'], string>
> = {
  play: 'from the play that was measured',
  torque: 'from the length of zero play and the torque of a tight one',
  zeroPlay: 'to zero play first; the preload comes after it',
  bracket: 'half way between a loose and a tight one',
};

/** What the trials still lack. */
export const NEEDS_WORDS: Readonly<
  Record<Extract<SpacerLength, { status: 'needs' }>['what'], string>
> = {
  aTrial: 'Say what the one that is in gives, or measure its play.',
  aLooseOne: 'One that leaves play is wanted: then the play can be measured.',
  aTightOne: 'Measure its play, or try a shorter one until it is tight.',
};

/** What a spacer of the shelf is good for. */
export const USE_WORDS: Readonly<Record<SpacerProgress['shelf'][number]['use'], string>> = {
  fits: 'fits as it is',
  try: 'near enough to try',
  preload: 'gives preload: try it to know how much',
  turn: 'can be turned down',
  short: 'too short',
};
