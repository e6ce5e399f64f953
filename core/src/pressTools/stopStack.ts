import { judgeRange, NORMAL_FACTOR, type DecisionWord } from '../measure/index.ts';
import { rankPacks } from '../shims/index.ts';
import { line, type WorkingLine } from '../working/index.ts';
import { noseOf, type Driver } from './driver.ts';
import type { Spacer } from './spacer.ts';

/** What a driver is to stop at. mm. */
export interface StopWanted {
  /** From the face to the outer face of what is driven. */
  readonly depth: number;
  /** It may end this much off, to both sides. */
  readonly within: number;
  /** Bore in the face on which the stack rests. */
  readonly bore: number;
}

/** Some spacers of one size. */
export interface StopPiece {
  readonly spacer: Spacer;
  readonly count: number;
}

/** Where a driver ends with the best stack under its collar. mm. */
export interface StopStack {
  readonly pieces: readonly StopPiece[];
  readonly thickness: number;
  /** Depth at which it comes to rest. */
  readonly ends: number;
  /** How far that can be off, every piece at its limit, and as root of the sum of squares. */
  readonly worst: number;
  readonly likely: number;
  readonly word: DecisionWord;
  readonly working: readonly WorkingLine[];
}

/** The stack, or why there is none. */
export type StopVerdict =
  | ({ readonly status: 'known' } & StopStack)
  | { readonly status: 'noNose' }
  | { readonly status: 'tooShort'; readonly by: number }
  | { readonly status: 'noSpacer' }
  | ({ readonly status: 'noSum' } & StopStack);

/** Most pieces in a stack: more do not lie flat. Common practice, no source. */
const MOST_PIECES = 5;
/** A spacer passes over the nose with this much room on the diameter, mm. A rule of this program. */
const ROOM = 0.2;
/** And rests on the face with this much of its own beyond the bore, on the diameter, mm. A rule of this program. */
const RESTS = 4;
/** How far from the wanted length a stack is looked for at all, mm. */
const REACH = 20;

/**
 * The stack of spacers under the collar of a driver with which its nose ends at a depth: nose − stack = depth. Exact: of all stacks of
 * up to five pieces the one that ends nearest, then the one with the fewest pieces. Only spacers that pass over the nose and rest on
 * the face are taken.
 *
 * @example stopStack(wanted 8 mm deep, driver with a nose of 20 mm, [spacers of 12 mm]).ends // 8
 */
export function stopStack(
  wanted: StopWanted,
  driver: Driver,
  spacers: readonly Spacer[],
): StopVerdict {
  const nose = noseOf(driver);
  if (nose === null) return { status: 'noNose' };
  const length = nose.length - wanted.depth;
  if (length < -wanted.within) return { status: 'tooShort', by: -length };
  const stacked = (pieces: readonly StopPiece[]) => stackOf(wanted, nose, pieces);
  if (length <= wanted.within) {
    const bare = stacked([]);
    if (bare.word === 'conforms') return { status: 'known', ...bare };
  }
  const usable = spacers.filter(
    ({ bore, outside }) => bore >= driver.outside + ROOM && outside >= wanted.bore + RESTS,
  );
  if (usable.length === 0) return { status: 'noSpacer' };
  const stock = usable.map(({ id, thickness, count, within }) => ({
    id,
    thickness,
    count,
    uncertainty: within,
  }));
  const { ranked } = rankPacks(
    stock,
    length,
    () => ({ from: Math.max(0, 1000 * (length - REACH)), to: 1000 * (length + REACH) }),
    { mostPieces: MOST_PIECES, keep: 1 },
  );
  const best = ranked[0];
  if (best === undefined) return { status: 'noSpacer' };
  const stack = stacked(
    best.pieces.map(({ sizeId, quantity }) => ({
      spacer: usable.find(({ id }) => id === sizeId)!,
      count: quantity,
    })),
  );
  return {
    status: Math.abs(stack.ends - wanted.depth) > wanted.within ? 'noSum' : 'known',
    ...stack,
  };
}

/** Where a driver ends on a stack. */
export function stackOf(
  { depth, within }: Pick<StopWanted, 'depth' | 'within'>,
  nose: NonNullable<ReturnType<typeof noseOf>>,
  pieces: readonly StopPiece[],
): StopStack {
  const parts = pieces.flatMap(({ spacer, count }) => Array.from({ length: count }, () => spacer));
  const thickness = parts.reduce((sum, { thickness: one }) => sum + one, 0);
  const limits = [nose.within, ...parts.map((one) => one.within)];
  const worst = limits.reduce((sum, limit) => sum + limit, 0);
  const likely = Math.hypot(...limits);
  const ends = nose.length - thickness;
  const off = ends - depth;
  return {
    pieces,
    thickness,
    ends,
    worst,
    likely,
    word: judgeRange(
      { least: off - worst, most: off + worst },
      { lower: -within - 1e-9, upper: within + 1e-9, target: null },
    ),
    working: [
      line(
        'Ends at',
        't = n − Σs',
        [
          ['n', nose.length, 'length'],
          ['Σs', thickness, 'length'],
        ],
        ['t', ends, 'length'],
        'asMeasured',
      ),
      line('Every piece at its limit', 'W = Σ|±|', [], ['W', worst, 'length'], 'fitSizes'),
      line(
        'Root of the sum of squares',
        'R = √Σ(±)²',
        [],
        ['R', likely, 'length'],
        'rootSumSquare',
      ),
    ],
  };
}

/**
 * Whether a length measured over the whole agrees with the one that is added up: their difference within what both can be off.
 *
 * @param added mm, with the root of the sum of squares of its limits
 * @param measured mm, with its standard uncertainty
 */
export function crossCheck(
  added: { readonly length: number; readonly likely: number },
  measured: { readonly length: number; readonly uncertainty: number },
): { readonly difference: number; readonly allowed: number; readonly agrees: boolean } {
  const difference = measured.length - added.length;
  const allowed = Math.hypot(added.likely, NORMAL_FACTOR * measured.uncertainty);
  return { difference, allowed, agrees: Math.abs(difference) <= allowed + 1e-9 };
}
