import { compilePlan } from './compilePlan.ts';
import { Bench, unitOf } from './tests/bench.ts';
import { buildableUnit, howMany } from '../draws/index.ts';
import { findStation, isPressed, type Unit } from '../unit/index.ts';

const DRAWN = howMany('WENDAXIS_TRIALS', 24);

/** A crankcase whose bearings are balls, tight on both rings. */
function tightOnBoth(): Unit {
  const unit = unitOf('crankcaseHalves');
  return {
    ...unit,
    axes: unit.axes.map((axis) => ({
      ...axis,
      stations: axis.stations.map((one) =>
        one.id.startsWith('bearing')
          ? { ...one, kind: 'ballBearing' as const, tightRing: 'both' as const }
          : one,
      ),
    })),
  };
}

describe('a bearing that is tight on both rings', () => {
  const { steps } = compilePlan(new Bench(tightOnBoth(), 'overhaul').state);
  const at = (id: string) => steps.findIndex((step) => step.id === id);

  test.each(['bearing-left', 'bearing-right'])(
    'should be told by the ring it still sits by once its shaft is pressed out: %s',
    (bearing) => {
      const pull = steps[at(`pull:${bearing}`)]!;
      expect(at('takeOutShaft:shaft')).toBeLessThan(at(pull.id));
      expect(pull.how).toMatch(/on the outer ring only/u);
      expect(pull.how).not.toMatch(/shaft/u);
      expect(pull.tools).toEqual(['expanding puller or press and ring']);
      expect(pull.figures.map(({ name }) => name).filter((name) => name.includes('inner'))).toEqual(
        [],
      );
    },
  );

  test('should be told so in units that nobody designed, and by both rings while it is on its shaft', () => {
    let seen = 0;
    for (let seed = 1; seed <= DRAWN; seed += 1) {
      const { unit } = buildableUnit(seed);
      const { steps: all } = compilePlan(new Bench(unit, 'overhaul').state);
      for (const { id, rule, held, how, stationId } of all) {
        const station = stationId === null ? undefined : findStation(unit, stationId)?.station;
        if (rule !== 'pull' || station?.tightRing === undefined || isPressed(station)) continue;
        seen += 1;
        const [ring, ...more] = held;
        if (more.length > 0) continue;
        expect({ id, fits: station.tightRing === 'both' || station.tightRing === ring }).toEqual({
          id,
          fits: true,
        });
        expect({ id, how }).toMatchObject({ id, how: expect.stringContaining(`${ring} ring`) });
      }
    }
    expect(seen).toBeGreaterThan(DRAWN / 2);
  });
});
