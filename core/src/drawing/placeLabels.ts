import { STATION_KIND_TABLE, type Station } from '../unit/index.ts';
import type { Point } from './geometry.ts';

/** A numbered mark under the section, and the station its leader points to. */
export interface StationLabel {
  readonly stationId: string;
  /** 1, 2, 3 … from left to right. */
  readonly number: number;
  /** Middle of the mark along the axis, mm. */
  readonly x: number;
  /** Where the leader ends, at the lower edge of the station. */
  readonly anchor: Point;
}

/** Marks are at least this share of the drawing's length apart, as long as there is room. */
const CLOSEST = 1 / 24;

/**
 * Place one mark for each station that is more than a piece of a casting or shaft, in their order, as near to
 * their stations as can be without two of them touching. Moving together what collides is the least-squares
 * answer (isotonic regression by pooling adjacent violators; Barlow, Bartholomew, Bremner and Brunk, 1972).
 */
export function placeLabels(
  stations: readonly Station[],
  { left, right }: { readonly left: number; readonly right: number },
): readonly StationLabel[] {
  const marked = stations
    .filter(({ kind }) => STATION_KIND_TABLE[kind].form !== 'body')
    .toSorted((a, b) => a.at + a.width / 2 - (b.at + b.width / 2));
  const gap = Math.min((right - left) * CLOSEST, (right - left) / Math.max(1, marked.length));
  const wanted = marked.map(({ at, width }) => at + width / 2);
  const placed = spread(wanted, gap, left + gap / 2, right - gap / 2);
  return marked.map(({ id, at, width, outside }, index) => ({
    stationId: id,
    number: index + 1,
    x: placed[index]!,
    anchor: { x: at + width / 2, y: -outside / 2 },
  }));
}

interface Block {
  readonly sum: number;
  readonly count: number;
}

/** Move places apart until each is `gap` from the next, all between `from` and `to`. */
function spread(
  wanted: readonly number[],
  gap: number,
  from: number,
  to: number,
): readonly number[] {
  const blocks: Block[] = [];
  const mean = ({ sum, count }: Block) => sum / count;
  wanted.forEach((place, index) => {
    blocks.push({ sum: place - index * gap, count: 1 });
    while (blocks.length > 1 && mean(blocks.at(-2)!) > mean(blocks.at(-1)!)) {
      const [before, last] = blocks.splice(-2) as [Block, Block];
      blocks.push({ sum: before.sum + last.sum, count: before.count + last.count });
    }
  });
  const last = to - (wanted.length - 1) * gap;
  return blocks
    .flatMap((block) => Array.from({ length: block.count }, () => mean(block)))
    .map((place, index) => Math.min(Math.max(place, from), Math.max(from, last)) + index * gap);
}
