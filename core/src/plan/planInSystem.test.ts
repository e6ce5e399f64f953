import { UNIT_TEMPLATES, type Unit } from '../unit/index.ts';
import { planInSystem } from './planInSystem.ts';
import { readState } from './readJob.ts';
import { Bench, unitOf } from './tests/bench.ts';

/** A quantity of the metric system in a sentence. */
const METRIC = /\d\s?(?:mm|µm|°C|kN|N·m|MPa|kg)(?![\w·/²³])/u;

describe('a plan in the units of a screen', () => {
  test.each(UNIT_TEMPLATES)(
    'should keep no metric sentence for %s on an inch screen',
    (template) => {
      const { state } = new Bench(unitOf(template), 'overhaul');
      const reading = readState(state);
      const { plan, next } = planInSystem(reading, 'inch');
      for (const { id, how, reason, figures, tools, consumables } of plan.steps) {
        const texts = figures.flatMap((one) => [
          one.name,
          one.source,
          ...(one.form === 'text' ? [one.text] : []),
        ]);
        for (const text of [how, reason, ...tools, ...consumables, ...texts])
          expect([id, text, METRIC.test(text)]).toEqual([id, text, false]);
      }
      expect(plan.steps.map(({ id }) => id)).toEqual(reading.plan.steps.map(({ id }) => id));
      expect(plan.steps).toContain(plan.next);
      if ('step' in next) expect(plan.steps).toContain(next.step);
      expect(planInSystem(reading, 'metric').plan).toBe(reading.plan);
    },
  );

  test('should keep what people typed as they typed it', () => {
    const unit = unitOf('crankcaseHalves');
    const [axis] = unit.axes;
    const named: Unit = {
      ...unit,
      axes: [
        {
          ...axis!,
          stations: axis!.stations.map((one) =>
            one.id === 'bearing-left' ? { ...one, name: 'Ring 62 mm (old)' } : one,
          ),
        },
      ],
    };
    const bench = new Bench(named, 'overhaul').record({
      type: 'SpecSet',
      data: {
        specId: 's',
        axisId: axis!.id,
        kind: 'endPlay',
        band: { lower: 0.1, upper: 0.18, target: null },
        source: 'Manual page 3: 0.10 mm to 0.18 mm',
      },
    });
    const told = JSON.stringify(planInSystem(readState(bench.state), 'inch').plan);
    expect(told).toContain('Ring 62 mm (old)');
    expect(told).toContain('Manual page 3: 0.10 mm to 0.18 mm');
    expect(told).not.toContain('Ring 2.44 in');
  });

  test('should have had some to rewrite', () => {
    const { state } = new Bench(unitOf('crankcaseHalves'), 'overhaul');
    const { plan } = readState(state);
    expect(JSON.stringify(plan)).toMatch(METRIC);
  });
});
