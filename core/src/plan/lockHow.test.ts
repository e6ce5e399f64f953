import { lockHow } from './lockHow.ts';
import { isOnePiece } from './mostPieces.ts';
import { Bench, unitOf } from './tests/bench.ts';
import { sets } from './tests/settingBench.ts';

describe('the slot of a split pin', () => {
  const howOf = (unit: ReturnType<typeof unitOf>) => {
    const { axis } = new Bench(unit, 'overhaul');
    const nut = axis.stations.find(({ kind }) => kind === 'nut')!;
    return lockHow(axis, { ...nut, lock: 'splitPin' });
  };

  // Common practice, no source: a nut that sets end play goes back to a slot, one that sets preload stays within its torque.
  test('should be reached backwards where the nut sets the end play, and by the reading where it sets the preload', () => {
    const hub = sets(unitOf('hubFlange'), 'endPlay');
    const bare = {
      ...hub,
      axes: hub.axes.map((axis) => ({
        ...axis,
        stations: axis.stations.filter(({ kind }) => kind !== 'spacer' && kind !== 'shimSite'),
      })),
    };
    expect(howOf(bare)).toMatch(/turn it back to the next one, never on/);
    expect(howOf(unitOf('pinionSleeve'))).toMatch(/rolling torque is within its limits/);
    expect(howOf(unitOf('pinionSleeve'))).not.toMatch(/turn it back to/);
    expect(howOf(unitOf('coneSpacerShims'))).toMatch(/only clamps: .*never by slackening/);
  });
});

test('one piece lies where something turns on it, unless a stack is described', () => {
  const site = (place: 'fillsThrustGap' | 'underCoverFlange', pieces?: 'several' | 'single') => {
    const station = new Bench(unitOf('coverShims')).axis.stations.find(
      ({ kind }) => kind === 'shimSite',
    )!;
    return isOnePiece({ ...station, place, ...(pieces === undefined ? {} : { pieces }) });
  };
  expect([site('fillsThrustGap'), site('fillsThrustGap', 'several')]).toEqual([true, false]);
  expect([site('underCoverFlange'), site('underCoverFlange', 'single')]).toEqual([false, true]);
});
