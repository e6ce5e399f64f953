import type { Station } from '../unit/index.ts';
import { drawnEdges, type Segment } from './segment.ts';

/** Where cup and cone part in their section, and how far the slope goes to either side of it, as shares. Drawn, not known. */
const [SPLIT, SLOPE] = [0.6, 0.1];

/**
 * Cup and cone of a bearing that parts: between them a cone surface, drawn as one step, so that the cone leaves its cup
 * only away from the side to which the shaft pushes it.
 */
export function ringSegments(station: Station): {
  readonly cup: readonly Segment[];
  readonly cone: readonly Segment[];
} {
  const { at, width, inside, outside, thrust } = station;
  const [middle, half] = [inside + SPLIT * (outside - inside), at + width / 2];
  const towards = thrust === undefined ? 0 : thrust === 'left' ? -1 : 1;
  const step = towards * SLOPE * (outside - inside);
  const pieces = [
    { from: at, to: half, split: middle + step },
    { from: half, to: at + width, split: middle - step },
  ];
  return {
    cup: pieces.map(({ from, to, split }) => ({
      from,
      to,
      inner: split,
      outer: outside,
      ...drawnEdges(station, 'outer'),
    })),
    cone: pieces.map(({ from, to, split }) => ({
      from,
      to,
      inner: inside,
      outer: split,
      ...drawnEdges(station, 'inner'),
    })),
  };
}
