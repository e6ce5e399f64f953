import { FINDINGS, type Finding } from '../inspect/index.ts';
import type { JobEventData, JobState } from '../job/index.ts';
import { findStation } from '../unit/index.ts';
import { measuredSuggestions } from './measuredSuggestions.ts';
import { possibleFindings } from './possibleFindings.ts';
import { isBehind, type Step, type StepForm } from './step.ts';

/** What is recorded when a step is said to be as it should be. */
export type SoundAnswer = {
  readonly [Type in 'StepDone' | 'FindingRecorded' | 'InspectionDecided' | 'SeatChecked']: {
    readonly type: Type;
    readonly data: JobEventData[Type];
  };
}['StepDone' | 'FindingRecorded' | 'InspectionDecided' | 'SeatChecked'];

type Answers = (state: JobState, step: Step) => readonly SoundAnswer[] | null;

/** How each form of step is answered by one word; a form that is not here wants to be looked at by itself. */
const ANSWERS: Readonly<Partial<Record<StepForm, Answers>>> = {
  tick: (_, { id }) => [{ type: 'StepDone', data: { stepId: id, note: '' } }],
  inspect: (state, { stationId, partId }) => {
    const found = stationId === null ? null : findStation(state.unit!, stationId);
    const measured = found === null ? [] : measuredSuggestions(state, found.station);
    if (measured.length > 0) return null; // its sizes say otherwise
    const targetId = stationId ?? partId!;
    const [usual] = possibleFindings(state, { stationId, partId });
    if (usual === undefined) return null;
    const { verdict, words }: Finding = FINDINGS[usual];
    return [
      { type: 'FindingRecorded', data: { targetId, findings: [usual], note: '' } },
      { type: 'InspectionDecided', data: { targetId, verdict, repair: null, reason: words } },
    ];
  },
  seating: (state, { stationId, axisId, checks, sizes }) => {
    if (sizes.length > 0) return null; // a depth is measured, not said
    const targetId = stationId ?? axisId!;
    const answers = state.fitting.seating[targetId] ?? {};
    return checks
      .filter((check) => answers[check] === undefined)
      .map((check) => ({ type: 'SeatChecked', data: { targetId, check, good: true } }));
  },
};

/** What one word records of a step: it is done, sound, home. Null where it is behind, or wants more than a word. */
export function soundAnswer(state: JobState, step: Step): readonly SoundAnswer[] | null {
  if (isBehind(step)) return null;
  return ANSWERS[step.form]?.(state, step) ?? null;
}

/**
 * What one word records of the rows of a round, by their ids: of each row that wants no more than that, and waits for
 * nothing but rows before it that are answered with it.
 */
export function soundAnswers(
  state: JobState,
  rows: readonly Step[],
): ReadonlyMap<string, readonly SoundAnswer[]> {
  const answered = new Map<string, readonly SoundAnswer[]>();
  for (const row of rows) {
    const answer = soundAnswer(state, row);
    if (answer !== null && row.waitsFor.every((id) => answered.has(id)))
      answered.set(row.id, answer);
  }
  return answered;
}
