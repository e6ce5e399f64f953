import type { Station, Unit } from '../unit/index.ts';
import { compilePlan } from './compilePlan.ts';
import { Bench, unitOf } from './tests/bench.ts';
import { complete } from './tests/planOf.ts';

const locked = (lock: Station['lock']): Unit => {
  const unit = complete(unitOf('coverShims'));
  return {
    ...unit,
    axes: unit.axes.map((axis) => ({
      ...axis,
      stations: axis.stations.map((one): Station =>
        one.kind === 'bolts' && lock !== undefined ? { ...one, lock } : one,
      ),
    })),
  };
};
const timed = (bench: Bench) =>
  compilePlan(bench.state)
    .steps.filter(({ beside }) => beside.includes('workingTime'))
    .map(({ id }) => id);

describe('the working time of what is put on', () => {
  test('should be asked where threadlocker goes on, and nowhere for another lock', () => {
    expect(timed(new Bench(locked('threadlocker'), 'overhaul'))).toEqual(['prepare:bolts']);
    expect(timed(new Bench(locked('lockWire'), 'overhaul'))).toEqual([]);
  });

  test('should be asked where a ring goes in with compound', () => {
    const spun = (unit: Unit) =>
      new Bench(unit, 'overhaul').record({
        type: 'InspectionDecided',
        data: { targetId: 'bearing-left', verdict: 'repair', repair: 'compound', reason: 'Spun' },
      });
    expect(timed(spun(complete(unitOf('crankcaseHalves'))))).toContain('seatOuter:bearing-left');
    // A cup that slides is coated as it goes in.
    const laid = compilePlan(spun(locked('lockWire')).state).steps.find(
      ({ id }) => id === 'layOuter:bearing-left',
    )!;
    expect(laid.how).toMatch(/Coat both, cold/u);
  });

  test('should run by a clock of its fastener, and of nothing that is not there', () => {
    const start = (targetId: string) =>
      new Bench(locked('threadlocker'), 'overhaul').record({
        type: 'ClockStarted',
        data: { clockId: 'c', kind: 'compound', targetId, seconds: 240 },
      }).state.heating.clocks;
    expect(start('bolts')).toMatchObject([{ kind: 'compound', targetId: 'bolts', seconds: 240 }]);
    expect(start('case')).toEqual([]);
  });
});
