import { USUAL_RANGE } from '@wendaxis/core/measure';
import { NORMAL_FACTOR, uncertaintyParts } from '@wendaxis/core/measure';
import { jointPacks, type JointSpec, type ShimSize } from '@wendaxis/core/shims';
import { DEPTH_READINGS } from '@wendaxis/core/plan';
import { learnBuilds, USUAL_GAIN_SPREAD, type Build } from '@wendaxis/core/tries';

import { SEATING, type Shop } from './shop.ts';

/** Two figures of one shaft that two packs set together: a carrier by its sides, a pinion by depth and preload. */
interface Pair {
  readonly name: string;
  readonly stock: readonly ShimSize[];
  readonly specs: readonly { readonly id: string; readonly band: JointSpec['band'] }[];
  readonly gains: readonly (readonly [site: string, gains: Readonly<Record<string, number>>])[];
  /** Standard uncertainty of the second figure as it is read, mm, and what the gains themselves may be off by. */
  readonly read: number;
  readonly gainSpread: number;
  /** Whether the first figure is a preload that is proven by rolling torque; else it is gone by what the packs changed alone. */
  readonly rolls: boolean;
}

const graded = (from: number, to: number, step: number, count: number): readonly ShimSize[] =>
  Array.from({ length: Math.round((to - from) / step) + 1 }, (_, at) => {
    const thickness = Number((from + at * step).toFixed(3));
    return { id: `s${thickness}`, thickness, count, uncertainty: 0.001 };
  });

/** Backlash gained for each mm at the side of the gear's teeth; half of a preload moves the carrier. */
const FACTOR = 0.7;
export const PAIRS: readonly Pair[] = [
  {
    name: 'carrier split and backlash',
    stock: [...graded(0.05, 0.6, 0.05, 4), ...graded(0.98, 1.1, 0.02, 3)],
    specs: [
      { id: 'play', band: { lower: -0.2, upper: -0.08, target: null } },
      { id: 'backlash', band: { lower: 0.12, upper: 0.2, target: null } },
    ],
    gains: [
      ['gear', { play: -1, backlash: -FACTOR / 2 }],
      ['other', { play: -1, backlash: FACTOR / 2 }],
    ],
    read: 0.006,
    gainSpread: 0.03,
    rolls: false,
  },
  {
    name: 'pinion depth and preload',
    stock: graded(0.05, 0.5, 0.01, 3),
    specs: [
      { id: 'play', band: { lower: -0.06, upper: -0.02, target: null } },
      { id: 'depth', band: { lower: -0.03, upper: 0.03, target: null } },
    ],
    gains: [
      ['behindCup', { play: -1, depth: -1 }],
      ['spacer', { play: 1, depth: 0 }],
    ],
    read: 0.006,
    gainSpread: 0,
    rolls: true,
  },
];

/** What came of a kind over its simulated units. */
export interface PairTally {
  readonly fits: number;
  readonly first: number;
  readonly goes: number;
  readonly proven: number;
  readonly wrong: number;
  readonly byHand: number;
}

/** A figure as it is known: read, or carried on by what the packs changed. mm. */
interface Known {
  readonly value: number;
  readonly uncertainty: number;
  readonly degreesOfFreedom: number | null;
  readonly band: JointSpec['band'];
}

/** Rolling torque of a preload, `T = k·(−play)^n`: hidden, with limits in N·m that are those in mm. */
interface Rolling {
  readonly torqueAt: (play: number) => number;
  readonly limits: { readonly lower: number; readonly upper: number };
}
/** Rolling torque at the middle of the limits, N·m, and how surely one is read, as a share, standard. Invented. */
const MIDDLE_TORQUE = 0.9;
const TORQUE_READ = 0.03;

/** Readings that are taken where one does not decide. */
const READ_AGAIN = 3;
/** Builds after which a shop gives up. */
const MOST_GOES = 5;

/**
 * Both packs of simulated units chosen together until both figures are proven. The play is measured once by a guided run, and carried on
 * by what the packs change; a preload, which no indicator reads, is proven by rolling torque, from which the next packs are chosen
 * too. The second figure is read anew after every build. Beside it one unseated reading, packs chosen one after the other by
 * the nearest single shim.
 */
export function tallyPair(pair: Pair, shop: Shop, units: number): PairTally {
  const tally = { fits: 0, first: 0, goes: 0, proven: 0, wrong: 0, byHand: 0 };
  for (let unit = 0; unit < units; unit += 1) {
    const found = [
      0.1 + 0.16 * shop.own(unit, 3),
      middle(pair.specs[1]!.band) + 0.25 * (shop.own(unit, 4) - 0.5),
    ];
    const bench = pairBench(pair, shop, unit, found);
    if (bench === null) continue;
    for (let go = 1; go <= MOST_GOES; go += 1) {
      if (!bench.build(go > 1)) break;
      tally.fits += go === 1 ? 1 : 0;
      tally.first += go === 1 && bench.inBand() ? 1 : 0;
      tally.goes += 1;
      if (!bench.isProven()) continue;
      tally.proven += 1;
      tally.wrong += bench.inBand() ? 0 : 1;
      break;
    }
    tally.byHand += bench.byHand() ? 1 : 0;
  }
  return tally;
}

/** One unit on a bench: its truth is hidden, what is read of it is what packs are chosen by. Null when its play never settles. */
function pairBench(pair: Pair, shop: Shop, unit: number, found: readonly number[]) {
  const { specs, gains } = pair;
  const read = shop.world.scatter * pair.read;
  const spread = Math.max(pair.gainSpread, shop.world.gainError / 2);
  const trueGains = gains.map(([, of]) =>
    specs.map(({ id }) => of[id]! * (1 + spread * shop.normal())),
  );
  const first = [0.3, pair.rolls ? 0.3 : 1.04];
  const rolling = pair.rolls ? rollingOf(specs[0]!.band, 1 + 0.5 * shop.own(unit, 5)) : null;
  const run = shop.measure(found[0]!, unit, { lower: -1, upper: 1, target: 0 });
  if (run === null) return null;
  const { own, shared } = uncertaintyParts(run.value.uncertainty);
  const builds: Build[] = [
    { thicknesses: first, by: 'play', read: run.value.mean, uncertainty: own, shared },
  ];
  let [truth, packs] = [found, first];
  const after = (changes: readonly number[]): readonly number[] =>
    specs.map(
      (_, spec) =>
        truth[spec]! +
        changes.reduce((sum, change, site) => sum + trueGains[site]![spec]! * change, 0) +
        shop.world.scatter * SEATING * shop.normal(),
    );
  const within = (values: readonly number[]): boolean =>
    values.every((value, at) => isWithin(value, specs[at]!.band, 0));
  const reading = (times: number): Known => ({
    value: truth[1]! + (read * shop.normal()) / Math.sqrt(times),
    uncertainty: pair.read / Math.sqrt(times),
    degreesOfFreedom: null,
    band: specs[1]!.band,
  });
  // A depth is read as often as its step asks; a backlash at its places is one reading.
  let second = reading(pair.rolls ? DEPTH_READINGS : 1);
  const rough = [shop.unguided(found[0]!, unit), second.value];
  const play = (): Known => playOf(pair, builds, packs, rolling);
  /** A rolling torque as it is read so many times, and what it says. */
  const roll = (times: number): boolean => {
    const torque = rolling!.torqueAt(truth[0]!);
    const uncertainty = (TORQUE_READ * torque) / Math.sqrt(times);
    const shown = torque + shop.world.scatter * uncertainty * shop.normal();
    const { lower, upper } = rolling!.limits;
    const told = { thicknesses: packs, by: 'torque' as const, read: shown, uncertainty, shared: 0 };
    // Rollers without preload tell nothing: the play that is left is measured.
    if (shown > 0.15 * MIDDLE_TORQUE) builds.push(told);
    else builds.push({ ...told, by: 'play', read: truth[0]!, uncertainty: read });
    return isWithin(shown, { lower, upper, target: null }, NORMAL_FACTOR * uncertainty);
  };
  const isKnown = (figure: Known, spec: number): boolean =>
    isWithin(figure.value, specs[spec]!.band, NORMAL_FACTOR * figure.uncertainty);
  return {
    inBand: () => within(truth),
    byHand: () => within(after(oneAfterTheOther(pair, rough, first))),
    /** The packs that are proposed fitted; false where nothing fits, or nothing at hand comes nearer than what is in. */
    build: (again: boolean): boolean => {
      const answer = jointPacks({
        specs: [
          { ...specs[0]!, ...play() },
          { ...specs[1]!, ...second },
        ],
        sites: gains.map(([id, of], at) => ({
          id,
          gains: of,
          gainUncertainties: { [specs[0]!.id]: USUAL_GAIN_SPREAD },
          thickness: packs[at]!,
          uncertainty: 0.001,
        })),
        stock: pair.stock,
        mostPieces: 4,
      });
      if (answer.status === 'nothingFits') return false;
      const chosen = answer.choices[0]!.packs;
      const changes = chosen.map(({ thickness }, at) => thickness - packs[at]!);
      if (again && changes.every((change) => Math.abs(change) < 0.0005)) return false;
      truth = after(
        chosen.map(
          ({ pieces }, at) => changes[at]! + 0.001 * Math.sqrt(pieces.length) * shop.normal(),
        ),
      );
      packs = chosen.map(({ thickness }) => thickness);
      second = reading(1);
      return true;
    },
    /** What cannot be decided is read thrice more before anything comes apart again. */
    isProven: (): boolean => {
      const firstIs = (times: number) => (rolling === null ? isKnown(play(), 0) : roll(times));
      const [one, other] = [firstIs(1), isKnown(second, 1)];
      if (!other) second = reading(READ_AGAIN);
      return (one || (rolling !== null && firstIs(READ_AGAIN))) && (other || isKnown(second, 1));
    },
  };
}

/** The hidden rise of rolling torque with preload, and its limits. */
function rollingOf({ lower, upper }: JointSpec['band'], exponent: number): Rolling {
  const scale = MIDDLE_TORQUE / (-(lower! + upper!) / 2) ** exponent;
  const torqueAt = (play: number): number => scale * Math.max(0, -play) ** exponent;
  return { torqueAt, limits: { lower: torqueAt(upper!), upper: torqueAt(lower!) } };
}

/** The play with the packs that are in, as all builds so far say, and the limits it is set by. */
function playOf(
  { specs, gains }: Pair,
  builds: readonly Build[],
  packs: readonly number[],
  rolling: Rolling | null,
): Known {
  const [{ id, band }] = [specs[0]!];
  const rolled = rolling !== null && builds.some(({ by }) => by === 'torque');
  const { lower, upper } = rolling?.limits ?? { lower: 0, upper: 0 };
  const { value, uncertainty, scatter, torques } = learnBuilds(
    builds,
    {
      gains: gains.map(([, of]) => ({ value: of[id]!, uncertainty: USUAL_GAIN_SPREAD })),
      scatter: USUAL_RANGE,
    },
    { thicknesses: packs, torques: rolled ? [(lower + upper) / 2, upper, lower] : [] },
  );
  const apart = builds.at(-1)!.thicknesses.some((one, at) => one !== packs[at]) ? scatter.value : 0;
  const [target, most, least] = torques ?? [];
  return {
    value,
    uncertainty: Math.hypot(target?.uncertainty ?? uncertainty, apart),
    degreesOfFreedom: null,
    band:
      target === undefined ? band : { lower: most!.play, upper: least!.play, target: target.play },
  };
}

/** Each site by its own figure, as if the other stayed: what is changed at each. */
function oneAfterTheOther(
  { gains, specs, stock }: Pair,
  rough: readonly number[],
  packs: readonly number[],
): readonly number[] {
  return gains.map(([, of], at) => {
    const spec = specs[at === 0 ? 1 : 0]!;
    const own = of[spec.id]! === 0 ? specs[at]! : spec;
    const wanted =
      packs[at]! + (middle(own.band) - rough[specs.indexOf(own)]!) / (of[own.id]! || 1);
    const nearest = stock
      .map(({ thickness }) => thickness)
      .toSorted((a, b) => Math.abs(a - wanted) - Math.abs(b - wanted))[0]!;
    return nearest - packs[at]!;
  });
}

const isWithin = (value: number, { lower, upper }: JointSpec['band'], guard: number): boolean =>
  value >= lower! + guard && value <= upper! - guard;

function middle({ lower, upper }: JointSpec['band']): number {
  return (lower! + upper!) / 2;
}
