import { trialGain } from '../arrangement/index.ts';
import { orRefused, type InputFault } from '../faults/index.ts';
import { verdictOf, type JobState } from '../job/index.ts';
import type { Axis, Station } from '../unit/index.ts';
import { playSpec } from './playProgress.ts';
import { tableGain, type PlayKind } from './setters.ts';

/** What a thickness at a place does to a play, and how it is known. */
export type Gain =
  | {
      readonly status: 'known';
      readonly value: number;
      readonly uncertainty: number;
      readonly by: 'table' | 'twoTrials';
    }
  /** The place is not known: so many trial builds with packs that differ enough are there, and two are wanted. */
  | { readonly status: 'needsTrials'; readonly trials: number }
  | { readonly status: 'refused'; readonly fault: InputFault };

/** Packs of two trials differ by at least this, mm: below it the difference drowns in the readings. */
export const TRIAL_APART = 0.05;
/** A measured gain within so many standard uncertainties of ±1 is that. A rule of this program. */
const SNAP = 2.5;

/** A build that was measured with a known thickness in place. mm. */
interface Trial {
  readonly thickness: number;
  readonly endPlay: number;
  readonly uncertainty: number;
}

/**
 * ∂(play)/∂(thickness) at a station: by the table of arrangements where the place is known, else from the last two builds
 * whose packs differ there and nowhere else.
 */
export function gainAt(state: JobState, axis: Axis, station: Station, kind: PlayKind): Gain {
  const known = tableGain(axis.arrangement, station, kind);
  if (known !== null) return { status: 'known', value: known, uncertainty: 0, by: 'table' };
  const trials = trialsAt(state, axis, station, kind);
  const last = trials.at(-1);
  const first = trials.findLast(
    ({ thickness }) => Math.abs(thickness - last!.thickness) >= TRIAL_APART - 1e-9,
  );
  if (last === undefined || first === undefined)
    return { status: 'needsTrials', trials: last === undefined ? 0 : 1 };
  const measured = orRefused(
    () => trialGain(first, last),
    ({ faults: [fault] }) => fault!,
  );
  if (typeof measured !== 'number') return { status: 'refused', fault: measured };
  const value = measured;
  const uncertainty =
    Math.hypot(first.uncertainty, last.uncertainty) / Math.abs(last.thickness - first.thickness);
  if (Math.abs(value) <= SNAP * uncertainty)
    return {
      status: 'refused',
      fault: {
        code: 'contradiction',
        field: 'gain',
        value,
        wanted: { id: 'gainSeen', gain: SNAP * uncertainty },
      },
    };
  const whole = Math.abs(Math.abs(value) - 1) <= SNAP * uncertainty;
  return {
    status: 'known',
    value: whole ? Math.sign(value) : value,
    uncertainty: whole ? 0 : uncertainty,
    by: 'twoTrials',
  };
}

/** Builds that were measured, in order; those that differ elsewhere on the axis from the last one are left out. */
function trialsAt(state: JobState, axis: Axis, station: Station, kind: PlayKind): readonly Trial[] {
  const spec = playSpec(state, axis.id, kind);
  const runs = state.measured.runs.filter(
    ({ specId, status, inPlace }) =>
      specId === spec?.specId && status === 'closed' && inPlace[station.id] !== undefined,
  );
  const last = runs.at(-1);
  const others = axis.stations.map(({ id }) => id).filter((id) => id !== station.id);
  return runs
    .filter(
      ({ inPlace, stage }) =>
        stage !== 'asFound' && others.every((id) => inPlace[id] === last!.inPlace[id]),
    )
    .flatMap((run) => {
      const verdict = verdictOf(state, run);
      if (verdict?.status !== 'judged') return [];
      return [
        {
          thickness: run.inPlace[station.id]!,
          endPlay: verdict.value.mean,
          uncertainty: verdict.value.uncertainty.standard,
        },
      ];
    });
}
