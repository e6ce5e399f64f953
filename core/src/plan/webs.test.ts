import type { Unit } from '../unit/index.ts';
import { compilePlan } from './compilePlan.ts';
import { orientationOf } from './rules/orientation.ts';
import { complete, HABITS, reel, Bench } from './tests/planOf.ts';

/** Halves with a crank whose webs have a gap. */
function crank(): Unit {
  const unit = complete(reel('crankcaseHalves', '6205', '6206'));
  return {
    ...unit,
    axes: unit.axes.map((axis) => ({
      ...axis,
      stations: axis.stations.map(({ webGap: _none, ...one }, at, all) =>
        one.kind === 'shaftStep' && all.findIndex(({ kind }) => kind === 'shaftStep') === at
          ? { ...one, webGap: 12 }
          : one,
      ),
    })),
  };
}
const sizes = (bench: Bench, stationId: string, feature: 'webGap' | 'webGapAfter', value: number) =>
  ['outer-0', 'outer-60', 'outer-120'].forEach((place) =>
    bench.record({
      type: 'SizeMeasured',
      data: { stationId, feature, place, value, typed: null, instrument: HABITS.instrument },
    }),
  );

describe('a crank', () => {
  test('should have its webs supported before a ring goes on, and measured after', () => {
    const bench = new Bench(crank());
    const { steps } = compilePlan(bench.state);
    const ids = steps.map(({ id }) => id);
    const support = ids.find((id) => id.startsWith('supportWebs:'))!;
    const check = ids.find((id) => id.startsWith('checkWebs:'))!;
    const inner = steps.filter(({ rule }) => rule === 'seatInner').map(({ id }) => id);
    expect(inner.length).toBeGreaterThan(0);
    for (const id of inner) {
      expect(ids.indexOf(support)).toBeLessThan(ids.indexOf(id));
      expect(ids.indexOf(check)).toBeGreaterThan(ids.indexOf(id));
    }
    const stationId = support.split(':')[1]!;
    sizes(bench, stationId, 'webGap', 12.02);
    const figure = (step: string, name: string) =>
      compilePlan(bench.state)
        .steps.find(({ id }) => id === step)!
        .figures.find((one) => one.name === name);
    expect(figure(support, 'Spacer between the webs')).toMatchObject({
      least: expect.closeTo(11.97, 9),
      most: 12.02,
    });
    sizes(bench, stationId, 'webGapAfter', 12.01);
    expect(figure(check, 'Webs closed by')).toMatchObject({ word: 'conforms' });
    sizes(bench, stationId, 'webGapAfter', 11.9);
    expect(figure(check, 'Webs closed by')).toMatchObject({ word: 'doesNotConform' });
    expect(figure(check, 'So')).toBeDefined();
  });

  test('should be parted from its half by the heat at which every ring lets go', () => {
    const bench = new Bench(crank());
    const lift = () => compilePlan(bench.state).steps.find(({ rule }) => rule === 'liftOff')!;
    const names = () => lift().figures.map(({ name }) => name);
    expect(names()).toContain('Usual heat, the fits are not known');
    const part = lift().partId!;
    for (const { id } of bench.state.unit!.axes[0]!.stations.filter(
      ({ kind, partId }) => kind === 'ballBearing' && partId === part,
    ))
      ['outer-0', 'outer-60', 'outer-120'].forEach((place) =>
        bench.record({
          type: 'SizeMeasured',
          data: {
            stationId: id,
            feature: 'bore',
            place,
            value: bench.state.unit!.axes[0]!.stations.find((one) => one.id === id)!.outside - 0.02,
            typed: null,
            instrument: HABITS.instrument,
          },
        }),
      );
    expect(lift().figures.find(({ name }) => name === 'Warm it to')).toMatchObject({
      quantity: 'temperature',
    });
  });
});

describe('which way round', () => {
  const taper = {
    id: 't',
    kind: 'taperedRoller',
    name: 't',
    at: 0,
    width: 16,
    inside: 25,
    outside: 52,
    partId: 'case',
  } as const;

  test('should be told of the ring that goes in, by the way that it moves', () => {
    // The shaft pushes the cup to the left: its back face is on the left, the cone's on the right (ISO 355).
    const bearing = { ...taper, thrust: 'left', wayIn: 'right', radius: 'right' } as const;
    expect(orientationOf(bearing, 'outer')).toEqual([
      { feature: 'Thick back face of the cup', side: 'left', to: 'faces' },
      { feature: 'Fitted towards', side: 'right', to: null },
    ]);
    // Pushed to the right against a shoulder its back face leads; from the nut's side it looks at the driver.
    expect(orientationOf(bearing, 'inner', 'right')).toEqual([
      { feature: 'Back face of the cone', side: 'right', to: 'leads' },
      { feature: 'Large radius', side: 'right', to: 'leads' },
    ]);
    expect(orientationOf(bearing, 'inner', 'left')).toEqual([
      { feature: 'Back face of the cone', side: 'right', to: 'faces' },
      { feature: 'Large radius', side: 'right', to: 'faces' },
    ]);
    expect(orientationOf(bearing, 'inner')[0]).toMatchObject({ to: null });
    const described = { ...bearing, innerWayIn: 'left', innerLettering: 'right' } as const;
    expect(orientationOf(described, 'inner')).toContainEqual({
      feature: 'Markings of the inner ring face',
      side: 'right',
      to: 'faces',
    });
  });

  test('should keep one way in for what is in one piece, and say nothing that is not known', () => {
    const ball = { ...taper, kind: 'ballBearing', lettering: 'left', wayIn: 'left' } as const;
    expect(orientationOf(ball, 'inner')[0]).toMatchObject({ to: 'leads' });
    expect(orientationOf({ ...taper, lettering: 'left' })).toEqual([
      { feature: 'Markings face', side: 'left', to: null },
    ]);
  });
});
