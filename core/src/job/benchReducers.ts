import {
  featuresOf,
  FINDING_IDS,
  placesFor,
  REPAIR_IDS,
  requireSize,
  VERDICTS,
} from '../inspect/index.ts';
import { requireNumber, requireOneOf } from '../faults/index.ts';
import { findStation } from '../unit/index.ts';
import { withEntry, withItem } from './growing.ts';
import type { Reducers } from './reducer.ts';
import type { JobState, StepRecord } from './state.ts';

/** What is seen, measured, decided and ticked off at the bench, besides the runs and packs. */
export const BENCH_REDUCERS: Reducers<
  | 'MarkMade'
  | 'SizeMeasured'
  | 'FindingRecorded'
  | 'InspectionDecided'
  | 'BearingOffered'
  | 'FigureTaken'
  | 'StepDone'
  | 'StepSetAside'
> = {
  MarkMade: (state, { data: { stationId, text }, at, by }) =>
    hasStation(state, stationId) ?? {
      ...state,
      marks: {
        ...state.marks,
        [stationId]: [...(state.marks[stationId] ?? []), { text, at, by }],
      },
    },

  SizeMeasured: (state, { data, at, by }) => {
    const { stationId, feature, place, value, typed, instrument } = data;
    const station = findStation(state.unit!, stationId)?.station;
    if (station === undefined) return `no station ${stationId}`;
    if (!featuresOf(station.kind).includes(feature)) return `no ${feature} on ${station.name}`;
    if (!placesFor(feature, station.count).some(({ id }) => id === place))
      return `no place ${place}`;
    requireSize(feature, value);
    const sizes = state.sizes[stationId] ?? {};
    const measured = { value, typed, instrument, at, by };
    const changed = { ...sizes, [feature]: { ...sizes[feature], [place]: measured } };
    return { ...state, sizes: { ...state.sizes, [stationId]: changed } };
  },

  FindingRecorded: (state, { data: { targetId, findings, note } }) => {
    for (const finding of findings) requireOneOf('findings', finding, FINDING_IDS);
    return (
      hasTarget(state, targetId) ?? {
        ...state,
        findings: { ...state.findings, [targetId]: { findings, note } },
      }
    );
  },

  InspectionDecided: (state, { data: { targetId, ...decision } }) => {
    requireOneOf('verdict', decision.verdict, VERDICTS);
    if (decision.repair !== null) requireOneOf('repair', decision.repair, REPAIR_IDS);
    return (
      hasTarget(state, targetId) ??
      (decision.verdict === 'repair' && decision.repair === null
        ? 'a repair needs to be named'
        : { ...state, decisions: { ...state.decisions, [targetId]: decision } })
    );
  },

  BearingOffered: (state, { data: { stationId, ...offered } }) =>
    hasStation(state, stationId) ?? {
      ...state,
      offered: { ...state.offered, [stationId]: offered },
    },

  FigureTaken: (state, { data, at }) =>
    state.specs.some(({ specId }) => specId === data.specId)
      ? {
          ...state,
          figures: withItem(state.figures, {
            ...data,
            value: requireNumber('value', data.value),
            at,
          }),
        }
      : `no spec ${data.specId}`,

  StepDone: (state, { id, data: { stepId, note }, at, by }) =>
    withStep(state, stepId, { status: 'done', words: note, eventId: id, at, by }),

  StepSetAside: (state, { id, data: { stepId, reason }, at, by }) =>
    withStep(state, stepId, { status: 'setAside', words: reason, eventId: id, at, by }),
};

function withStep(state: JobState, stepId: string, record: StepRecord): JobState | string {
  if (state.finished !== null) return 'the job is finished';
  return { ...state, steps: withEntry(state.steps, stepId, record) };
}

function hasStation({ unit }: JobState, stationId: string): string | null {
  return unit !== null && findStation(unit, stationId) !== null ? null : `no station ${stationId}`;
}

function hasTarget(state: JobState, targetId: string): string | null {
  const part = state.unit?.parts.some(({ id }) => id === targetId);
  return part === true ? null : hasStation(state, targetId);
}
