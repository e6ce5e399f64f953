import { packUncertainty, verdictOf, type JobState, type Run } from '../job/index.ts';
import { NORMAL_FACTOR } from '../measure/index.ts';
import { setsZeroPlay, type Axis } from '../unit/index.ts';
import { gainAt } from './gains.ts';
import { playShift, type JudgedVerdict } from './playProgress.ts';
import { settersOf } from '../setters/index.ts';

/** What a reading can be that agrees with itself and still lies. Common practice, no source. */
export const PLAY_DOUBTS = {
  unitSlip: {
    words:
      'This and the earlier figure are 25 to 1: a thousandth of an inch may have been taken for a millimetre, or the other way round.',
    remedy: 'Look at the dial again, and at the unit it is marked in.',
  },
  tips: {
    words:
      'This is far more than the thicknesses explain. A bearing that locates the shaft may be missing, or the shaft tips.',
    remedy: 'See that every bearing is in and home, hold the shaft in line, and measure again.',
  },
  heldApart: {
    words:
      'This is more than the thicknesses explain. Something may hold the joint apart: an O-ring out of its groove, a gasket twice, a burr, a cover that is not drawn down.',
    remedy:
      'Try a feeler at the joint in four places. Take the cover off, wipe, draw it down evenly and measure again.',
  },
  bound: {
    words:
      'This is less than the thicknesses explain. A ring may not be home, or the cover binds on one side.',
    remedy: 'Slacken, turn the shaft, draw the cover down evenly and measure again.',
  },
  followsAngle: {
    words:
      'It varies with the angle of the shaft by more than half of the tolerance: a face runs out, or the case is not drawn in evenly.',
    remedy: 'Check the bolts in their order and torque, then the face of the shaft.',
  },
  none: {
    words:
      'There is no play that this indicator can tell from zero. The shaft may be preloaded; an indicator cannot show by how much.',
    remedy: 'Fit a pack that is sure to leave play, and measure with that.',
  },
  noneAsWanted: {
    words:
      'There is no play that this indicator can tell from zero, as it is to be. Whether it is preloaded an indicator cannot show.',
    remedy:
      'Turn it by hand: free, without drag. Where it drags the sleeve is crushed too far: a new one.',
  },
} as const satisfies Record<string, { readonly words: string; readonly remedy: string }>;
export type PlayDoubtId = keyof typeof PLAY_DOUBTS;

/** A doubt about a run, with what was expected of it, mm; null where nothing was. */
export interface PlayDoubt {
  readonly id: PlayDoubtId;
  readonly expected: number | null;
}

/** Slips of 25.4 are known within this share; a play is far off beyond these mm. Rules of this program. */
const SLIP_SHARE = 0.15;
const FAR = 0.08;
const TIPS = 3;

/**
 * Whether a run that agrees with itself can be believed: held against the last run of the same figure and what has
 * changed of thicknesses since. Readings that lie agree as well as honest ones.
 */
export function playDoubts(
  state: JobState,
  axis: Axis,
  run: Run,
  verdict: JudgedVerdict,
): readonly PlayDoubt[] {
  const { mean, low, high, uncertainty, positions } = verdict.value;
  const spec = state.specs.find(({ specId }) => specId === run.specId);
  const width =
    spec?.band.lower == null || spec.band.upper === null ? null : spec.band.upper - spec.band.lower;
  const doubts: PlayDoubt[] = [];
  if (positions !== null && width !== null && high - low > width / 2)
    doubts.push({ id: 'followsAngle', expected: null });
  if (mean <= uncertainty.expanded && (spec?.band.lower ?? 0) > -1e-9 && spec?.kind === 'endPlay')
    doubts.push({ id: setsZeroPlay(axis) ? 'noneAsWanted' : 'none', expected: null });
  const before = expectedPlay(state, axis, run);
  if (before === null) return doubts;
  const { value: expected, uncertainty: own } = before;
  const ratio = expected > 0.005 && mean > 0 ? mean / expected : 1;
  const slack = Math.max(FAR, NORMAL_FACTOR * 2 * Math.hypot(own, uncertainty.standard));
  if ([25.4, 1 / 25.4].some((slip) => Math.abs(ratio / slip - 1) < SLIP_SHARE))
    return [...doubts, { id: 'unitSlip', expected }];
  if (mean - expected <= slack && expected - mean <= slack) return doubts;
  if (mean < expected) return [...doubts, { id: 'bound', expected }];
  return [
    ...doubts,
    { id: ratio >= TIPS && mean - expected > TIPS * FAR ? 'tips' : 'heldApart', expected },
  ];
}

/** The play that the last run and the thicknesses changed since then let expect, mm; null where none can be told. */
function expectedPlay(
  state: JobState,
  axis: Axis,
  run: Run,
): { readonly value: number; readonly uncertainty: number } | null {
  const kind = state.specs.find(({ specId }) => specId === run.specId)?.kind;
  if (kind !== 'endPlay' && kind !== 'sideClearance') return null;
  const before = state.measured.runs
    .slice(
      0,
      state.measured.runs.findIndex(({ runId }) => runId === run.runId),
    )
    .findLast(({ specId, status }) => specId === run.specId && status === 'closed');
  const verdict = before === undefined ? null : verdictOf(state, before);
  if (before === undefined || verdict?.status !== 'judged') return null;
  // New bearings move the play found before by more than a doubt could tell.
  if (before.stage === 'asFound' && state.sheet.scope !== 'setPlay') return null;
  const moved = settersOf(axis).map(({ station }) => {
    const gain = gainAt(state, axis, station, kind);
    const [was, is] = [before.inPlace[station.id], run.inPlace[station.id]];
    const turned =
      station.kind === 'adjuster' &&
      (state.setting.setAfter[station.id]?.runs ?? 0) > state.measured.runs.indexOf(before);
    return gain.status !== 'known' || turned
      ? null
      : was === undefined || is === undefined
        ? 0
        : gain.value * (is - was);
  });
  if (moved.includes(null)) return null;
  const { shift, uncertainty } =
    kind === 'endPlay' && before.stage === 'trial' && run.stage === 'final'
      ? playShift(state, axis)
      : { shift: 0, uncertainty: 0 };
  const packs = Math.hypot(
    0,
    ...settersOf(axis).map(({ station }) =>
      packUncertainty(state.setting.packs[station.id]?.pieces ?? []),
    ),
  );
  return {
    value: verdict.value.mean + shift + moved.reduce<number>((sum, by) => sum + by!, 0),
    uncertainty: Math.hypot(verdict.value.uncertainty.standard, uncertainty, packs),
  };
}
