import fc from 'fast-check';

import { withUncertainty } from '../job/index.ts';
import { Recorder } from '../job/tests/recorder.ts';
import {
  adjusterProgress,
  jointQuestion,
  packQuestion,
  playSite,
  playVerdict,
  spacerProgress,
} from '../plan/index.ts';
import { jointPacks, proposePack } from '../shims/index.ts';
import type { FigureKind } from '../figures/index.ts';
import { unitFromTemplate, type Axis, type UnitTemplate } from '../unit/index.ts';
import { virtualPlay } from './virtualPlay.ts';
import { virtualRolling } from './virtualRolling.ts';

const DIAL = { id: 'd', name: 'd', graduation: 0.001, calibrationUncertainty: 0.0005, range: 10 };
const BANDS: Readonly<Partial<Record<FigureKind, readonly [number, number]>>> = {
  endPlay: [0.1, 0.18],
  sideClearance: [0.15, 0.25],
  rollingTorque: [0.7, 1.1],
  backlash: [0.1, 0.2],
};
const STOCK = [0.01, 0.02, 0.05, 0.1, 0.15, 0.2, 0.3, 0.5, 1].map((thickness) => ({
  id: `s${thickness}`,
  thickness,
  count: 4,
  uncertainty: 0.0005,
}));
const end = { designation: null, family: null, dimensions: { bore: 30, outside: 62, width: 16 } };

/** A job on a virtual build: what is read is what the build truly has, to the graduation of the dial. */
class VirtualJob extends Recorder {
  constructor(
    template: UnitTemplate,
    private readonly seed: number,
    sets?: Axis['sets'],
    change: object = {},
  ) {
    const made = unitFromTemplate(template, { name: 'x', left: end, right: end, span: 60 });
    const axes = made.axes.map((axis) => ({
      ...axis,
      sets: sets ?? axis.sets,
      stations: axis.stations.map((one) =>
        ['adjuster', 'shimSite'].includes(one.kind) ? { ...one, ...change } : one,
      ),
    }));
    super({ ...made, axes }, 'setPlay');
  }
  band(kind: FigureKind, [lower, upper] = BANDS[kind]!, rest: object = {}): this {
    return this.record({
      type: 'SpecSet',
      data: {
        specId: kind,
        axisId: 'axis',
        kind,
        band: { lower, upper, target: null },
        source: '',
        ...rest,
      },
    });
  }
  found(thickness: number): this {
    for (const { id, kind } of this.axis.stations)
      if (kind === 'shimSite')
        this.record({
          type: 'PackRecorded',
          data: {
            siteId: id,
            pieces: [{ sizeId: 'found', thickness, quantity: 1, uncertainty: 0.0005 }],
          },
        });
    return this;
  }
  play(kind: 'endPlay' | 'sideClearance', stage: 'trial' | 'final'): number {
    return virtualPlay(this.state, { axis: this.axis, kind, stage, seed: this.seed });
  }
  run(kind: 'endPlay' | 'sideClearance', stage: 'trial' | 'final'): this {
    const play = Math.max(0, Math.round(this.play(kind, stage) * 1000) / 1000);
    return this.closedRun(kind, stage, DIAL, play);
  }
  fitProposed(): this {
    const site = playSite(this.axis)!;
    const question = packQuestion(this.state, playVerdict(this.state, 'endPlay')!, site, STOCK)!;
    return this.record({
      type: 'PackFitted',
      data: {
        siteId: site.id,
        pieces: withUncertainty(proposePack(question).packs[0]!.pieces, STOCK),
      },
    });
  }
  rolling(turn = 1, angle: number | null = null, axis = this.axis): number {
    return virtualRolling(
      this.state,
      { axis, angle, seed: this.seed, playSeed: this.seed },
      turn,
      0.001,
    );
  }
}
const inBand = (value: number, kind: FigureKind) =>
  value >= BANDS[kind]![0] && value <= BANDS[kind]![1];
const seeds = fc.integer({ min: 0, max: 1_000_000 });

describe('a virtual build that is set by the plan', () => {
  test.each([
    'coverShims',
    'coneSpacerShims',
    'thrustWasher',
    'crankcaseHalves',
    'needleThrustStack',
  ] as const)('should truly be in band with the first pack: %s', (template) => {
    fc.assert(
      fc.property(seeds, (seed) => {
        const job = new VirtualJob(template, seed)
          .band('endPlay')
          .found(0.6)
          .run('endPlay', 'trial');
        expect(inBand(job.play('endPlay', 'trial'), 'endPlay')).toBe(false);
        expect(inBand(job.fitProposed().play('endPlay', 'final'), 'endPlay')).toBe(true);
      }),
      { numRuns: 40 },
    );
  });

  test('should be in band with what differs at the end, and out of it without', () => {
    fc.assert(
      fc.property(seeds, fc.double({ min: 0.2, max: 0.4, noNaN: true }), (seed, gasket) => {
        const job = new VirtualJob('coverShims', seed).band('endPlay').found(0.9);
        job.record({
          type: 'PlayTermSet',
          data: {
            axisId: 'axis',
            termId: 't',
            name: 'paper',
            term: { kind: 'gasket', trial: 0, final: gasket, uncertainty: 0.001 },
            clamp: null,
          },
        });
        job.run('endPlay', 'trial').fitProposed();
        expect(inBand(job.play('endPlay', 'final'), 'endPlay')).toBe(true);
        expect(inBand(job.play('endPlay', 'trial'), 'endPlay')).toBe(false);
      }),
      { numRuns: 40 },
    );
  });

  test('should bring a shaft and the gear on it into their bands together', () => {
    fc.assert(
      fc.property(seeds, (seed) => {
        const job = new VirtualJob('retainedGear', seed)
          .band('endPlay')
          .band('sideClearance')
          .found(0.6)
          .run('endPlay', 'trial')
          .run('sideClearance', 'trial');
        const { choices, status } = jointPacks(jointQuestion(job.state, job.axis, STOCK)!);
        expect(status).toBe('found');
        for (const { siteId, pieces } of choices[0]!.packs)
          job.record({
            type: 'PackFitted',
            data: { siteId, pieces: withUncertainty(pieces, STOCK) },
          });
        expect(inBand(job.play('endPlay', 'final'), 'endPlay')).toBe(true);
        expect(inBand(job.play('sideClearance', 'final'), 'sideClearance')).toBe(true);
      }),
      { numRuns: 40 },
    );
  });

  test('should be found out by two builds where its place is not known', () => {
    fc.assert(
      fc.property(seeds, (seed) => {
        const job = new VirtualJob('coverShims', seed, undefined, { place: 'notKnown' })
          .band('endPlay')
          .found(0.6)
          .run('endPlay', 'trial');
        // Whichever way it works, the second build must leave play that can be read.
        const even = seed % 2 === 0;
        job.record({
          type: 'PackFitted',
          data: {
            siteId: 'shims',
            pieces: [
              { sizeId: 'x', thickness: even ? 0.7 : 0.5, quantity: 1, uncertainty: 0.0005 },
            ],
            trial: true,
          },
        });
        job.run('endPlay', 'trial').fitProposed();
        expect(inBand(job.play('endPlay', 'final'), 'endPlay')).toBe(true);
      }),
      { numRuns: 40 },
    );
  });

  test('should come to its play by the notches that are worked out', () => {
    fc.assert(
      fc.property(seeds, (seed) => {
        const job = new VirtualJob('carrierAdjusters', seed, ['endPlay'], { lead: 1, notches: 60 })
          .band('endPlay')
          .run('endPlay', 'trial');
        job.record({
          type: 'AdjusterTurned',
          data: { stationId: 'adjuster-left', angle: adjusterProgress(job.state, job.axis)!.set },
        });
        expect(inBand(job.play('endPlay', 'final'), 'endPlay')).toBe(true);
      }),
      { numRuns: 40 },
    );
  });
});

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
