import { exceeds, requireNumber } from '../faults/index.ts';
import { line, type WorkingLine } from '../working/index.ts';

/** Min gap between a seal and the bearing behind it, mm. Common practice, no source. */
export const LEAST_GAP = 1;

/** Where a seal ends up. mm. */
export interface SealDepth {
  /** Deepest outer face that keeps the gap. */
  readonly deepest: number;
  readonly gap: number;
  readonly enough: boolean;
  readonly working: readonly WorkingLine[];
}

/**
 * Gap left behind a seal: `gap = bore depth to the bearing − depth − width`. Geometry.
 *
 * @param boreDepth from the face to the bearing or shoulder, mm
 * @param depth from the face to the seal's outer face, mm
 * @param width of the seal, mm
 * @throws InputError naming the field; `depth` when the seal would not fit at all
 * @example sealDepth({ boreDepth: 12, depth: 2, width: 8 }).gap // 2
 */
export function sealDepth({
  boreDepth,
  depth,
  width,
}: {
  readonly boreDepth: number;
  readonly depth: number;
  readonly width: number;
}): SealDepth {
  requireNumber('width', width, { above: 0, max: 200, unit: 'mm' });
  requireNumber('boreDepth', boreDepth, { min: width, max: 1000, unit: 'mm' });
  requireNumber('depth', depth, { min: 0, max: boreDepth - width, unit: 'mm' });
  const gap = Math.max(0, boreDepth - depth - width);
  return {
    deepest: Math.max(0, boreDepth - width - LEAST_GAP),
    gap,
    enough: !exceeds(LEAST_GAP, gap),
    working: [
      line(
        'Gap behind the seal',
        'gap = bore depth − depth − width',
        [
          ['bore depth', boreDepth, 'length'],
          ['depth', depth, 'length'],
          ['width', width, 'length'],
        ],
        ['gap', gap, 'length'],
        'sealGap',
      ),
    ],
  };
}
