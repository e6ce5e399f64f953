import type { FigureKind } from '../figures/index.ts';
import { compilePlan } from './compilePlan.ts';
import { Bench, reel } from './tests/planOf.ts';

describe('an axis with two shim sites', () => {
  test('should set a carrier at both of its sides where its backlash is set too, at one where it is not', () => {
    const unit = reel('carrierOutboard');
    const packSteps = (sets: readonly FigureKind[]) =>
      compilePlan(new Bench({ ...unit, axes: unit.axes.map((axis) => ({ ...axis, sets })) }).state)
        .steps.map(({ id }) => id)
        .filter((id) => /^(choosePack|fitPack|placeShims)/.test(id))
        .toSorted();
    expect(packSteps(['endPlay', 'backlash'])).toEqual([
      'choosePack:shims-left',
      'choosePack:shims-right',
      'fitPack:shims-left',
      'fitPack:shims-right',
      'placeShims:shims-left',
      'placeShims:shims-right',
    ]);
    expect(packSteps(['endPlay'])).toEqual([
      'choosePack:shims-left',
      'fitPack:shims-left',
      'placeShims:shims-left',
      'placeShims:shims-right',
    ]);
  });
});
