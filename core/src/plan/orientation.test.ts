import { opposite, UNIT_TEMPLATES, type Unit } from '../unit/index.ts';
import { randomUnit, drawsFrom } from '../draws/index.ts';
import { compilePlan } from './compilePlan.ts';
import { stepPicture } from './stepPicture.ts';
import { Bench, unitOf } from './tests/bench.ts';

/** Every bearing tight on both its rings, with its markings described: each ring has a step of its own. */
const described = (unit: Unit): Unit => ({
  ...unit,
  axes: unit.axes.map((axis) => ({
    ...axis,
    stations: axis.stations.map((station) =>
      ['taperedRoller', 'cylindricalRoller', 'ballBearing'].includes(station.kind)
        ? { ...station, tightRing: 'both', lettering: 'left', innerLettering: 'right' }
        : station,
    ),
  })),
});

/** Steps at which a face is said to lead or to look at the driver, with the side from which the picture has the piece come. */
function facesOf(unit: Unit) {
  const { state } = new Bench(unit, 'overhaul');
  const { steps } = compilePlan(state);
  return steps.flatMap((step) => {
    const from = stepPicture(state, step, steps)?.stations.find(
      ({ station }) => station.id === step.stationId,
    )?.side;
    return step.orientation
      .filter(({ to }) => to !== null && from != null)
      .map(({ feature, side, to }) => ({ step: step.id, feature, side, to, from: from! }));
  });
}

describe('the faces of a ring that goes in', () => {
  test.each(UNIT_TEMPLATES)('should be named in %s as the picture has it go', (template) => {
    for (const { side, to, from } of facesOf(described(unitOf(template))))
      expect(to).toBe(side === opposite(from) ? 'leads' : 'faces');
  });

  test('should be named so in units that nobody designed', () => {
    let named = 0;
    for (let seed = 1; seed <= 120; seed += 1)
      for (const { side, to, from } of facesOf(described(randomUnit(drawsFrom(seed))))) {
        named += 1;
        expect(to).toBe(side === opposite(from) ? 'leads' : 'faces');
      }
    expect(named).toBeGreaterThan(20);
  });

  // Common practice, no source: a cone drawn up by the nut has its back to the nut, one at the pinion’s head to the head.
  test('should have the back of a nut-side cone look at the driver, and that of a head-side cone lead', () => {
    const backs = facesOf(described(unitOf('pinionSleeve'))).filter(({ feature }) =>
      feature.startsWith('Back face'),
    );
    expect(backs).toMatchObject([
      { step: 'seatInner:bearing-left', to: 'leads' },
      { step: 'seatInner:bearing-right', to: 'faces' },
    ]);
  });
});
