import { judgePattern, type PatternVerdict } from '../gears/index.ts';
import type { BacklashRow, JobState, PatternRow } from '../job/index.ts';
import type { AxisMesh } from './pairGears.ts';
import { marksAsBuilt } from './pairPattern.ts';
import { PAIR_SITES, type PairSite } from './pairNow.ts';
import { specOf } from './specOf.ts';

/** A try of a pair: what was in, and what was read and seen with that. mm. */
export interface PairTryRow {
  readonly inPlace: Readonly<Record<PairSite, number | null>>;
  /** The smallest backlash; null where none was read with it. */
  readonly smallest: number | null;
  readonly pattern: PatternVerdict | null;
}

/** The tries of a pair in order: what was read with the same things in is one. */
export function pairTries(state: JobState, of: AxisMesh): readonly PairTryRow[] {
  const { mesh, carrier } = of;
  const ids = { depth: mesh.depthAt, gear: mesh.gearSideAt, other: mesh.otherSideAt };
  const spec = specOf(state, carrier.id, 'backlash');
  const rows = [
    ...state.measured.backlashes.filter(
      ({ specId, stage }) => specId === spec?.specId && stage !== 'asFound',
    ),
    ...marksAsBuilt(state, of),
  ].toSorted((a, b) => a.order - b.order);
  const tries: PairTryRow[] = [];
  for (const row of rows) {
    const inPlace = Object.fromEntries(
      PAIR_SITES.map((site) => [
        site,
        (ids[site] === null ? null : row.inPlace[ids[site]]) ?? null,
      ]),
    ) as PairTryRow['inPlace'];
    const last = tries.at(-1);
    const same =
      last !== undefined && PAIR_SITES.every((site) => last.inPlace[site] === inPlace[site]);
    const now = same ? tries.pop()! : { inPlace, smallest: null, pattern: null };
    tries.push(
      isRound(row)
        ? { ...now, smallest: Math.min(...row.places.map(({ value }) => value)) }
        : { ...now, pattern: judgePattern(row, mesh.cut) },
    );
  }
  return tries;
}

const isRound = (row: BacklashRow | PatternRow): row is BacklashRow => 'places' in row;
