import { compilePlan } from './compilePlan.ts';
import { stationStates } from './stationStates.ts';
import { Bench, reel, complete } from './tests/planOf.ts';

describe('stations of a plan', () => {
  test('should stand as their steps stand, the fault before everything', () => {
    const unit = complete(reel('coverShims'));
    const bench = new Bench(unit);
    const faulty = {
      ...unit.axes[0]!.stations.find(({ id }) => id === 'bearing-left')!,
      inside: 99,
    };
    bench.record({ type: 'StationDescribed', data: { axisId: 'axis', station: faulty } });
    const plan = compilePlan(bench.state);
    expect(plan.next?.id).toBe('mend:bearing-left');
    expect(plan.steps.some(({ id }) => id === 'pullOuter:bearing-left')).toBe(false);
    expect(plan.steps.some(({ id }) => id === 'pullOuter:bearing-right')).toBe(true);
    expect(stationStates(plan)).toMatchObject({
      'bearing-left': 'fault',
      'bearing-right': 'waiting',
    });
    expect(stationStates(plan)['wall-left']).toBeUndefined();
  });

  test('should be done when everything on them is', () => {
    const states = stationStates(
      compilePlan(new Bench(complete(reel('thrustWasher'))).work().state),
    );
    expect(new Set(Object.values(states))).toEqual(new Set(['done']));
  });
});
