import fc from 'fast-check';
import { withUncertainty } from '../job/index.ts';
import { adjusterProgress, jointQuestion } from '../plan/index.ts';
import { jointPacks } from '../shims/index.ts';
import { STOCK, VirtualJob, inBand, seeds } from './tests/virtualBench.ts';

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
