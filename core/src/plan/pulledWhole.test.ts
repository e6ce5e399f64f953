import { compilePlan } from './compilePlan.ts';
import { Bench, unitOf } from './tests/bench.ts';
import type { Unit } from '../unit/index.ts';

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
});
