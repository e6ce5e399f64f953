import { termShift } from '../arrangement/index.ts';
import { verdictOf, type JobState, type Run, type SetAfter, type Spec } from '../job/index.ts';
import type { Band, RunVerdict } from '../measure/index.ts';
import { oncePerObject, oncePerPair } from '../memo/index.ts';
import { drawnUpAt, type Axis, type Station } from '../unit/index.ts';
import { acceptance } from './acceptance.ts';
import { lastAct, torqueIsOpen } from './acts.ts';
import { backlashIsOff } from './backlashNow.ts';
import { specOf } from './specOf.ts';
import { rollingVerdict, tellsPreload } from './torqueProgress.ts';
import { PLAY_KINDS, settersOf, type PlayKind, type Setter } from '../setters/index.ts';

/** A verdict with a value. */
export type JudgedVerdict = Extract<RunVerdict, { status: 'judged' }>;

/** What setting the play of an axis wants next. */
export type PlayStage = 'measure' | 'choose' | 'fit' | 'prove' | 'proven';
const ORDER = [
  'measure',
  'choose',
  'fit',
  'prove',
  'proven',
] as const satisfies readonly PlayStage[];

/** Whether a band lies wholly below zero play: the shaft is to run preloaded. */
export function wantsPreload({ upper }: Band): boolean {
  return upper !== null && upper <= 0;
}

/** The spec of an axis that says where a play is to lie. */
export const playSpec: (state: JobState, axisId: string, kind: PlayKind) => Spec | null = specOf;

/** When something that sets the play of an axis was last changed; null when nothing was. */
export function lastSet({ setting: { setAfter } }: JobState, { stations }: Axis): SetAfter | null {
  const rows = stations.flatMap(({ id }) => setAfter[id] ?? []);
  return (
    rows.toSorted((a, b) => a.runs - b.runs || Number(a.trial) - Number(b.trial)).at(-1) ?? null
  );
}

/** How many runs there were when something that sets the play of an axis was last changed; 0 when nothing was. */
export function fittedAfter(state: JobState, axis: Axis): number {
  const set = lastSet(state, axis);
  return set === null || set.trial ? 0 : set.runs;
}

/** The last closed run of a spec that speaks for what is now in place; null when it has to be measured. */
export function currentRun(state: JobState, specId: string): Run | null {
  return currentRuns(state).get(specId) ?? null;
}

/** The runs that speak for what is now in place, by spec. */
const currentRuns = oncePerObject((state: JobState): ReadonlyMap<string, Run> => {
  const {
    specs,
    unit,
    measured: { runs },
  } = state;
  const since = new Map(
    specs.map(({ specId, axisId }) => {
      const axis = unit?.axes.find(({ id }) => id === axisId);
      return [specId, axis === undefined ? 0 : (lastSet(state, axis)?.runs ?? 0)];
    }),
  );
  return new Map(
    runs.flatMap((run, at) =>
      run.status === 'closed' && run.stage !== 'asFound' && at >= (since.get(run.specId) ?? 0)
        ? [[run.specId, run]]
        : [],
    ),
  );
});

/** What the terms of an axis do to its end play from trial to final build, mm. */
export function playShift(
  { setting: { playTerms } }: JobState,
  axis: Axis,
): { readonly shift: number; readonly uncertainty: number } {
  return termShift(
    axis.arrangement,
    playTerms.filter(({ axisId }) => axisId === axis.id).map(({ term }) => term),
  );
}

/** How far the setting of the play is on an axis. */
export const playStage = oncePerPair((state: JobState, axis: Axis): PlayStage => {
  const kinds = PLAY_KINDS.filter((kind) => axis.sets.includes(kind));
  const specs = kinds.flatMap((kind) => playSpec(state, axis.id, kind) ?? []);
  if (specs.length < kinds.length || specs.length === 0) return 'measure';
  const setters = settersOf(axis);
  if (setters.some(({ station }) => state.setting.chosen[station.id] !== undefined)) return 'fit';
  if (isHalfTurned(state, setters)) return 'fit';
  if (setters.length > 1 && backlashIsOff(state, axis)) return 'choose';
  const verdicts = specs.map(({ specId }) => playVerdict(state, specId));
  const set = fittedAfter(state, axis) > 0 || lastSet(state, axis)?.trial === false;
  if (verdicts.some((verdict) => verdict === null)) {
    // Preload cannot be read by an indicator: what was computed for it is in, and rolling proves the rest.
    if (set && specs.every(({ band }) => wantsPreload(band)))
      return rollingWants(state, axis, setters) ?? 'proven';
    return set ? 'prove' : 'measure';
  }
  const conform = specs.every(({ specId }) => isGood(state, specId));
  if (conform && !measuresAnotherBuild(state, axis, specs))
    return specs.every((spec) => isProvenPlay(state, axis, spec)) ? 'proven' : 'prove';
  // Without a place to set it nothing can be chosen: something else has to be put right, and the play measured again.
  return setters.length === 0 ? 'prove' : 'choose';
});

/**
 * What rolling torque out of its limits wants of what sets the preload: another thickness or turn, or, where the bearings take none,
 * that the play is measured that must be left. Null where it wants nothing; a spacer has its own length from it, a sleeve its angle.
 */
function rollingWants(
  state: JobState,
  axis: Axis,
  setters: readonly Setter[],
): Extract<PlayStage, 'measure' | 'choose'> | null {
  const spec = specOf(state, axis.id, 'rollingTorque');
  const verdict = rollingVerdict(state, axis, 'final');
  if (spec === null || verdict?.status !== 'judged' || drawnUpAt(axis) !== null) return null;
  if (verdict.decision.word !== 'doesNotConform') return null;
  if (setters.length === 0 || setters.some(({ kind }) => kind === 'spacer')) return null;
  const read = state.measured.torques.findLast(({ axisId }) => axisId === axis.id)!.order;
  if (acceptance(state, spec.specId, read) !== null) return null;
  return tellsPreload(verdict, spec) ? 'choose' : 'measure';
}

/** Whether one adjuster of two was turned since the play or the backlash was last read, and the other not yet. */
function isHalfTurned(state: JobState, setters: readonly Setter[]): boolean {
  const adjusters = setters.filter(({ kind }) => kind === 'adjuster');
  return adjusters.length === 2 && adjusters.filter(turnedSinceRead(state)).length === 1;
}

/** Whether an adjuster was turned since a play or a backlash was last read. */
const turnedSinceRead = ({ measured: { runs, backlashes }, setting: { moved } }: JobState) => {
  const read = Math.max(runs.at(-1)?.order ?? 0, backlashes.at(-1)?.order ?? 0);
  return ({ station: { id } }: Pick<Setter, 'station'>): boolean => (moved[id] ?? 0) > read;
};

/** Whether an adjuster was turned, while the other of its axis still waits for its turn. */
export function isTurned(state: JobState, axis: Axis, station: Station): boolean {
  return isHalfTurned(state, settersOf(axis)) && turnedSinceRead(state)({ station });
}

/** Whether a run in band speaks for a play as built: taken after the last act that can change it, and none is left. */
export function isProvenPlay(state: JobState, axis: Axis, { specId, kind }: Spec): boolean {
  const run = currentRun(state, specId);
  if (run === null || run.lengths !== undefined) return false;
  // A trial build is taken apart again: it proves only what a unit that is whole was read with.
  if (run.stage === 'trial' && state.sheet.scope !== 'setPlay') return false;
  if (run.order < lastAct(state, axis, kind) || torqueIsOpen(state, axis)) return false;
  return isGood(state, specId);
}

/** Whether what was read is within limits, or was accepted as it is. */
function isGood(state: JobState, specId: string): boolean {
  const run = currentRun(state, specId);
  if (run === null) return false;
  return (
    playVerdict(state, specId)?.decision.word === 'conforms' ||
    acceptance(state, specId, run.order) !== null
  );
}

/** Whether what was measured is not the build that is closed: mock-up bearings, another gasket. */
function measuresAnotherBuild(state: JobState, axis: Axis, specs: readonly Spec[]): boolean {
  return (
    playShift(state, axis).shift !== 0 &&
    specs.some(({ specId }) => currentRun(state, specId)?.stage === 'trial')
  );
}

/** The verdict of the run that speaks for what is now in place. */
export function playVerdict(state: JobState, specId: string): JudgedVerdict | null {
  const run = currentRun(state, specId);
  const verdict = run === null ? null : verdictOf(state, run);
  return verdict?.status === 'judged' ? verdict : null;
}

/** Whether a stage is behind. */
export function stagePassed(now: PlayStage, stage: Exclude<PlayStage, 'proven'>): boolean {
  return ORDER.indexOf(now) > ORDER.indexOf(stage);
}
