import { USUAL_RANGE } from '@wendaxis/core/measure';
import { bandTarget } from '@wendaxis/core/measure';
import { proposePack, type PackAnswer, type ShimSize } from '@wendaxis/core/shims';
import { learnPlay, USUAL_GAIN_SPREAD, type PlayTry } from '@wendaxis/core/tries';

import { SEATING, tryOf, type Shop } from './shop.ts';

/** What is set, and what it is set from. */
export interface Kind {
  readonly name: string;
  readonly gain: 1 | -1;
  readonly band: { readonly lower: number; readonly upper: number; readonly target: null };
  readonly stock: readonly ShimSize[];
  readonly mostPieces: number;
}

const boxOf = (sizes: readonly number[]): readonly ShimSize[] =>
  sizes.map((thickness) => ({ id: `s${thickness}`, thickness, count: 4, uncertainty: 0.001 }));
const KIT = boxOf([0.05, 0.1, 0.15, 0.2, 0.25, 0.3, 0.4, 0.5, 0.8, 1]);
/** Spacers of one piece, ground in steps of 0.02. */
const SPACERS = boxOf(Array.from({ length: 31 }, (_, at) => Number((0.6 + 0.02 * at).toFixed(2))));
const WIDE = { lower: 0.1, upper: 0.18, target: null } as const;
const NARROW = { lower: 0.02, upper: 0.08, target: null } as const;

export const KINDS: readonly Kind[] = [
  { name: 'cover shims', gain: 1, band: WIDE, stock: KIT, mostPieces: 4 },
  { name: 'cone spacer of shims', gain: 1, band: NARROW, stock: KIT, mostPieces: 4 },
  { name: 'cone spacer of one piece', gain: 1, band: NARROW, stock: SPACERS, mostPieces: 1 },
  { name: 'thrust washers', gain: -1, band: WIDE, stock: KIT, mostPieces: 4 },
];

/** What came of a kind over its units. */
export interface KindTally {
  /** Units whose first pack the box could make so that it can be proven, and of any. */
  readonly fits: number;
  readonly first: number;
  readonly goes: number;
  readonly proven: number;
  readonly wrong: number;
  readonly byHand: number;
}

/** The pack that was in when the unit came, mm. */
const FOUND = 1;
/** Builds after which a shop gives up. */
const MOST_GOES = 5;

/** Units set until they are proven, or until nothing at hand comes nearer. */
export function tallyKind(kind: Kind, shop: Shop, units: number): KindTally {
  const { band, stock, gain } = kind;
  const within = (play: number): boolean => play >= band.lower && play <= band.upper;
  let [fits, first, goes, proven, wrong, byHand] = [0, 0, 0, 0, 0, 0];
  for (let unit = 0; unit < units; unit += 1) {
    const found = bandTarget(band) + shop.draw(60, 260) / 1000;
    const trueGain = gain * (1 + shop.world.gainError * (2 * shop.own(unit, 2) - 1));
    const seating = (): number => shop.world.scatter * SEATING * shop.normal();
    let [truth, pack, verdict] = [found, FOUND, shop.measure(found, unit, band)];
    const tries: PlayTry[] = [];
    for (let go = 1; go <= MOST_GOES && verdict !== null; go += 1) {
      tries.push(tryOf(verdict, pack));
      const answer = proposed(kind, tries);
      if (answer.status === 'nothingFits') break;
      const { thickness, pieceCount } = answer.packs[0]!;
      // Nothing at hand comes nearer than what is in: no build is made for that.
      if (go > 1 && Math.abs(thickness - pack) < 0.0005) break;
      const changed = thickness + 0.001 * Math.sqrt(pieceCount) * shop.normal() - pack;
      [truth, pack] = [truth + trueGain * changed + seating(), thickness];
      fits += go === 1 ? 1 : 0;
      first += go === 1 && within(truth) ? 1 : 0;
      goes += 1;
      verdict = shop.prove(truth, unit, band);
      if (verdict?.decision.word !== 'conforms') continue;
      proven += 1;
      wrong += within(truth) ? 0 : 1;
      break;
    }
    const wanted = (bandTarget(band) - shop.unguided(found, unit)) / gain;
    const moves = stock.flatMap(({ thickness }) =>
      kind.mostPieces === 1 ? [thickness - FOUND] : [0, thickness, -thickness],
    );
    const move = moves.toSorted((a, b) => Math.abs(a - wanted) - Math.abs(b - wanted))[0]!;
    byHand += within(found + trueGain * move + seating()) ? 1 : 0;
  }
  return { fits, first, goes, proven, wrong, byHand };
}

/** The pack by all builds so far, as it is asked on screen. */
function proposed({ gain, band, stock, mostPieces }: Kind, tries: readonly PlayTry[]): PackAnswer {
  const learned = learnPlay(tries, {
    gain,
    gainUncertainty: USUAL_GAIN_SPREAD,
    scatter: USUAL_RANGE,
  });
  const change = Math.abs((bandTarget(band) - learned.value) / learned.gain);
  return proposePack({
    endPlay: {
      value: learned.value,
      uncertainty: Math.hypot(learned.uncertainty, change * learned.gainUncertainty),
      degreesOfFreedom: null,
    },
    packInPlace: { thickness: tries.at(-1)!.thickness, uncertainty: 0.001 },
    gain: learned.gain,
    band,
    stock,
    mostPieces,
  });
}

/** Builds that are out of a band by up to one graduation, measured as they are: how many were let through. */
export function letThrough(
  { band }: Kind,
  shop: Shop,
  units: number,
): { readonly near: number; readonly through: number } {
  let [near, through] = [0, 0];
  for (let unit = 0; unit < units; unit += 1) {
    const off = shop.draw(0, 10_000) / 1_000_000;
    const verdict = shop.prove(unit % 2 === 0 ? band.upper + off : band.lower - off, unit, band);
    if (verdict === null) continue;
    near += 1;
    if (verdict.decision.word === 'conforms') through += 1;
  }
  return { near, through };
}
