import { InputError } from '../faults/index.ts';
import { GAIN_TABLE, type Arrangement, type ShimPlace } from './gainTable.ts';
import { LOAD_PATH } from './loadPath.ts';
import { shimGain } from './shimGain.ts';

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
  // A plate of 6 between two bearings of 4, clamped on a spacer of 14.3: what the spacer is longer than the three.
  if (place === 'pastFixedPlate') return 14.3 + t - (4 + 6 + 4);
  // A gap of 10 mm between faces, filled; a washer beside a retained gear stands clear of it.
  if (arrangement === 'plainThrust') return 10 - (9.7 + (place === 'besideRetainedGear' ? 0 : t));
  const chain = EFFECTS[`${arrangement} ${place}`]!(t);
  return arrangement === 'faceToFace' ? faceToFacePlay(chain) : backToBackPlay(chain);
}

describe('the gain table', () => {
  test('should name each place so that it can be said where a thickness goes', () => {
    for (const { place, words } of GAIN_TABLE.filter(({ place }) => !/^adjuster/u.test(place))) {
      expect({ place, words }).toMatchObject({
        words: expect.stringMatching(/^(?:under|outside|between|behind|through|beside) /u),
      });
      expect(words).not.toMatch(/ or |solid/u);
    }
  });

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
