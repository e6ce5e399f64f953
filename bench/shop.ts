import { uniformInt } from 'pure-rand/distribution/uniformInt';
import { mersenne } from 'pure-rand/generator/mersenne';

import {
  judgeRun,
  uncertaintyParts,
  uncertified,
  type Band,
  type Cycle,
  type RunVerdict,
} from '@wendaxis/core/measure';
import { drawsFrom } from '@wendaxis/core/odds';
import { act, assemble, indicated, type VirtualAssembly } from '@wendaxis/core/simulate';
import type { PlayTry } from '@wendaxis/core/tries';

/** How far the simulated shop is from what the product assumes. */
export interface World {
  readonly words: string;
  /** Of seating and of the needle, as a multiple of what is assumed. */
  readonly scatter: number;
  /** Of what a change of thickness does to the play, as a share: a unit has one of its own within it. */
  readonly gainError: number;
  /** Amplitude of a dial's error over one turn of its pointer, in parts of {@link DIALS}; 0 is a dial with a certificate. */
  readonly dialError: number;
}

/**
 * A world as the product assumes it, and one that it knows nothing of: twice the scatter, shims that change the play by up to
 * 5 % more or less than their thickness, dials without a certificate.
 */
export const WORLDS: readonly World[] = [
  { words: 'as assumed', scatter: 1, gainError: 0, dialError: 0 },
  { words: 'worse than assumed', scatter: 2, gainError: 0.05, dialError: 1 },
];

/**
 * The dial a shop has, and the finer one that is fetched when it cannot decide. `error`: amplitude of its error over one turn
 * of the pointer, mm: a span of 15 µm for a hundredth and of 5 µm for a thousandth, as DIN 878 and ISO 463 allow them (from
 * memory).
 */
const DIALS = {
  hundredth: { graduation: 0.01, certified: 0.0015, error: 0.0075, turn: 1 },
  thousandth: { graduation: 0.001, certified: 0.0005, error: 0.0025, turn: 0.2 },
} as const;
type Dial = keyof typeof DIALS;

/** Scatter from one assembly to the next, mm: the same as the odds on screen are worked out with. */
export const SEATING = 0.003;

type Judged = Extract<RunVerdict, { status: 'judged' }>;

/** Units whose play is hidden, measured by a guided hand with the errors of a world. */
export interface Shop {
  readonly world: World;
  readonly draw: (from: number, to: number) => number;
  readonly normal: () => number;
  /** What one unit, or its dial, has of its own: from 0 to 1, the same at every go. */
  readonly own: (unit: number, which: number) => number;
  /** A guided run with the hundredth; null when it never settles. */
  readonly measure: (truth: number, unit: number, band: Band) => Judged | null;
  /** The same, and what cannot be decided read again with the thousandth where the verdict asks for a better dial. */
  readonly prove: (truth: number, unit: number, band: Band) => Judged | null;
  /** One reading with the rollers as they were put in. */
  readonly unguided: (truth: number, unit: number) => number;
}

/** A shop of a world with its own stream of chance. */
export function openShop(world: World, seed: number): Shop {
  const random = mersenne(seed);
  const draw = (from: number, to: number): number => uniformInt(random, from, to);
  const { normal } = drawsFrom(seed);
  const own = (unit: number, which: number): number => drawsFrom(8 * unit + which).uniform();
  const assembled = (truth: number): VirtualAssembly =>
    assemble({
      endPlay: truth,
      unseatedAbove: 0,
      unseated: draw(20, 80) / 1000,
      tilt: 0.001,
      driftPerMinute: 0,
      scatter: 0.0012 * world.scatter,
      graduation: 0.001,
      seed: draw(0, 2_000_000_000),
    });
  const run = (truth: number, unit: number, band: Band, dial: Dial): Judged | null => {
    const { graduation, certified } = DIALS[dial];
    const card = world.dialError === 0 ? certified : uncertified(graduation);
    const shown = (hand: VirtualAssembly) => shownBy(dial, world, own(unit, 1), indicated(hand, 0));
    let hand = assembled(truth);
    for (let turn = 0; turn < 3; turn += 1) hand = act(hand, 'turnUnderLoad', 0);
    const cycles: Cycle[] = [];
    let last: Judged | null = null;
    while (cycles.length < 12) {
      hand = act(act(hand, 'turnUnderLoad', 0), 'setZero', 0);
      const zero = shown(hand);
      hand = act(act(hand, 'lift', 0), 'turnUnderLoad', 0);
      const lift = shown(hand);
      hand = act(hand, 'lower', 0);
      cycles.push({ zero, lift, returned: shown(hand), position: null });
      if (cycles.length < 3) continue;
      const verdict = judgeRun({
        instrument: { id: dial, name: dial, graduation, calibrationUncertainty: card, range: 10 },
        indicator: { contact: 'faceSquareToTravel', angle: 0 },
        band,
        shaftHeld: true,
        cycles,
      });
      if (verdict.status !== 'judged') continue;
      last = verdict;
      if (verdict.decision.word !== 'cannotDecide' || cycles.length > 6) break;
    }
    return last;
  };
  const measure: Shop['measure'] = (truth, unit, band) => run(truth, unit, band, 'hundredth');
  return {
    world,
    draw,
    normal,
    own,
    measure,
    prove: (truth, unit, band) => {
      const verdict = measure(truth, unit, band);
      return verdict?.remedies.some(({ kind }) => kind !== 'movePlay' && kind !== 'moreCycles')
        ? run(truth, unit, band, 'thousandth')
        : verdict;
    },
    unguided: (truth) => indicated(act(act(assembled(truth), 'setZero', 0), 'lift', 0), 0),
  };
}

/** What a dial shows of a needle's way: off by its own error over its turn, whole graduations. */
function shownBy(dial: Dial, world: World, phase: number, needle: number): number {
  const { graduation, error, turn } = DIALS[dial];
  const off = (at: number): number =>
    world.dialError * error * Math.sin(2 * Math.PI * (at / turn + phase));
  return Math.round((needle + off(needle) - off(0)) / graduation) * graduation;
}

/** A run as the tries of a place are learned from. */
export function tryOf({ value: { mean, uncertainty } }: Judged, thickness: number): PlayTry {
  const { own, shared } = uncertaintyParts(uncertainty);
  return { thickness, play: mean, uncertainty: own, shared };
}
