import { FIGURES, type FigureKind, type FigureRow } from '../figures/index.ts';
import type { AcceptedFigure, JobState, Spec } from '../job/index.ts';
import { NORMAL_FACTOR, type DecisionWord } from '../measure/index.ts';
import { oncePerPair } from '../memo/index.ts';
import type { RollingVerdict } from '../preload/index.ts';
import type { Axis } from '../unit/index.ts';
import { USUAL_FACTOR } from '../gears/index.ts';
import { acceptance } from './acceptance.ts';
import { lastAct } from './acts.ts';
import { judgedPlaces, lastBacklash } from './backlashNow.ts';
import { pairDepth } from './pairDepth.ts';
import { meshAt } from './pairGears.ts';
import { currentRun, isProvenPlay, playVerdict } from './playProgress.ts';
import { rollingVerdict } from './torqueProgress.ts';

/** A figure of an axis as it was last read, against its band. Core units. */
export interface JudgedFigure {
  readonly value: number;
  /** Of single readings the least and the most; of others the value. */
  readonly low: number;
  readonly high: number;
  /** One-sided 95 % uncertainty; null where the figure was read off, which tells none. */
  readonly expanded: number | null;
  readonly word: DecisionWord;
  readonly stage: 'asFound' | 'trial' | 'final';
  /** Whether it speaks for what is built: read as built, after the last act that can change it. */
  readonly asBuilt: boolean;
  /** Who accepted it as it was read, though it is not proven to be within its limits, and why. */
  readonly accepted: AcceptedFigure | null;
}

type Judge = (state: JobState, axis: Axis, spec: Spec) => JudgedFigure | null;

/** By the way a figure is taken: how it is judged. */
const JUDGES: Readonly<Record<FigureRow['taken'], Judge>> = {
  run: (state, axis, spec) => {
    const run = currentRun(state, spec.specId);
    const verdict = playVerdict(state, spec.specId);
    if (run === null || verdict === null) return null;
    const { mean, low, high } = verdict.value;
    return {
      value: mean,
      low,
      high,
      expanded: verdict.decision.guard,
      word: verdict.decision.word,
      stage: run.stage,
      asBuilt: isProvenPlay(state, axis, spec),
      accepted: acceptance(state, spec.specId, run.order),
    };
  },
  torque: (state, axis, spec) => {
    const final = rollingVerdict(state, axis, 'final');
    const last = state.measured.torques.findLast(({ axisId }) => axisId === axis.id)?.order ?? 0;
    const accepted = acceptance(state, spec.specId, last);
    if (final?.status === 'judged') return { ...rolled(final, 'final'), accepted };
    const figure = final === null ? readOff(state, axis, spec) : null;
    if (figure !== null && figure.stage !== 'asFound') return figure;
    const found = rollingVerdict(state, axis, 'asFound');
    return found?.status === 'judged' ? { ...rolled(found, 'asFound'), accepted: null } : figure;
  },
  places: (state, axis, spec) => {
    const row = lastBacklash(state, spec.specId, ['final', 'trial', 'asFound']);
    const verdict = row === null ? null : judgedPlaces(row, spec, USUAL_FACTOR.value);
    const typed = state.measured.figures.findLast(({ specId }) => specId === spec.specId);
    if (row === null || verdict === null || (typed?.order ?? 0) > row.order)
      return readOff(state, axis, spec);
    const { smallest, largest, expanded, decision, status } = verdict;
    return {
      value: smallest,
      low: smallest,
      high: largest,
      expanded,
      // Of fewer places than are wanted only that they are out can be said.
      word:
        status === 'judged' || decision.word === 'doesNotConform' ? decision.word : 'cannotDecide',
      stage: row.stage,
      asBuilt: row.stage === 'final' && row.order > lastAct(state, axis, 'backlash'),
      accepted: acceptance(state, spec.specId, row.order),
    };
  },
  depth: (state, axis, spec) => {
    const of = meshAt(state.unit!, axis);
    const depth = of === null || of.pinion?.id !== axis.id ? null : pairDepth(state, of);
    if (depth?.off == null || depth.decision === null) return null;
    const { value, uncertainty } = depth.off;
    return {
      value,
      low: value,
      high: value,
      expanded: NORMAL_FACTOR * uncertainty,
      word: depth.decision.word,
      stage: 'final',
      asBuilt: true,
      accepted: acceptance(state, spec.specId, depth.row.order),
    };
  },
  figure: readOff,
};

function rolled(
  { bearings, expanded, decision }: Extract<RollingVerdict, { status: 'judged' }>,
  stage: 'asFound' | 'final',
): Omit<JudgedFigure, 'accepted'> {
  const { word } = decision;
  const value = bearings;
  return { value, low: value, high: value, expanded, word, stage, asBuilt: stage === 'final' };
}

function readOff(state: JobState, axis: Axis, { specId, kind, band }: Spec): JudgedFigure | null {
  const of = (stage: JudgedFigure['stage']) =>
    state.measured.figures.findLast((row) => row.specId === specId && row.stage === stage);
  const taken = of('final') ?? of('trial') ?? of('asFound');
  if (taken === undefined) return null;
  const { value, stage, order } = taken;
  const inside =
    (band.lower === null || value >= band.lower) && (band.upper === null || value <= band.upper);
  return {
    value,
    low: value,
    high: value,
    expanded: null,
    word: inside ? 'conforms' : 'doesNotConform',
    stage,
    asBuilt: stage === 'final' && order > lastAct(state, axis, kind),
    accepted: acceptance(state, specId, order),
  };
}

/** What is known of the figures of an axis, by kind: judged once for a state, and carried to whoever asks. */
export const judgedFigures = oncePerPair(
  (state: JobState, axis: Axis): Readonly<Partial<Record<FigureKind, JudgedFigure>>> =>
    Object.fromEntries(
      state.specs.flatMap((spec) => {
        if (spec.axisId !== axis.id) return [];
        const judged = JUDGES[FIGURES[spec.kind].taken](state, axis, spec);
        return judged === null ? [] : [[spec.kind, judged]];
      }),
    ),
);
