import fc from 'fast-check';
import { spacerProgress } from '../plan/index.ts';
import { virtualRolling } from './virtualRolling.ts';
import { BANDS, VirtualJob, inBand, seeds } from './tests/virtualBench.ts';

describe('a wrench on a virtual build', () => {
  const PRELOAD = [-0.07, -0.05] as const;

  test('should read in band once the spacer has the length that was worked out, and nothing but the seal before', () => {
    fc.assert(
      fc.property(seeds, (seed) => {
        const job = new VirtualJob('pinionSolid', seed, ['endPlay', 'rollingTorque'])
          .band('endPlay', PRELOAD)
          .band('rollingTorque', BANDS.rollingTorque, { sealDrag: 'included' });
        job.record({
          type: 'SpacerFitted',
          data: { stationId: 'spacer', length: 60, uncertainty: 0.001, trial: true },
        });
        fc.pre(job.play('endPlay', 'trial') > 0.02);
        const loose = job.rolling();
        expect(loose).toBeLessThan(0.55);
        expect(job.rolling(1, 0)).toBeCloseTo(loose, 1);
        expect(job.rolling(0)).toBeGreaterThan(loose);
        job.run('endPlay', 'trial');
        const { answer } = spacerProgress(job.state, job.axis)!;
        if (answer?.status !== 'known') throw new Error('not known');
        job.record({
          type: 'SpacerFitted',
          data: { stationId: 'spacer', length: answer.wanted, uncertainty: 0.001, trial: false },
        });
        expect(inBand(job.rolling(), 'rollingTorque')).toBe(true);
      }),
      { numRuns: 40 },
    );
  });

  test('should read on a torque-only spacer what its preload gives, shorter being tighter', () => {
    const job = new VirtualJob('pinionSolid', 5, ['rollingTorque']).band('rollingTorque');
    const at = (length: number) =>
      job
        .record({
          type: 'SpacerFitted',
          data: { stationId: 'spacer', length, uncertainty: 0.001, trial: true },
        })
        .rolling();
    const loose = at(60);
    const torques = [59.7, 59.6, 59.5].map(at);
    expect(torques[0]).toBeGreaterThan(loose);
    expect(torques).toEqual(torques.toSorted((a, b) => a - b));
  });

  test('should read what the bearings take where nothing is set, and the carrier’s share at the pinion', () => {
    const job = new VirtualJob('thrustWasher', 3, ['rollingTorque']).band('rollingTorque');
    expect(job.rolling()).toBeCloseTo(0.9, 1);
    expect(new VirtualJob('thrustWasher', 3, []).rolling()).toBeCloseTo(1, 1);
    job.band('rollingTorque', [4, 8]);
    const carrier = { ...job.axis, id: 'carrier' };
    const through = {
      ...job.state,
      specs: [
        ...job.state.specs.map((spec) => ({
          ...spec,
          axisId: 'carrier',
          through: { axisId: 'axis', ratio: 4 },
        })),
        {
          specId: 'p',
          axisId: 'axis',
          kind: 'rollingTorque' as const,
          band: { lower: 0.8, upper: 1, target: null },
          source: '',
        },
      ],
    };
    // 0.9 of the pinion's own, and (4 + 8)/2 of the carrier by 4.
    const read = virtualRolling(
      through,
      { axis: carrier, angle: null, seed: 3, playSeed: 3 },
      1,
      0.001,
    );
    expect(Math.abs(read - 2.4)).toBeLessThan(0.15);
  });
});
