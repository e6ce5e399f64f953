import { drawsFrom } from '@wendaxis/core/odds';
import { jointPacks, type JointSite, type JointSpec, type ShimSize } from '@wendaxis/core/shims';

import type { GuidedPlay } from './guidedPlay.ts';

/** Two figures of one shaft that two packs set together: a carrier by its sides, a pinion by depth and preload. */
interface Pair {
  readonly name: string;
  readonly stock: readonly ShimSize[];
  readonly specs: readonly { readonly id: string; readonly band: JointSpec['band'] }[];
  readonly gains: readonly (readonly [site: string, gains: Readonly<Record<string, number>>])[];
  /** Standard uncertainty of the second figure as it is read, mm, and what the gains themselves may be off by. */
  readonly read: number;
  readonly gainSpread: number;
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
  },
];

/** What came of a kind over its simulated units. */
export interface PairTally {
  readonly fits: number;
  readonly first: number;
  readonly byHand: number;
}

/**
 * The first packs of simulated units: the play measured by a guided run, the second figure by its own reading, both packs
 * chosen together; beside it one unseated reading, packs chosen one after the other by the nearest single shim.
 */
export function tallyPair(
  pair: Pair,
  units: number,
  seating: number,
  guided: GuidedPlay,
): PairTally {
  const { normal, uniform } = drawsFrom(7);
  let [fits, first, byHand] = [0, 0, 0];
  for (let unit = 0; unit < units; unit += 1) {
    const truth = [0.1 + 0.16 * uniform(), middle(pair.specs[1]!.band) + 0.25 * (uniform() - 0.5)];
    const packs = [0.3, pair.name.startsWith('carrier') ? 1.04 : 0.3];
    const trueGains = pair.gains.map(([, gains]) =>
      pair.specs.map(({ id }) => gains[id]! * (1 + pair.gainSpread * normal())),
    );
    const after = (thicknesses: readonly number[]) =>
      pair.specs.map(
        (_, spec) =>
          truth[spec]! +
          thicknesses.reduce(
            (sum, thickness, site) => sum + trueGains[site]![spec]! * (thickness - packs[site]!),
            0,
          ) +
          seating * normal(),
      );
    const inBand = (values: readonly number[]) =>
      values.every(
        (value, spec) =>
          value >= pair.specs[spec]!.band.lower! && value <= pair.specs[spec]!.band.upper!,
      );
    const run = guided(truth[0]!, unit);
    if (run === null) continue;
    const second = truth[1]! + pair.read * normal();
    const sites: readonly JointSite[] = pair.gains.map(([id, gains], at) => ({
      id,
      gains,
      thickness: packs[at]!,
      uncertainty: 0.001,
    }));
    const specs: readonly JointSpec[] = [
      {
        ...pair.specs[0]!,
        value: run.value,
        uncertainty: run.uncertainty,
        degreesOfFreedom: run.degreesOfFreedom,
      },
      { ...pair.specs[1]!, value: second, uncertainty: pair.read, degreesOfFreedom: null },
    ];
    const answer = jointPacks({ specs, sites, stock: pair.stock, mostPieces: 4 });
    if (answer.status !== 'nothingFits') {
      fits += 1;
      const chosen = answer.choices[0]!.packs.map(
        ({ thickness, pieces }) => thickness + 0.001 * Math.sqrt(pieces.length) * normal(),
      );
      if (inBand(after(chosen))) first += 1;
    }
    // One after the other: each site by its own figure, as if the other stayed.
    const rough = [truth[0]! + run.unseated, second];
    const hand = pair.gains.map(([, gains], at) => {
      const spec = pair.specs[at === 0 ? 1 : 0]!;
      const own = gains[spec.id]! === 0 ? pair.specs[at]! : spec;
      const wanted =
        packs[at]! + (middle(own.band) - rough[pair.specs.indexOf(own)]!) / (gains[own.id]! || 1);
      return pair.stock
        .map(({ thickness }) => thickness)
        .toSorted((a, b) => Math.abs(a - wanted) - Math.abs(b - wanted))[0]!;
    });
    if (inBand(after(hand))) byHand += 1;
  }
  return { fits, first, byHand };
}

function middle({ lower, upper }: JointSpec['band']): number {
  return (lower! + upper!) / 2;
}
