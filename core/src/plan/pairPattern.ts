import {
  judgePattern,
  learnResponse,
  patternMiss,
  type Known,
  type PatternVerdict,
} from '../gears/index.ts';
import { inPlaceNow, type JobState, type PatternRow } from '../job/index.ts';
import { pinionPlace, ringPlace, SAME_PLACE, type AxisMesh } from './pairGears.ts';

/** The contact marks of a pair as they were last made. */
export interface PairPattern {
  readonly row: PatternRow;
  readonly verdict: PatternVerdict;
  /** Whether both gears stand where they stood when they were made. */
  readonly current: boolean;
  /** By how much the marks of this pair move more than usual. */
  readonly scale: Known;
  /** How far off the marks of every try were, in order; whether they come nearer. */
  readonly misses: readonly number[];
  readonly comesNearer: boolean | null;
}

/** Marks of a pair as built, in order: what was found says nothing of where it is set. */
export const marksAsBuilt = (
  { measured: { patterns } }: JobState,
  { mesh }: AxisMesh,
): readonly PatternRow[] =>
  patterns.filter(({ meshId, stage }) => meshId === mesh.id && stage !== 'asFound');

/** The marks of a pair as it came, the last that were made; null where none were. */
export const marksAsFound = (
  { measured: { patterns } }: JobState,
  { mesh }: AxisMesh,
): PatternRow | null =>
  patterns.findLast(({ meshId, stage }) => meshId === mesh.id && stage === 'asFound') ?? null;

/** The marks that were last made, judged by what the tries before them taught; null where none were. */
export function pairPattern(state: JobState, of: AxisMesh): PairPattern | null {
  const rows = marksAsBuilt(state, of);
  const row = rows.at(-1);
  if (row === undefined) return null;
  const { cut } = of.mesh;
  const placed = rows.flatMap((one) => {
    const places = placesOf(state, of, one.inPlace);
    return places === null ? [] : [{ pattern: one, ...places }];
  });
  const scale = learnResponse(placed, cut);
  const misses = rows.flatMap((one) => patternMiss(one) ?? []);
  const [now, then] = [placesOf(state, of, inPlaceNow(state)), placesOf(state, of, row.inPlace)];
  return {
    row,
    verdict: judgePattern(row, cut, scale),
    current:
      now === null ||
      then === null ||
      (Math.abs(now.ring - then.ring) < SAME_PLACE &&
        Math.abs(now.pinion - then.pinion) < SAME_PLACE),
    scale,
    misses,
    comesNearer: misses.length < 2 ? null : misses.at(-1)! < misses.at(-2)!,
  };
}

/** Pinion towards the ring gear, ring gear towards the pinion; null where a shim is not known. */
function placesOf(
  state: JobState,
  of: AxisMesh,
  inPlace: PatternRow['inPlace'],
): { readonly pinion: number; readonly ring: number } | null {
  const [ring, pinion] = [ringPlace(state, of, inPlace, 'preload'), pinionPlace(of, inPlace)];
  return ring === null ? null : { ring: -ring, pinion: -(pinion ?? 0) };
}
