import { orRefused } from '../faults/index.ts';
import { judgeBacklash, USUAL_FACTOR, type BacklashVerdict } from '../gears/index.ts';
import { inPlaceNow, type BacklashRow, type JobState, type Spec } from '../job/index.ts';
import type { Axis } from '../unit/index.ts';
import { acceptance } from './acceptance.ts';
import { specOf } from './specOf.ts';

/** A round of places, judged; null where it cannot be. */
export function judgedPlaces(
  { places, instrument }: BacklashRow,
  { band, mostRange }: Pick<Spec, 'band' | 'mostRange'>,
  factor: number,
): BacklashVerdict | null {
  return orRefused(
    () =>
      judgeBacklash(places, {
        band,
        instrument,
        factor,
        ...(mostRange === undefined ? {} : { allowedRange: mostRange }),
      }),
    () => null,
  );
}

/** The last round read for a spec, of some stages. */
export function lastBacklash(
  { measured: { backlashes } }: JobState,
  specId: string,
  stages: readonly BacklashRow['stage'][],
): BacklashRow | null {
  return backlashes.findLast((row) => row.specId === specId && stages.includes(row.stage)) ?? null;
}

/** Whether the backlash with what is in was read and is out of its limits, and nobody accepted it: the sides are chosen anew. */
export function backlashIsOff(state: JobState, axis: Axis): boolean {
  const spec = specOf(state, axis.id, 'backlash');
  const row = spec === null ? null : lastBacklash(state, spec.specId, ['trial', 'final']);
  if (spec === null || row === null || acceptance(state, spec.specId, row.order) !== null)
    return false;
  const inPlace = inPlaceNow(state);
  const moved = axis.stations.some(({ id }) => inPlace[id] !== row.inPlace[id]);
  const verdict = moved ? null : judgedPlaces(row, spec, USUAL_FACTOR.value);
  return verdict?.decision.word === 'doesNotConform';
}
