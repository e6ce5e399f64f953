import fc from 'fast-check';
import { carrierSplit } from './carrierSplit.ts';

describe('the side-to-side split of a carrier', () => {
  /** A carrier between two cups: where it stands, and the backlash there. Nothing of the split is used. */
  const built = (gear: number, other: number, factor: number) => {
    const play = 3.4 - gear - other;
    const read = 0.1 + factor * (other - 1.4); // held against the other side's shims
    return { play, read, closed: read - (play < 0 ? (-play / 2) * factor : 0) };
  };

  test('should land on preload and backlash together', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.9, max: 1.7, noNaN: true }),
        fc.double({ min: 1.45, max: 1.65, noNaN: true }),
        fc.double({ min: 0.56, max: 0.98, noNaN: true }),
        (gear, other, factor) => {
          const { play, read } = built(gear, other, factor);
          fc.pre(play > 0 && read > 0);
          const split = carrierSplit({
            gearSide: gear,
            otherSide: other,
            play,
            preload: 0.15,
            backlash: read,
            target: 0.16,
            factor,
          });
          const after = built(split.gearSide, split.otherSide, factor);
          expect(after.play).toBeCloseTo(-0.15, 9);
          expect(after.closed).toBeCloseTo(0.16, 9);
        },
      ),
    );
  });

  test('should land there from either side it was held against, and from a preload that is there already', () => {
    const factor = 0.8;
    // The gear's place in the case, by springs of equal stiffness at both cups. Nothing of the split is used.
    const placed = (gear: number, other: number, held: 'gear' | 'other' | 'preload') => {
      const play = 3.2 - gear - other;
      const at = play > 0 ? (held === 'gear' ? other + play : other) : other - -play / 2;
      return { play, backlash: 0.1 + factor * (at - 1.3) };
    };
    for (const [gear, other, held] of [
      [1.4, 1.6, 'other'],
      [1.4, 1.6, 'gear'],
      [1.75, 1.62, 'preload'],
    ] as const) {
      const read = placed(gear, other, held);
      const split = carrierSplit({
        gearSide: gear,
        otherSide: other,
        preload: 0.12,
        target: 0.15,
        factor,
        held,
        ...read,
      });
      const after = placed(split.gearSide, split.otherSide, 'preload');
      expect(after.play).toBeCloseTo(-0.12, 9);
      expect(after.backlash).toBeCloseTo(0.15, 9);
    }
  });

  test('should refuse what no shim can do', () => {
    const good = {
      gearSide: 1,
      otherSide: 1,
      play: 0.1,
      preload: 0.1,
      backlash: 0.2,
      target: 0.15,
      factor: 0.7,
    };
    expect(() => carrierSplit({ ...good, backlash: 2 })).toThrow(/otherSide/);
    expect(() => carrierSplit({ ...good, factor: 0 })).toThrow(/factor/);
  });
});
