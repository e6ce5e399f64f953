import { bandTarget } from '../measure/index.ts';
import { line, type WorkingLine } from '../working/index.ts';
import { nearestSums } from './nearestSums.ts';
import { guardFor, playOf, requireQuestion, type PackQuestion } from './packQuestion.ts';
import { rankPacks, type AllowedSums } from './rankPacks.ts';
import { type RankedPack } from './rankedPack.ts';
import { micrometres } from './stock.ts';

/** A pack with the end play it is expected to give. */
export interface ProposedPack extends RankedPack {
  readonly expectedPlay: number;
  /** Expanded uncertainty of the expected play (one-sided 95 %). */
  readonly expandedUncertainty: number;
}

/** What could be done when the box has nothing that fits. mm. */
export interface NothingFits {
  /** One piece of this thickness, alone or with pieces at hand, lands on the target. */
  readonly buy: { readonly thickness: number; readonly with: number } | null;
  /** Take this much off the nearest thicker pack. */
  readonly grind: { readonly from: number; readonly amount: number } | null;
  /** Nearest totals that can be made, with the play each would give. */
  readonly nearest: readonly { readonly thickness: number; readonly expectedPlay: number }[];
}

/** The answer. `unproven`: packs aim within the limits, but not by the guard band at each limit. */
export type PackAnswer = {
  /** Pack thickness that gives the target. */
  readonly wanted: number;
  /** Totals allowed for a pack of one piece; null when the band is narrower than two guard bands. */
  readonly interval: { readonly from: number; readonly to: number } | null;
  readonly guard: number;
  readonly packsCovered: number;
  readonly working: readonly WorkingLine[];
} & (
  | { readonly status: 'found' | 'unproven'; readonly packs: readonly ProposedPack[] }
  | { readonly status: 'nothingFits'; readonly packs: readonly []; readonly instead: NothingFits }
);

/** The chosen pack and the next three. */
const PACKS_SHOWN = 4;
/** A thinner piece than this is not to be had or handled (mm). */
const THINNEST_PIECE = 0.05;

/**
 * The shim pack that brings the end play to its target, from the stock at hand.
 *
 * `t* = t0 + (target − e0)/gain`; the totals allowed are those whose expected play lies in the band shrunk
 * by g = k·√(u_e² + gain²·(u_t² + n·u_piece²)) at each limit. Among them {@link rankPacks} finds the best.
 *
 * @throws InputError naming the field
 */
export function proposePack(question: PackQuestion): PackAnswer {
  const q = requireQuestion(question);
  const target = bandTarget(q.band);
  const wanted = q.packInPlace.thickness + (target - q.endPlay.value) / q.gain;
  const guardOf = guardFor(q);
  const options = { mostPieces: q.mostPieces, keep: PACKS_SHOWN };
  const guarded = (pieces: number) => allowedSums(q, guardOf(pieces));
  const proven = rankPacks(q.stock, wanted, wholeMicrometres(guarded), options);
  const search =
    proven.ranked.length > 0
      ? proven
      : rankPacks(
          q.stock,
          wanted,
          wholeMicrometres(() => allowedSums(q, 0)),
          options,
        );
  const common = {
    wanted,
    interval: guarded(1),
    guard: guardOf(1),
    packsCovered: search.packsCovered,
    working: workingOf(q, target, wanted, guardOf(1), guarded(1)),
  };
  if (search.ranked.length === 0)
    return { ...common, status: 'nothingFits', packs: [], instead: nothingFits(q, wanted) };
  const packs = search.ranked.map((pack) => ({
    ...pack,
    expectedPlay: playOf(q, pack.thickness),
    expandedUncertainty: guardOf(pack.pieceCount),
  }));
  return { ...common, status: proven.ranked.length > 0 ? 'found' : 'unproven', packs };
}

function allowedSums(q: PackQuestion, guard: number): { from: number; to: number } | null {
  const least = (q.band.lower ?? -Infinity) + guard;
  const most = (q.band.upper ?? Infinity) - guard;
  if (least > most) return null;
  const ends = [least, most].map(
    (play) => q.packInPlace.thickness + (play - q.endPlay.value) / q.gain,
  );
  // An open limit is searched as far as any pack can reach: 20 mm a piece.
  const reach = 20 * q.mostPieces;
  const from = Math.max(0, Math.min(...ends));
  const to = Math.min(reach, Math.max(...ends));
  return from > to ? null : { from, to };
}

/** Limits in mm taken inwards to whole micrometres. */
function wholeMicrometres(
  limits: (pieces: number) => { from: number; to: number } | null,
): AllowedSums {
  return (pieces) => {
    const limit = limits(pieces);
    if (limit === null) return null;
    const from = Math.ceil(limit.from * 1000 - 1e-6);
    const to = Math.floor(limit.to * 1000 + 1e-6);
    return from > to ? null : { from, to };
  };
}

function nothingFits(q: PackQuestion, wanted: number): NothingFits {
  const { below, above } = nearestSums(q.stock, wanted, q.mostPieces);
  const base = nearestSums(q.stock, wanted - THINNEST_PIECE, q.mostPieces - 1).below;
  const near = [below, above].filter((sum) => sum !== null).map((sum) => sum / 1000);
  return {
    buy:
      base === null ? null : { thickness: (micrometres(wanted) - base) / 1000, with: base / 1000 },
    grind:
      above === null || above === 0 || wanted <= 0
        ? null
        : { from: above / 1000, amount: (above - micrometres(wanted)) / 1000 },
    nearest: [...new Set(near)].map((thickness) => ({
      thickness,
      expectedPlay: playOf(q, thickness),
    })),
  };
}

function workingOf(
  q: PackQuestion,
  target: number,
  wanted: number,
  guard: number,
  interval: { from: number; to: number } | null,
): readonly WorkingLine[] {
  const piece = Math.max(0, ...q.stock.map(({ uncertainty }) => uncertainty));
  const lines = [
    line(
      'Pack that gives the target',
      't* = t₀ + (target − e₀)/gain',
      [
        ['t₀', q.packInPlace.thickness, 'length'],
        ['target', target, 'length'],
        ['e₀', q.endPlay.value, 'length'],
        ['gain', q.gain, 'number'],
      ],
      ['t*', wanted, 'length'],
      'loop',
    ),
    line(
      'Guard at each limit, pack of one piece',
      'g = k·√(u_e² + gain²·(u_t² + n·u_p²))',
      [
        ['u_e', q.endPlay.uncertainty, 'length'],
        ['u_t', q.packInPlace.uncertainty, 'length'],
        ['u_p', piece, 'length'],
        ['n', 1, 'number'],
        ['gain', q.gain, 'number'],
      ],
      ['g', guard, 'length'],
      'conservativePieces',
    ),
  ];
  if (interval === null) return lines;
  const ends = (['from', 'to'] as const).map((end) =>
    line(
      end === 'from' ? 'Thinnest pack allowed' : 'Thickest pack allowed',
      't = t₀ + (limit ± g − e₀)/gain',
      [
        ['lower', q.band.lower ?? -Infinity, 'length'],
        ['upper', q.band.upper ?? Infinity, 'length'],
        ['g', guard, 'length'],
      ],
      ['t', interval[end], 'length'],
      'iso14253',
    ),
  );
  return [...lines, ...ends];
}
