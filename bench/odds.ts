import { uniformInt } from 'pure-rand/distribution/uniformInt';
import { mersenne } from 'pure-rand/generator/mersenne';

import { judgeRun, type Band, type Cycle, type RunVerdict } from '@wendaxis/core/measure';
import { drawsFrom } from '@wendaxis/core/odds';
import { proposePack, type ShimSize } from '@wendaxis/core/shims';
import { act, assemble, indicated, type VirtualAssembly } from '@wendaxis/core/simulate';

import { PAIRS, tallyPair } from './oddsOfPairs.ts';

/**
 * First-go odds and honesty over simulated units: after one guided measurement the first pack is fitted and the true
 * play looked at; beside it, in the same run, a model of working by hand (one reading with the rollers unseated, the
 * nearest single shim added or taken). Invented units; the play that is true is hidden from the measuring. Each kind is
 * worked twice: with errors as the product assumes them, and in a worse world that it knows nothing of (twice the scatter
 * of seating and of the needle, shims that change the play by 5 % more or less than their thickness, a dial that
 * shows up to 7 % too much or too little: a whole graduation on the play of a usual band).
 */
const UNITS = 2000;
/** Scatter from one assembly to the next, mm: the same as the odds on screen are worked out with. */
const SEATING = 0.003;
/** How far the simulated shop is from what the product assumes. */
interface World {
  readonly words: string;
  /** Of seating and of the needle, as a multiple of what is assumed. */
  readonly scatter: number;
  /** Of what a change of thickness does to the play, as a share: a unit has one of its own within it. */
  readonly gainError: number;
  /** Share by which the dial shows too much over its travel, at most: a whole graduation on the play of a usual band. */
  readonly dialError: number;
}
const WORLDS: readonly World[] = [
  { words: 'as assumed', scatter: 1, gainError: 0, dialError: 0 },
  { words: 'worse than assumed', scatter: 2, gainError: 0.05, dialError: 0.07 },
];
let world = WORLDS[0]!;
const DIAL = { id: 'd', name: 'd', graduation: 0.01, calibrationUncertainty: 0.0015, range: 10 };
const INDICATOR = { contact: 'faceSquareToTravel', angle: 0 } as const;
const KINDS = [
  { name: 'cover shims', gain: 1, band: { lower: 0.1, upper: 0.18, target: null } },
  { name: 'cone spacer', gain: 1, band: { lower: 0.02, upper: 0.08, target: null } },
  { name: 'thrust washers', gain: -1, band: { lower: 0.1, upper: 0.18, target: null } },
] as const;

const random = mersenne(20_261_125);
const draw = (from: number, to: number) => uniformInt(random, from, to);
const { normal } = drawsFrom(1);

for (const { name, gain, band, of } of KINDS.flatMap((kind) =>
  WORLDS.map((of) => ({ ...kind, of })),
)) {
  world = of;
  const stock: readonly ShimSize[] = [0.05, 0.1, 0.15, 0.2, 0.25, 0.3, 0.4, 0.5, 0.8, 1].map(
    (thickness) => ({ id: `s${thickness}`, thickness, count: 4, uncertainty: 0.001 }),
  );
  let [fits, first, goes, byHand, passed, wrong, undecided] = [0, 0, 0, 0, 0, 0, 0];
  for (let unit = 0; unit < UNITS; unit += 1) {
    let truth = (band.lower + band.upper) / 2 + draw(60, 260) / 1000;
    let pack = 1;
    const rough = guided(truth, unit, false);
    for (let go = 1; go <= 4; go += 1) {
      const verdict = measure(truth, unit * 10 + go, band);
      if (verdict === null) break;
      const { mean, uncertainty } = verdict.value;
      const answer = proposePack({
        endPlay: {
          value: mean,
          uncertainty: uncertainty.standard,
          degreesOfFreedom: Number.isFinite(uncertainty.degreesOfFreedom)
            ? uncertainty.degreesOfFreedom
            : null,
        },
        packInPlace: { thickness: pack, uncertainty: 0.001 },
        gain,
        band,
        stock,
        mostPieces: 4,
      });
      if (answer.status === 'nothingFits') break;
      if (go === 1) fits += 1;
      const { thickness, pieceCount } = answer.packs[0]!;
      const own = gain * (1 + world.gainError * unitError(unit));
      truth +=
        own * (thickness + 0.001 * Math.sqrt(pieceCount) * normal() - pack) +
        world.scatter * SEATING * normal();
      pack = thickness;
      const inBand = truth >= band.lower && truth <= band.upper;
      if (go === 1 && inBand) first += 1;
      goes += 1;
      const proof = measure(truth, unit * 10 + go + 5, band);
      if (proof === null || proof.decision.word === 'cannotDecide') undecided += 1;
      if (proof?.decision.word === 'conforms') {
        passed += 1;
        if (!inBand) wrong += 1;
        break;
      }
    }
    byHand += handGo(rough, unit, { gain, band, truth: rough.truth, stock }) ? 1 : 0;
  }
  // Honesty: builds that are out of band by up to one graduation, measured as they are.
  let [near, letThrough] = [0, 0];
  for (let unit = 0; unit < UNITS; unit += 1) {
    const off = draw(0, 10_000) / 1_000_000;
    const verdict = measure(
      unit % 2 === 0 ? band.upper + off : band.lower - off,
      unit + 777_000,
      band,
    );
    if (verdict === null) continue;
    near += 1;
    if (verdict.decision.word === 'conforms') letThrough += 1;
  }
  const share = (part: number, all: number) => `${((100 * part) / all).toFixed(1)} %`;
  console.log(
    `${name}, ${world.words}: ` +
      `first pack truly in band ${share(first, fits)} of ${fits}${world.gainError === 0 ? ' (held to 95 %)' : ''}, ` +
      `${(goes / fits).toFixed(2)} goes (held to ${world.gainError === 0 ? '1.1' : '1.15'}); ` +
      `by hand ${share(byHand, UNITS)}; passed though out of band ${share(wrong, passed)}, ` +
      `and of ${near} builds out by up to one graduation ${share(letThrough, near)} (held to 2.5 %); ` +
      `cannot decide in ${share(undecided, goes)}`,
  );
}

world = WORLDS[0]!;
for (const pair of PAIRS) {
  const { fits, first, byHand } = tallyPair(pair, UNITS, SEATING, (truth, seed) => {
    const verdict = measure(truth, seed, { lower: truth - 1, upper: truth + 1, target: null });
    if (verdict === null) return null;
    const { mean, uncertainty } = verdict.value;
    const freedom = uncertainty.degreesOfFreedom;
    return {
      value: mean,
      uncertainty: uncertainty.standard,
      degreesOfFreedom: Number.isFinite(freedom) ? freedom : null,
      unseated: draw(20, 80) / 1000,
    };
  });
  console.log(
    `${pair.name}: ` +
      `first packs truly in both bands ${((100 * first) / fits).toFixed(1)} % of ${fits} (held to 95 %); ` +
      `by hand, one after the other ${((100 * byHand) / UNITS).toFixed(1)} %`,
  );
}

/** A guided run: seated by turning, then cycles until it is judged; null when it never settles. */
function measure(
  truth: number,
  seed: number,
  band: Band,
): Extract<RunVerdict, { status: 'judged' }> | null {
  let hand = guided(truth, seed, true).assembly;
  const cycles: Cycle[] = [];
  for (let count = 0; count < 12; count += 1) {
    hand = act(hand, 'turnUnderLoad', 0);
    hand = act(hand, 'setZero', 0);
    const zero = shown(hand, seed);
    hand = act(hand, 'lift', 0);
    const lift = shown(hand, seed);
    hand = act(hand, 'lower', 0);
    cycles.push({ zero, lift, returned: shown(hand, seed), position: null });
    if (cycles.length < 3) continue;
    const verdict = judgeRun({
      instrument: DIAL,
      indicator: INDICATOR,
      band,
      shaftHeld: true,
      cycles,
    });
    if (
      verdict.status === 'judged' &&
      (verdict.decision.word !== 'cannotDecide' || cycles.length > 6)
    )
      return verdict;
  }
  return null;
}

/** What the dial shows: in a worse world it is off by its own share, and still shows whole graduations. */
function shown(hand: VirtualAssembly, seed: number): number {
  const needle = indicated(hand, 0) * (1 + world.dialError * unitError(Math.floor(seed / 10)));
  return Math.round(needle / DIAL.graduation) * DIAL.graduation;
}

/** Of one unit and its dial, the same at every go: from −1 to 1. */
function unitError(unit: number): number {
  return Math.sin(12.9898 * (unit + 1)); // scattered over the units, and nothing of it random between two goes
}

/** The assembly, seated by turning under load or as it was put together. */
function guided(
  truth: number,
  seed: number,
  seated: boolean,
): { readonly assembly: VirtualAssembly; readonly truth: number } {
  let assembly = assemble({
    endPlay: truth,
    unseated: draw(20, 80) / 1000,
    tilt: 0.001,
    driftPerMinute: 0,
    scatter: 0.0012 * world.scatter,
    graduation: DIAL.graduation,
    seed,
  });
  if (seated) for (let turn = 0; turn < 3; turn += 1) assembly = act(assembly, 'turnUnderLoad', 0);
  return { assembly, truth };
}

/** By hand: one reading unseated, the one shim that comes nearest added or taken. Whether it lands in band. */
function handGo(
  rough: { readonly assembly: VirtualAssembly },
  seed: number,
  unit: {
    readonly gain: number;
    readonly band: (typeof KINDS)[number]['band'];
    readonly truth: number;
    readonly stock: readonly ShimSize[];
  },
): boolean {
  const zeroed = act(rough.assembly, 'setZero', 0);
  const read = indicated(act({ ...zeroed, seed: seed + 1 }, 'lift', 0), 0);
  const wanted = ((unit.band.lower + unit.band.upper) / 2 - read) / unit.gain;
  const moves = [0, ...unit.stock.flatMap(({ thickness }) => [thickness, -thickness])];
  const move = moves.toSorted((a, b) => Math.abs(a - wanted) - Math.abs(b - wanted))[0]!;
  const after = unit.truth + unit.gain * move + SEATING * normal();
  return after >= unit.band.lower && after <= unit.band.upper;
}
