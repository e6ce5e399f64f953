import type { EtchingSign } from '@wendaxis/core/gears';

/** What a plus etched on a pinion means. */
export const SIGN_WORDS: Readonly<Record<EtchingSign, string>> = {
  plusLarger: 'Plus: larger mounting distance',
  plusThicker: 'Plus: thicker shim',
};
