import { SPACER_BASES } from '@wendaxis/core/preload';

import { BASIS_WORDS } from './settingWords.ts';

describe('a length in words', () => {
  test('should say of every basis where the length comes from', () => {
    for (const basis of SPACER_BASES) expect(BASIS_WORDS[basis]).toMatch(/[a-z]{3}/);
  });
});
