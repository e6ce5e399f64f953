import {
  bodyEvent,
  boltsEvent,
  isSetter,
  joinEvent,
  type Body,
  type EventKey,
} from '../course/index.ts';
import { verdictOf, type JobEventData, type JobStart, type JobState } from '../job/index.ts';
import { SHAFT_CHECKS, type SeatingCheckId } from '../seating/index.ts';
import type { Fold } from './fold.ts';
import { STEP_EFFECTS } from './stepEffects.ts';
import { settersIn } from './settersIn.ts';

/** What an event says of the unit, beside what else it records. */
type Effect<Type extends keyof JobEventData> = (
  fold: Fold,
  data: JobEventData[Type],
  state: JobState,
) => void;

type Effects = { readonly [Type in keyof JobEventData]?: Effect<Type> };

/** Rule and target of a step's id. */
export function stepOf(stepId: string): { readonly rule: string; readonly target: string } {
  const base = stepId.replace(/#\d+$/u, '');
  const at = base.indexOf(':');
  return at < 0
    ? { rule: base, target: '' }
    : { rule: base.slice(0, at), target: base.slice(at + 1) };
}

const stepDone = (fold: Fold, { stepId }: { readonly stepId: string }): void => {
  const { rule, target } = stepOf(stepId);
  STEP_EFFECTS[rule]?.(fold, target);
};

/** What is out of a unit as it came, by how it came. */
const OUT_AT_START: Readonly<Record<JobStart, (model: Fold['model']) => readonly EventKey[]>> = {
  running: () => [],
  drained: () => [],
  open: ({ joints }) => jointsOf(joints),
  bare: ({ events }) => events,
  onePart: ({ joints, shafts }) => [
    ...jointsOf(joints),
    ...shafts.map(({ part }) => joinEvent(part)),
  ],
};

const jointsOf = (joints: Fold['model']['joints']): readonly EventKey[] =>
  joints.flatMap(({ part, bolts }) => [...bolts.map(boltsEvent), joinEvent(part)]);

/** How a unit came. What a scope that was set later says of that was said when the job was opened. */
export const opened = (
  fold: Fold,
  { start = 'running' }: Pick<JobEventData['JobOpened'], 'start'>,
): void => {
  const outAt = Object.hasOwn(OUT_AT_START, start) ? OUT_AT_START[start] : OUT_AT_START.running;
  for (const event of outAt(fold.model)) fold.out(event);
  if (start !== 'running') fold.notes.add('drain', fold.model.root);
  fold.isBegun = false;
};

/** A pack or spacer went in: if it was in already, what it lies under was off for it. */
function fitted(fold: Fold, stationId: string): void {
  fold.settled.add(stationId);
  fold.chosen.delete(stationId);
  for (const { id } of fold.bodiesAt(stationId)) {
    const event = bodyEvent(id);
    if (fold.place.in.has(event)) fold.wasUnder(event);
    fold.into(event);
  }
}

const isRing = ({ piece }: Body): boolean => piece !== 'cone';

const READ_FINAL: Effect<'BacklashRead'> = (fold, { specId, stage }, state) => {
  const axisId = state.specs.find((spec) => spec.specId === specId)?.axisId;
  if (stage !== 'asFound' && axisId !== undefined) fold.witness(axisId);
};

/** The events that say something of the unit, each by what it says. What is not here says nothing of it. */
export const EFFECTS: Effects = {
  JobOpened: (fold, _, { sheet }) => opened(fold, sheet),
  StepDone: stepDone,
  StepSetAside: stepDone,
  // A pack that stays in its unit is written down as it is known.
  PackRecorded: (fold, { siteId }, { sheet }) => {
    if (sheet.scope === 'setPlay') return;
    for (const event of fold.eventsAt(siteId)) fold.out(event);
  },
  PackChosen: (fold, { siteId }) => {
    fold.settled.add(siteId);
    fold.chosen.add(siteId);
  },
  PackFitted: (fold, { siteId, trial }) => {
    fitted(fold, siteId);
    if (trial === true) fold.settled.delete(siteId);
  },
  SpacerFitted: (fold, { stationId, trial }) => {
    fitted(fold, stationId);
    if (trial) fold.settled.delete(stationId);
  },
  SizeMeasured: (fold, { stationId }) => fold.notes.add('measureSize', stationId),
  SeatTried: (fold, { stationId, outcome }) => {
    for (const body of fold.bodiesAt(stationId).filter(isRing))
      if (outcome !== 'stoppedHalfWay') fold.into(bodyEvent(body.id));
      else if (fold.place.in.has(bodyEvent(body.id))) fold.bad.add(body.id);
  },
  SeatChecked: (fold, { targetId, check, good }) => {
    if (fold.model.unit.axes.some(({ id }) => id === targetId))
      checkedOnShaft(fold, targetId, { check, good });
    for (const { id, fit } of fold.bodiesAt(targetId, 'cup'))
      if (fit === 'tight' && !fold.place.in.has(bodyEvent(id))) fold.into(bodyEvent(id));
  },
  RunOpened: (fold, { specId, stage }, state) => {
    const spec = state.specs.find((one) => one.specId === specId);
    if (spec === undefined) return;
    if (stage === 'asFound') fold.notes.add('measureAsFound', spec.axisId, spec.kind);
    else fold.witness(spec.axisId);
  },
  RunClosed: (fold, { runId }, state) => runClosed(fold, runId, state),
  TorqueRead: (fold, { axisId, stage }) => {
    if (stage !== 'asFound') fold.witness(axisId);
  },
  ClosingRead: (fold, { stationId }) => {
    const [sleeve] = fold.bodiesAt(stationId);
    if (sleeve !== undefined) fold.witness(sleeve.axisId);
  },
  AdjusterTurned: (fold, { stationId }) => void fold.settled.add(stationId),
  BearingOffered: (fold, { stationId }) => fold.notes.add('compare', stationId),
  BacklashRead: READ_FINAL,
  // A job that is finished asks nothing.
  JobFinished: (fold) => {
    fold.slack.clear();
    for (const { id, sets } of fold.model.unit.axes)
      for (const figure of sets) fold.proven.add(`${id} ${figure}`);
  },
  InspectionDecided: (fold, { targetId, verdict }) => decided(fold, targetId, verdict),
};

/** What is asked of a shaft as a whole is asked of one that is built up; of its stack, before anything draws that together. */
function checkedOnShaft(
  fold: Fold,
  axisId: string,
  { check, good }: Pick<JobEventData['SeatChecked'], 'check' | 'good'>,
): void {
  const { stack, sideLoad } = SHAFT_CHECKS;
  const isOf = (checks: readonly SeatingCheckId[]) => checks.includes(check);
  if (isOf(stack)) {
    for (const { id, axisId: on, station } of fold.model.bodies)
      if (on === axisId && station.kind === 'needleThrust') fold.handTight(bodyEvent(id));
    return fold.notes.look('checkHome', axisId, { check, good, all: stack });
  }
  fold.witness(axisId);
  if (isOf(sideLoad)) fold.notes.look('relieve', axisId, { check, good, all: sideLoad });
}

/** Within its limits a figure is proven by the final reading, and what sets it stands; out of them that is open again. */
function runClosed(fold: Fold, runId: string, state: JobState): void {
  const run = state.measured.runs.find((one) => one.runId === runId);
  const spec = state.specs.find(({ specId }) => specId === run?.specId);
  if (run === undefined || spec === undefined || run.stage === 'asFound') return;
  const verdict = verdictOf(state, run);
  const isWithin = verdict?.status === 'judged' && verdict.decision.word === 'conforms';
  const key = `${spec.axisId} ${spec.kind}`;
  const setters = settersIn(fold.model, spec.axisId, spec.kind);
  if (isWithin) for (const { station } of setters) fold.settled.add(station.id);
  if (run.stage !== 'final') return;
  if (isWithin) fold.proven.add(key);
  else {
    fold.isBegun = true;
    fold.proven.delete(key);
    for (const { station } of setters) fold.settled.delete(station.id);
  }
}

/** A body that is in is bad once it is to be replaced, and the new one is laid beside it; a part that is, is emptied. */
function decided(fold: Fold, targetId: string, verdict: string): void {
  fold.notes.add('inspect', targetId);
  if (verdict !== 'replace') {
    for (const { id } of fold.bodiesAt(targetId)) fold.fresh.add(id);
    return;
  }
  if (fold.hot === targetId) fold.hot = null;
  const bodies = fold.bodiesAt(targetId);
  // A pack is chosen anew by what is measured: there is no new one to lay beside it.
  const isCompared = !bodies.some(isSetter);
  if (isCompared || fold.notes.has('compare', targetId)) fold.notes.reopen('compare', targetId);
  for (const { id } of bodies) {
    if (fold.place.in.has(bodyEvent(id))) fold.bad.add(id);
    fold.fresh.delete(id);
  }
  if (fold.model.unit.parts.some(({ id }) => id === targetId))
    for (const { id, host } of fold.model.bodies) if (host === targetId) fold.out(bodyEvent(id));
}
