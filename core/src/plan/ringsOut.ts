import type { Row } from '../course/index.ts';

type OneRing = 'outer' | 'inner';

/** The rings by which what is pulled still sits, as the course has it; both where it does not say one. */
export function ringsOut(rows: readonly Row[] = []): readonly OneRing[] {
  const rings = new Set(rows.flatMap(({ ring }) => ring ?? []));
  return rings.size === 1 ? [...rings] : ['outer', 'inner'];
}
