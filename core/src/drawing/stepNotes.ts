import type { Side } from '../unit/index.ts';
import type { Point } from './geometry.ts';

/** Words at a place of the section. */
export interface NoteToPlace {
  readonly words: string;
  /** The place they are about. */
  readonly at: Point;
  /** To which side of it they stand; null where it does not matter. */
  readonly side: Side | null;
}

/** Words in a row over the section, with the place their leader goes to. mm; y is up. */
export interface PlacedNote {
  readonly words: string;
  readonly at: Point;
  /** The left end of the words, on their base line. */
  readonly text: Point;
  readonly row: number;
}

/** A letter is about so wide, and a row so high, in units of the picture. */
export const LETTER = 1.55;
export const ROW = 4.4;
/** Words stand so far beside the line that leads from them. */
const BESIDE = 0.8;

/**
 * Words in rows over the section, each as near to its place as can be without meeting another: from left to right into the
 * lowest row that has room.
 */
export function placeNotes(
  notes: readonly NoteToPlace[],
  { left, right, top, unit }: { left: number; right: number; top: number; unit: number },
): readonly PlacedNote[] {
  const ends: number[] = [];
  return notes
    .map((note) => ({ ...note, ...spanOf(note, left, right, unit) }))
    .toSorted((a, b) => a.from - b.from)
    .map(({ words, at, from, to }) => {
      const free = ends.findIndex((end) => end + 2 * unit < from);
      const row = free === -1 ? ends.length : free;
      ends[row] = to;
      return { words, at, row, text: { x: from, y: top + (row * ROW + 1.2) * unit } };
    });
}

/** From where to where words reach, kept within the picture as far as it is wide. */
function spanOf({ words, at, side }: NoteToPlace, left: number, right: number, unit: number) {
  const width = words.length * LETTER * unit;
  const wanted =
    side === 'left'
      ? at.x - width - BESIDE * unit
      : side === 'right'
        ? at.x + BESIDE * unit
        : at.x - width / 2;
  const from = Math.max(left + unit, Math.min(wanted, right - unit - width));
  return { from, to: from + width };
}
