import { drawsFrom } from '../odds/index.ts';
import { gaussian } from './gaussian.ts';

/**
 * A ring gear and its pinion in a case, as nature would have them: where they are right, how backlash follows both, how far the gear
 * runs out. All of it is hidden from the screen; only readings come out. Lengths in mm, angles in degrees.
 */
export interface VirtualPair {
  /** The shim at which the pinion stands at its depth. */
  readonly rightDepth: number;
  /** Both sides together at which the carrier just touches its bearings. */
  readonly touching: number;
  /** Backlash by movement of either gear. */
  readonly perRing: number;
  readonly perPinion: number;
  /** Backlash with the ring gear at its fixed place and the pinion at its depth. */
  readonly base: number;
  /** Half of what the backlash swings by once round, and where it is most. */
  readonly swing: number;
  readonly swingAt: number;
  /** How the marks of this pair move, against the usual. */
  readonly response: number;
  readonly seed: number;
}

/** What is in at the three places of a pair, mm. */
export interface PairPacks {
  readonly depth: number;
  readonly gear: number;
  readonly other: number;
}

/** How the simulated pairs lie about what was in: standard deviations, mm, and the range of the factor. */
const ABOUT = { depth: 0.1, touching: 0.12, base: 0.06, swing: 0.012 };
/** How far a pair's factor is from what its angles give, as a share. */
const FACTOR_OFF = 0.05;

/**
 * A pair drawn from a seed, about the packs that were in.
 * @param perRing ∂(backlash)/∂(ring gear) by the angles of the pair
 */
export function virtualPair(
  seed: number,
  {
    packs,
    perRing,
    ratio,
  }: { readonly packs: PairPacks; readonly perRing: number; readonly ratio: number },
): VirtualPair {
  const { normal, uniform } = drawsFrom(seed);
  const factor = perRing * (1 + FACTOR_OFF * normal());
  return {
    rightDepth: packs.depth + ABOUT.depth * normal(),
    touching: packs.gear + packs.other + 0.05 + Math.abs(ABOUT.touching * normal()),
    perRing: factor,
    perPinion: (factor / ratio) * (1 + FACTOR_OFF * normal()),
    base: 0.25 + ABOUT.base * normal(),
    swing: Math.abs(ABOUT.swing * normal()),
    swingAt: 360 * uniform(),
    response: 0.6 + 0.8 * uniform(),
    seed,
  };
}

/** The play of the carrier with what is in; below zero it is preloaded by that much. */
export const playOfPair = ({ touching }: VirtualPair, { gear, other }: PairPacks): number =>
  touching - gear - other;

/** How far the pinion stands off its depth, too far from the ring gear above zero. */
export const depthOfPair = ({ rightDepth }: VirtualPair, { depth }: PairPacks): number =>
  rightDepth - depth;

/**
 * The backlash at a place of the gear. A carrier with play stands against the side that it is held to, one with preload half
 * way; the teeth themselves stop it at none.
 */
export function backlashOfPair(
  pair: VirtualPair,
  packs: PairPacks,
  held: 'other' | 'gear' | 'preload',
  angle: number,
): number {
  const play = playOfPair(pair, packs);
  const stands = play <= 0 || held === 'preload' ? play / 2 : held === 'gear' ? play : 0;
  const mean =
    pair.base +
    pair.perRing * (packs.other + stands - (pair.touching - 0.05) / 2) +
    pair.perPinion * depthOfPair(pair, packs);
  const wave = pair.swing * Math.cos(((angle - pair.swingAt) * Math.PI) / 180);
  return Math.max(0, mean + wave);
}

/** What an indicator shows of a length of a pair: the build's own rest, the hand's scatter, the dial's graduation. */
export function shownOfPair(
  pair: VirtualPair,
  truth: number,
  { reading, graduation }: { readonly reading: number; readonly graduation: number },
): number {
  const scatter = 0.003 * gaussian(pair.seed * 7 + 3, reading);
  return Number((Math.round((truth + scatter) / graduation) * graduation).toFixed(6));
}
