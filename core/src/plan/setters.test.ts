import { compilePlan } from './compilePlan.ts';
import { Bench, reel } from './tests/planOf.ts';

describe('an axis with two shim sites', () => {
  test('should set the play at one of them and lay the other’s pack back in', () => {
    const ids = compilePlan(new Bench(reel('carrierOutboard')).state).steps.map(({ id }) => id);
    expect(ids.filter((id) => /^(choosePack|fitPack|placeShims)/.test(id)).toSorted()).toEqual([
      'choosePack:shims-left',
      'fitPack:shims-left',
      'placeShims:shims-right',
    ]);
  });
});
