import { trialGain } from '../arrangement/index.ts';
import { orRefused, type InputFault } from '../faults/index.ts';
import type { JobState } from '../job/index.ts';
import type { Axis, Station } from '../unit/index.ts';
import { tableGain, type PlayKind } from '../setters/index.ts';
import { triesAt } from './triesAt.ts';

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

/**
 * ∂(play)/∂(thickness) at a station: by the table of arrangements where the place is known, else from the last two builds
 * whose packs differ there and nowhere else.
 */
export function gainAt(state: JobState, axis: Axis, station: Station, kind: PlayKind): Gain {
  const known = tableGain(axis.arrangement, station, kind);
  if (known !== null) return { status: 'known', value: known, uncertainty: 0, by: 'table' };
  const trials = triesAt(state, axis, station, kind);
  const last = trials.at(-1);
  const first = trials.findLast(
    ({ thickness }) => Math.abs(thickness - last!.thickness) >= TRIAL_APART - 1e-9,
  );
  if (last === undefined || first === undefined)
    return { status: 'needsTrials', trials: last === undefined ? 0 : 1 };
  const measured = orRefused(
    () => trialGain({ ...first, endPlay: first.play }, { ...last, endPlay: last.play }),
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
