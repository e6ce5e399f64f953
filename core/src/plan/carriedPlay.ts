import { orRefused } from '../faults/index.ts';
import { inPlaceNow, packUncertainty, verdictOf, type JobState, type Run } from '../job/index.ts';
import { USUAL_SEATING } from '../odds/index.ts';
import { USUAL_GAIN_SPREAD } from '../tries/index.ts';
import type { Axis } from '../unit/index.ts';
import { playShift, playSpec } from './playProgress.ts';
import { tableGain } from './setters.ts';

/** A play as it was last measured, carried to what is in place now. mm. */
export interface CarriedPlay {
  readonly value: number;
  readonly uncertainty: number;
  /** Null when infinite. */
  readonly degreesOfFreedom: number | null;
}

/** The last run of a spec since the unit was apart, whatever was fitted after it. */
export const carriedRun = ({ measured: { runs } }: JobState, ofSpec: string): Run | null =>
  runs.findLast(
    ({ specId, status, stage }) => specId === ofSpec && status === 'closed' && stage !== 'asFound',
  ) ?? null;

/**
 * The end play of an axis with what is in place, also where that is preload and cannot be read: the last run that was judged, moved
 * by what was changed since at each place by its gain. Null where nothing was measured.
 */
export function carriedPlay(
  state: JobState,
  axis: Axis,
  inPlace: Run['inPlace'] = inPlaceNow(state),
): CarriedPlay | null {
  const spec = playSpec(state, axis.id, 'endPlay');
  if (spec === null) return null;
  const run = carriedRun(state, spec.specId);
  const verdict =
    run === null
      ? null
      : orRefused(
          () => verdictOf(state, run),
          () => null,
        );
  if (run === null || verdict?.status !== 'judged') return null;
  const { mean, uncertainty } = verdict.value;
  let [value, variance] = [mean, uncertainty.standard ** 2];
  let apart = false;
  for (const station of axis.stations) {
    const [was, is] = [run.inPlace[station.id], inPlace[station.id]];
    if (was === is || is === undefined) continue;
    const gain = tableGain(axis.arrangement, station, 'endPlay');
    // An adjuster that had not been turned yet stood where it was.
    if (was === undefined && station.kind !== 'adjuster') continue;
    const moved = (gain ?? 0) * (is - (was ?? 0));
    value += moved;
    variance += (USUAL_GAIN_SPREAD * moved) ** 2;
    apart ||= station.kind !== 'adjuster';
    const pack = state.setting.packs[station.id];
    if (pack !== undefined) variance += 2 * packUncertainty(pack.pieces) ** 2;
  }
  // It was taken apart for that, and no two assemblies are the same.
  if (apart) variance += USUAL_SEATING ** 2;
  if (run.stage === 'trial') {
    const { shift, uncertainty: unsure } = playShift(state, axis);
    value += shift;
    variance += unsure ** 2;
  }
  const freedom = uncertainty.degreesOfFreedom;
  return {
    value,
    uncertainty: Math.sqrt(variance),
    degreesOfFreedom: Number.isFinite(freedom) ? freedom : null,
  };
}
