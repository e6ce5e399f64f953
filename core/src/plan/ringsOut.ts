import type { Row } from '../course/index.ts';

/** The rings of a bearing that come out by what moves: the one whose piece that is, both where it comes as one. */
export function ringsOut(on: readonly string[]): readonly ('outer' | 'inner')[] {
  const isInner = on.some((id) => id.endsWith(':cone'));
  const isOuter = on.some((id) => id.endsWith(':cup'));
  return isInner === isOuter ? ['outer', 'inner'] : [isInner ? 'inner' : 'outer'];
}

/** The ring by which what is pulled still sits; undefined where it is not one, or nothing says. */
export const heldBy = (rows: readonly Row[] = []): 'outer' | 'inner' | undefined =>
  rows.find(({ move }) => move?.to === 'out')?.ring;
