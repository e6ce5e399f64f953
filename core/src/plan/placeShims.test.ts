import type { Station } from '../unit/index.ts';
import { compilePlan } from './compilePlan.ts';
import { Bench, unitOf } from './tests/bench.ts';

/** How the pack of a pinion's depth is placed, its place described as told. */
function howToPlace(place: Station['place']): string | undefined {
  const unit = unitOf('pinionSleeve');
  const axes = unit.axes.map((axis) => ({
    ...axis,
    stations: axis.stations.map(({ place: old, ...one }): Station => {
      if (one.kind !== 'shimSite') return old === undefined ? one : { ...one, place: old };
      return place === undefined ? one : { ...one, place };
    }),
  }));
  const { state } = new Bench({ ...unit, axes }, 'overhaul');
  return compilePlan(state).steps.find(({ rule }) => rule === 'placeShims')?.how;
}

describe('placing a pack', () => {
  test('should say where it goes, and of a place that nobody knows no more than where it was', () => {
    expect(howToPlace('behindHeadCone')).toMatch(
      /^It goes behind the head cone, for its depth\. Wiped clean/u,
    );
    expect(howToPlace('notKnown')).toMatch(/^Where it was\. Wiped clean/u);
  });
});
