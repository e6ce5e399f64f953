import { requireNumber } from '../faults/index.ts';
import type { ToothCut } from './gearPair.ts';

/** The middle of a contact mark on a flank of the ring gear, in halves of the tooth. */
export interface ContactMark {
  /** −1 at the toe (inside), 0 in the middle, +1 at the heel. */
  readonly length: number;
  /** −1 at the root, 0 in the middle, +1 at the face (tip). */
  readonly height: number;
}

/** Flanks of a ring gear's tooth: convex where it is driven forwards, and concave. */
export const FLANKS = ['drive', 'coast'] as const;
export type Flank = (typeof FLANKS)[number];

/** The marks of one try; null where a flank was not painted or not placed. */
export type ContactPattern = Readonly<Record<Flank, ContactMark | null>>;

/** Where the marks of a pair that is right lie without load, and how far off they may be, in halves of the tooth. */
export const PATTERN_IDEAL: ContactMark = { length: -0.1, height: 0 };
export const PATTERN_LIMIT: ContactMark = { length: 0.4, height: 0.35 };

/** A mark placed by eye is that sure, in halves of the tooth. A rule of this program. */
export const BY_EYE = 0.12;

/**
 * How the marks move, in halves of the tooth for each mm: by the pinion towards the ring gear with the backlash kept, and by the
 * ring gear towards the pinion. Directions are common practice, no source; the sizes are a start, for a pair of about 200 mm,
 * and are learned from the tries.
 */
interface Response {
  readonly height: number;
  readonly length: Readonly<Record<Flank, number>>;
}
const RESPONSES: Readonly<Record<ToothCut, Readonly<Record<'pinion' | 'ring', Response>>>> = {
  // Tapered depth: the pinion also drives the marks apart along the tooth, to the toe where it drives, to the heel where it coasts.
  faceMilled: {
    pinion: { height: -4, length: { drive: -2.4, coast: 2.4 } },
    ring: { height: -1, length: { drive: -3, coast: -3 } },
  },
  // Uniform depth: the pinion moves them between face and root, the backlash between toe and heel.
  faceHobbed: {
    pinion: { height: -4, length: { drive: -0.8, coast: 0.8 } },
    ring: { height: -0.6, length: { drive: -3, coast: -3 } },
  },
};
/** How far the sizes of a pair differ from these, as a share, standard. */
export const RESPONSE_SPREAD = 0.4;
/** How far off a pair is found before anything is known of it, standard, mm. */
const FOUND_OFF = 0.15;

/** A figure of a mark, and how it moves. */
export interface Row {
  readonly name: string;
  /** Where it lies, and how far off its middle that is. */
  readonly at: number;
  readonly off: number;
  /** ∂/∂(pinion towards the ring gear), ∂/∂(ring gear towards the pinion). */
  readonly of: readonly [pinion: number, ring: number];
}

/** The figures of the marks that were placed. @throws InputError naming the mark */
export function rowsOf(
  pattern: ContactPattern,
  cut: ToothCut | null,
  scale: number,
): readonly Row[] {
  return FLANKS.flatMap((flank): readonly Row[] => {
    const mark = pattern[flank];
    if (mark === null) return [];
    return (['length', 'height'] as const).map((along) => {
      const at = requireNumber(`${flank}.${along}`, mark[along], { min: -1, max: 1 });
      const gain = (of: 'pinion' | 'ring'): number => {
        const cuts: readonly ToothCut[] = cut === null ? ['faceMilled', 'faceHobbed'] : [cut];
        const sum = cuts.reduce((total, one) => {
          const { height, length } = RESPONSES[one][of];
          return total + (along === 'height' ? height : length[flank]);
        }, 0);
        return (scale * sum) / cuts.length;
      };
      return {
        name: `${flank} ${along === 'length' ? 'toe to heel' : 'root to face'}`,
        at,
        off: at - PATTERN_IDEAL[along],
        of: [gain('pinion'), gain('ring')] as const,
      };
    });
  });
}

/** Errors of both gears, and how sure they are. */
export interface Solved {
  readonly pinion: number;
  readonly ring: number;
  readonly spread: { readonly pinion: number; readonly ring: number };
}

/** Ridge least squares of two unknowns, or of the ring gear with the pinion left where it is. */
export function solve(rows: readonly Row[], of: 'both' | 'ring' = 'both'): Solved {
  const weight = 1 / BY_EYE ** 2;
  const prior = 1 / FOUND_OFF ** 2;
  const sum = (of: (row: Row) => number) => rows.reduce((total, row) => total + of(row), 0);
  const pp = weight * sum(({ of }) => of[0] ** 2) + prior;
  const rr = weight * sum(({ of }) => of[1] ** 2) + prior;
  const pr = weight * sum(({ of }) => of[0] * of[1]);
  const [p, r] = [0, 1].map((at) => -weight * sum(({ of, off }) => of[at]! * off)) as [
    number,
    number,
  ];
  if (of === 'ring')
    return {
      pinion: 0,
      ring: r / rr,
      spread: { pinion: Math.sqrt(1 / pp), ring: Math.sqrt(1 / rr) },
    };
  const whole = pp * rr - pr ** 2;
  return {
    pinion: (rr * p - pr * r) / whole,
    ring: (pp * r - pr * p) / whole,
    spread: { pinion: Math.sqrt(rr / whole), ring: Math.sqrt(pp / whole) },
  };
}

/**
 * What the move does not explain, against three times what the eye and the sizes of the response leave: both heights at opposite ends
 * cannot come from where the gears stand.
 */
export function misfit(rows: readonly Row[], { pinion, ring }: Solved, spread: number): number {
  const worst = rows.map(({ off, of }) => {
    const moved = of[0] * pinion + of[1] * ring;
    return Math.abs(off + moved) / (3 * Math.hypot(BY_EYE, spread * moved));
  });
  return Math.max(...worst);
}
