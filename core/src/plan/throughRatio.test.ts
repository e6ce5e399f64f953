import { type Unit } from '../unit/index.ts';
import { Bench, unitOf } from './tests/bench.ts';
import { rollingVerdict } from './torqueProgress.ts';

describe('a carrier that is read at the pinion', () => {
  test('should be what is over the pinion’s own torque, turned up by the ratio', () => {
    const pinion = unitOf('pinionSleeve');
    const carrier = {
      ...unitOf('carrierOutboard').axes[0]!,
      id: 'carrier',
      sets: ['rollingTorque'] as const,
    };
    const unit: Unit = {
      ...pinion,
      parts: [...pinion.parts, { ...pinion.parts[0]!, id: 'carrier' }],
      axes: [
        pinion.axes[0]!,
        { ...carrier, stations: carrier.stations.map((one) => ({ ...one, id: `c-${one.id}` })) },
      ],
    };
    const bench = new Bench(unit, 'overhaul').band('rollingTorque', 0.7, 1.1);
    bench.record({
      type: 'SpecSet',
      data: {
        specId: 'c',
        axisId: 'carrier',
        kind: 'rollingTorque',
        band: { lower: 1, upper: 2, target: null },
        source: 'book',
        through: { axisId: 'axis', ratio: 4 },
      },
    });
    const carrierAxis = () => bench.state.unit!.axes[1]!;
    bench
      .torque(1.5, { axisId: 'carrier', stage: 'final' })
      .torque(1.5, { axisId: 'carrier', stage: 'final' });
    expect(rollingVerdict(bench.state, carrierAxis(), 'final')).toBeNull();
    bench.torque(1.1, { stage: 'final' }).torque(1.1, { stage: 'final' });
    expect(rollingVerdict(bench.state, carrierAxis(), 'final')).toMatchObject({
      total: expect.closeTo(1.5, 9),
      bearings: expect.closeTo(1.6, 9),
      decision: { word: 'conforms' },
    });
    bench
      .torque(2.2, { axisId: 'carrier', stage: 'final' })
      .torque(2.2, { axisId: 'carrier', stage: 'final' });
    expect(rollingVerdict(bench.state, carrierAxis(), 'final')).toMatchObject({
      bearings: expect.closeTo(4.4, 9),
      decision: { word: 'doesNotConform', limit: 'upper' },
    });
  });
});
