import fc from 'fast-check';

import { InputError } from '../faults/index.ts';
import { adjusterPlay } from './adjusterPlay.ts';
import { bevelBacklash } from './bevelBacklash.ts';
import { carrierSplit } from './carrierSplit.ts';
import { GAIN_TABLE, type Arrangement, type ShimPlace } from './gainTable.ts';
import { LOAD_PATH } from './loadPath.ts';
import { termGain, termShift, type PlayTermKind } from './playTerms.ts';
import { shimGain } from './shimGain.ts';
import { trialGain } from './trialGain.ts';

/**
 * An independent model: rigid parts on a line, x to the right. Each arrangement gives, for a thickness t at
 * a place, where the two cups and the two cones stand when the shaft is pushed fully left and fully right;
 * the end play is the difference of the shaft's two positions. Nothing of the gain table is used.
 *
 * Face to face: the left cup stops the shaft moving left, the right cup stops it moving right.
 * Back to back: the left cup stops the shaft moving right, the right cup stops it moving left.
 */
interface Chain {
  /** Axial places of the cup tracks in the housing. */
  readonly cupLeft: number;
  readonly cupRight: number;
  /** Axial places of the cone tracks on the shaft, measured from a mark on the shaft. */
  readonly coneLeft: number;
  readonly coneRight: number;
}

const BASE: Chain = { cupLeft: 0, cupRight: 100, coneLeft: 0.3, coneRight: 99.7 };

function faceToFacePlay({ cupLeft, cupRight, coneLeft, coneRight }: Chain): number {
  const leftmost = cupLeft - coneLeft;
  const rightmost = cupRight - coneRight;
  return rightmost - leftmost;
}

/** Cones outside the cups: the shaft's mark can move right until the left cone meets the left cup, and so on. */
function backToBackPlay({ cupLeft, cupRight, coneLeft, coneRight }: Chain): number {
  const rightmost = cupLeft - coneLeft;
  const leftmost = cupRight - coneRight;
  return rightmost - leftmost;
}

/** What a thickness t does to the chain, from the drawing of each place. */
const EFFECTS: Readonly<Record<string, (t: number) => Chain>> = {
  'faceToFace underCoverFlange': (t) => ({ ...BASE, cupRight: BASE.cupRight + t }),
  'faceToFace outboardOfCup': (t) => ({ ...BASE, cupRight: BASE.cupRight - t }),
  'faceToFace betweenShoulderAndCone': (t) => ({ ...BASE, coneRight: BASE.coneRight + t }),
  'faceToFace betweenClampedCups': (t) => ({ ...BASE, cupRight: BASE.cupRight + t }),
  'faceToFace betweenConeBacks': (t) => ({ ...BASE, coneRight: BASE.coneRight + t }),
  'faceToFace adjusterCupInwards': (t) => ({ ...BASE, cupRight: BASE.cupRight - t }),
  'backToBack betweenClampedCones': (t) => ({ ...BASE, coneRight: BASE.coneRight + t }),
  // The cup back rests on a shoulder between the bearings: a shim there moves the cup outwards.
  'backToBack behindCupInHousing': (t) => ({ ...BASE, cupRight: BASE.cupRight + t }),
  'backToBack betweenCups': (t) => ({ ...BASE, cupRight: BASE.cupRight + t }),
  'backToBack behindHeadCone': (t) => ({
    ...BASE,
    coneLeft: BASE.coneLeft + t,
    coneRight: BASE.coneRight + t,
  }),
  'backToBack outsideClampingNut': () => BASE,
  'faceToFace gearSleeve': (t) => ({ ...BASE, coneRight: BASE.coneRight + t }),
  'backToBack gearSleeve': (t) => ({ ...BASE, coneRight: BASE.coneRight + t }),
  'faceToFace besideRetainedGear': () => BASE,
  'backToBack besideRetainedGear': () => BASE,
  'backToBack adjusterNutInwards': (t) => ({ ...BASE, coneRight: BASE.coneRight - t }),
};

function playOf(arrangement: Arrangement, place: ShimPlace, t: number): number {
  // A gap of 10 mm between faces, filled; a washer beside a retained gear stands clear of it.
  if (arrangement === 'plainThrust') return 10 - (9.7 + (place === 'besideRetainedGear' ? 0 : t));
  const chain = EFFECTS[`${arrangement} ${place}`]!(t);
  return arrangement === 'faceToFace' ? faceToFacePlay(chain) : backToBackPlay(chain);
}

describe('the gain table', () => {
  test.each(GAIN_TABLE.map((row) => [row.arrangement, row.place, row.gain] as const))(
    'should agree with a chain of rigid parts: %s, %s, gain %d',
    (arrangement, place, gain) => {
      const t = 0.2;
      const found = (playOf(arrangement, place, t) - playOf(arrangement, place, 0)) / t;
      expect(found).toBeCloseTo(gain, 9);
    },
  );

  test('should give a gear on its sleeve the side clearance that the chain of its shaft has', () => {
    // Gear of width 20 between two faces: a sleeve of 20.1 carries it, a washer of 1 fills one side of 21.3.
    const clearance = (place: ShimPlace, t: number) =>
      place === 'gearSleeve'
        ? 20.1 + t - 20
        : place === 'besideRetainedGear'
          ? 21.3 - 20 - (1 + t)
          : 0;
    for (const { place, sideGain } of GAIN_TABLE)
      expect((clearance(place, 0.2) - clearance(place, 0)) / 0.2).toBeCloseTo(sideGain, 9);
  });

  test('should say in words which way each goes', () => {
    for (const { gain, effect } of GAIN_TABLE)
      expect(effect).toMatch({ '1': /more play/, '-1': /less play/, '0': /stays/ }[String(gain)]!);
  });

  test('should have a load path for each arrangement', () => {
    for (const { arrangement } of GAIN_TABLE) expect(LOAD_PATH[arrangement]).toContain('→');
  });

  test('should refuse a place that the arrangement does not have, and list those it has', () => {
    expect(() => shimGain('backToBack', 'underCoverFlange')).toThrow(/betweenClampedCones/);
    expect(() => shimGain('sideways' as Arrangement, 'underCoverFlange')).toThrow(InputError);
  });
});

describe('threaded adjusters', () => {
  test('should take lead × turn out of the play when screwed inwards', () => {
    expect(adjusterPlay({ lead: 1.5, clockwiseAngle: 24, hand: 'right' })).toBeCloseTo(-0.1, 12);
    expect(adjusterPlay({ lead: 1.5, clockwiseAngle: 24, hand: 'left' })).toBeCloseTo(0.1, 12);
    expect(adjusterPlay({ lead: 2, clockwiseAngle: 0, hand: 'right' })).toBe(0);
  });

  test('should name the field it cannot use', () => {
    expect(() => adjusterPlay({ lead: 0, clockwiseAngle: 1, hand: 'right' })).toThrow(/lead is 0/);
    expect(() => adjusterPlay({ lead: 1, clockwiseAngle: 1, hand: 'odd' as 'left' })).toThrow(
      /hand/,
    );
  });
});

describe('bevel backlash', () => {
  // common practice, no source: backlash moves about 0.7 of the ring gear's shift; usual angles give 0.56 to 0.98
  test('should lie where the trade finds it', () => {
    for (const pressureAngle of [16, 20, 22.5])
      for (const spiralAngle of [25, 35])
        for (const ringPitchAngle of [68, 76]) {
          const { meanCircumferential } = bevelBacklash({
            pressureAngle,
            spiralAngle,
            ringPitchAngle,
            heelRatio: 1.15,
          });
          expect(meanCircumferential).toBeGreaterThan(0.56);
          expect(meanCircumferential).toBeLessThan(0.99);
        }
  });

  test('should follow from the inclination of the flank, worked by hand', () => {
    // straight teeth, 20°, flat crown (Γ → 90° not allowed, so 60°): 2·tan 20°·sin 60° = 0.630 415
    const factor = bevelBacklash({
      pressureAngle: 20,
      spiralAngle: 0,
      ringPitchAngle: 60,
      heelRatio: 1.25,
    });
    expect(factor.meanCircumferential).toBeCloseTo(0.630415, 5);
    expect(factor.heelCircumferential).toBeCloseTo(0.788018, 5);
    expect(factor.normal).toBeCloseTo(0.592396, 5);
  });

  test('should refuse angles no gear has', () => {
    expect(() =>
      bevelBacklash({ pressureAngle: 45, spiralAngle: 0, ringPitchAngle: 60, heelRatio: 1 }),
    ).toThrow(/pressureAngle/);
  });
});

describe('what differs between trial and final build', () => {
  /** The play of rigid chains, cup backs and cone backs where the arrangement has them. mm. */
  const chain = ({ gasket = 0.3, t1 = 20, t2 = 20, b1 = 18, b2 = 18, spacer = 60 }) => ({
    faceToFace: 100.2 + gasket - 60 - t1 - t2,
    // Cone backs are b1 + spacer + b2 apart, cup backs 56.1 on the shoulders between them.
    backToBack: b1 + spacer + b2 - t1 - t2 - 55.9,
  });

  test('should move the play as the chain of rigid parts does', () => {
    const moved = (change: Parameters<typeof chain>[0], arrangement: 'faceToFace' | 'backToBack') =>
      chain(change)[arrangement] - chain({})[arrangement];
    for (const arrangement of ['faceToFace', 'backToBack'] as const) {
      const shift = (kind: PlayTermKind, trial: number, final: number) =>
        termShift(arrangement, [{ kind, trial, final, uncertainty: 0 }]).shift;
      expect(shift('gasket', 0.3, 0.5)).toBeCloseTo(moved({ gasket: 0.5 }, arrangement), 9);
      expect(shift('bearingHeight', 20, 20.13)).toBeCloseTo(moved({ t1: 20.13 }, arrangement), 9);
      expect(shift('mockUpBearing', 20, 19.9)).toBeCloseTo(moved({ t2: 19.9 }, arrangement), 9);
      expect(shift('coneWidth', 18, 18.07)).toBeCloseTo(moved({ b1: 18.07 }, arrangement), 9);
      expect(shift('clampTorque', 0, 0.024)).toBeCloseTo(
        moved({ spacer: 60 - 0.024 }, arrangement) * (arrangement === 'backToBack' ? 1 : 0),
        9,
      );
    }
  });

  test('should add up, uncertainties in quadrature', () => {
    const term = (kind: PlayTermKind, by: number, uncertainty: number) => ({
      kind,
      trial: 1,
      final: 1 + by,
      uncertainty,
    });
    const { shift, uncertainty } = termShift('faceToFace', [
      term('gasket', 0.2, 0.003),
      term('bearingHeight', 0.05, 0.004),
      term('coneWidth', 0.9, 0.5),
    ]);
    expect(shift).toBeCloseTo(0.15, 9);
    expect(uncertainty).toBeCloseTo(0.005, 9);
    expect(termShift('plainThrust', [])).toEqual({ shift: 0, uncertainty: 0 });
    expect(() => termShift('faceToFace', [term('gasket', -2, 0)])).toThrow(/terms\[0\].final/);
    expect(() => termGain('faceToFace', 'odd' as 'gasket')).toThrow(/kind/);
  });
});

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

describe('gain from two trial builds', () => {
  test('should be the slope', () => {
    expect(trialGain({ thickness: 1, endPlay: 0.1 }, { thickness: 1.2, endPlay: 0.3 })).toBeCloseTo(
      1,
      9,
    );
    expect(
      trialGain({ thickness: 1, endPlay: 0.3 }, { thickness: 1.25, endPlay: 0.05 }),
    ).toBeCloseTo(-1, 9);
  });

  test('should refuse packs that hardly differ, and slopes that shims cannot give', () => {
    expect(() =>
      trialGain({ thickness: 1, endPlay: 0.1 }, { thickness: 1.04, endPlay: 0.2 }),
    ).toThrow(/trials\[1\].thickness/);
    expect(
      trialGain({ thickness: 1, endPlay: 0.1 }, { thickness: 1.05, endPlay: 0.15 }),
    ).toBeCloseTo(1, 6);
    expect(() =>
      trialGain({ thickness: 1, endPlay: 0.1 }, { thickness: 1.1, endPlay: 0.3 }),
    ).toThrow(/measure both builds again/);
  });
});
