import { NORMAL_FACTOR } from '@wendaxis/core/measure';
import { jointPacks, type JointSpec, type ShimSize } from '@wendaxis/core/shims';
import { USUAL_GAIN_SPREAD } from '@wendaxis/core/tries';

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
  /**
   * What a reading of rolling torque says of the preload once it is closed, standard, mm: a tenth of 2 N·m that rise by
   * 50 N·m for each mm (invented). Null where it is gone by what the packs changed alone.
   */
  readonly rolled: number | null;
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
    rolled: null,
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
    rolled: 0.004,
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
}

/** Readings that are taken where one does not decide. */
const READ_AGAIN = 3;
/** Builds after which a shop gives up. */
const MOST_GOES = 5;

/**
 * Both packs of simulated units chosen together until both figures are proven: the play by a guided run before, carried on by
 * what the packs change and by what rolling says of a preload, which no indicator reads; the second figure read anew after
 * every build. Beside it one unseated
 * reading, packs chosen one after the other by the nearest single shim.
 */
export function tallyPair(pair: Pair, shop: Shop, units: number): PairTally {
  let [fits, first, goes, proven, wrong, byHand] = [0, 0, 0, 0, 0, 0];
  const { specs, gains } = pair;
  const read = shop.world.scatter * pair.read;
  for (let unit = 0; unit < units; unit += 1) {
    const found = [
      0.1 + 0.16 * shop.own(unit, 3),
      middle(specs[1]!.band) + 0.25 * (shop.own(unit, 4) - 0.5),
    ];
    const packs = [0.3, pair.name.startsWith('carrier') ? 1.04 : 0.3];
    const spread = Math.max(pair.gainSpread, shop.world.gainError / 2);
    const trueGains = gains.map(([, of]) =>
      specs.map(({ id }) => of[id]! * (1 + spread * shop.normal())),
    );
    const after = (truth: readonly number[], changes: readonly number[]): readonly number[] =>
      specs.map(
        (_, spec) =>
          truth[spec]! +
          changes.reduce((sum, change, site) => sum + trueGains[site]![spec]! * change, 0) +
          shop.world.scatter * SEATING * shop.normal(),
      );
    const inBand = (values: readonly number[]): boolean =>
      values.every((value, at) => within(value, specs[at]!.band, 0));
    const run = shop.measure(found[0]!, unit, { lower: -1, upper: 1, target: 0 });
    if (run === null) continue;
    const { standard, degreesOfFreedom } = run.value.uncertainty;
    let play: Known = {
      value: run.value.mean,
      uncertainty: standard,
      degreesOfFreedom: Number.isFinite(degreesOfFreedom) ? degreesOfFreedom : null,
    };
    const reading = (value: number, times = 1): Known => ({
      value: value + (read * shop.normal()) / Math.sqrt(times),
      uncertainty: pair.read / Math.sqrt(times),
      degreesOfFreedom: null,
    });
    let [truth, second, inPlace]: [readonly number[], Known, readonly number[]] = [
      found,
      reading(found[1]!),
      packs,
    ];
    const rough = [shop.unguided(found[0]!, unit), second.value];
    for (let go = 1; go <= MOST_GOES; go += 1) {
      const answer = jointPacks({
        specs: [
          { ...specs[0]!, ...play },
          { ...specs[1]!, ...second },
        ],
        sites: gains.map(([id, of], at) => ({
          id,
          gains: of,
          thickness: inPlace[at]!,
          uncertainty: 0.001,
        })),
        stock: pair.stock,
        mostPieces: 4,
      });
      if (answer.status === 'nothingFits') break;
      const chosen = answer.choices[0]!.packs;
      const changes = chosen.map(({ thickness }, at) => thickness - inPlace[at]!);
      if (go > 1 && changes.every((change) => Math.abs(change) < 0.0005)) break;
      const cut = chosen.map(
        ({ pieces }, at) => changes[at]! + 0.001 * Math.sqrt(pieces.length) * shop.normal(),
      );
      truth = after(truth, cut);
      inPlace = chosen.map(({ thickness }) => thickness);
      fits += go === 1 ? 1 : 0;
      first += go === 1 && inBand(truth) ? 1 : 0;
      goes += 1;
      play = {
        ...play,
        value: answer.choices[0]!.expected[0]!.value,
        uncertainty: Math.hypot(
          play.uncertainty,
          0.001 * Math.SQRT2,
          SEATING,
          ...changes.map((change) => USUAL_GAIN_SPREAD * change),
        ),
      };
      if (pair.rolled !== null) play = withRolled(play, truth[0]!, pair.rolled, shop);
      second = reading(truth[1]!);
      const isProven = (): boolean =>
        [play, second].every(({ value, uncertainty }, at) =>
          within(value, specs[at]!.band, NORMAL_FACTOR * uncertainty),
        );
      // What cannot be decided is read thrice more before anything comes apart again.
      if (!isProven()) second = reading(truth[1]!, READ_AGAIN);
      if (!isProven() && pair.rolled !== null)
        play = withRolled(play, truth[0]!, pair.rolled / Math.sqrt(READ_AGAIN), shop);
      if (!isProven()) continue;
      proven += 1;
      wrong += inBand(truth) ? 0 : 1;
      break;
    }
    byHand += inBand(after(found, oneAfterTheOther(pair, rough, packs))) ? 1 : 0;
  }
  return { fits, first, goes, proven, wrong, byHand };
}

/** A preload carried on, and what rolling says of it, each by its weight. */
function withRolled(play: Known, truth: number, rolled: number, shop: Shop): Known {
  const read = truth + shop.world.scatter * rolled * shop.normal();
  const [carried, seen] = [play.uncertainty ** -2, rolled ** -2];
  return {
    value: (carried * play.value + seen * read) / (carried + seen),
    uncertainty: (carried + seen) ** -0.5,
    degreesOfFreedom: null,
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

const within = (value: number, { lower, upper }: JointSpec['band'], guard: number): boolean =>
  value >= lower! + guard && value <= upper! - guard;

function middle({ lower, upper }: JointSpec['band']): number {
  return (lower! + upper!) / 2;
}
