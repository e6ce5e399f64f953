import { orRefused, type InputFault } from '../faults/index.ts';
import { packUncertainty, verdictOf, type JobState, type ShelfSpacer } from '../job/index.ts';
import { NORMAL_FACTOR } from '../measure/index.ts';
import {
  spacerCut,
  spacerLength,
  type SpacerCut,
  type SpacerLength,
  type SpacerTarget,
  type SpacerTrial,
} from '../preload/index.ts';
import { packThickness } from '../shims/index.ts';
import type { Axis, Station } from '../unit/index.ts';
import { longEnough } from './longEnough.ts';
import { playShift, playSpec } from './playProgress.ts';
import { spacerSetter } from '../setters/index.ts';
import { sealDragOf, torqueSpec, wantsSealDrag } from './torqueReadings.ts';

/** A spacer of the shelf against the length that is wanted. */
export interface RankedSpacer extends ShelfSpacer {
  /** Longer than wanted, mm; below 0 shorter. */
  readonly off: number;
  /**
   * `fits`: inside what is allowed; `turn`: long enough to be turned down; `short`: of no use here; `preload`: shorter
   * than zero play, so it gives preload, and how much is not known before one was tried; `try`: near enough, but what is
   * known does not decide.
   */
  readonly use: (typeof USES)[number];
}

/** Fitting a solid spacer as far as it has come. */
export interface SpacerProgress {
  readonly spacer: Station;
  /** In place now, mm; null before the first is in. */
  readonly inPlace: number | null;
  readonly target: SpacerTarget | null;
  readonly trials: readonly SpacerTrial[];
  /** The length wanted, or why the trials do not tell. */
  readonly answer: SpacerLength | { readonly status: 'refused'; readonly fault: InputFault } | null;
  /** From the spacer in place, or, where that one is too short, from the shortest of the others that is long enough. What was cut is gone. */
  readonly cut: (SpacerCut & { readonly from: number }) | null;
  /** Whether the one in place is right as it is. */
  readonly isRight: boolean;
  readonly shelf: readonly RankedSpacer[];
}

/** Where the fitting of the solid spacer of an axis stands; null where it has none. */
export function spacerProgress(state: JobState, axis: Axis): SpacerProgress | null {
  const spacer = spacerSetter(axis);
  if (spacer === null) return null;
  const pack = state.setting.packs[spacer.id];
  const inPlace = pack === undefined ? null : packThickness(pack.pieces);
  const target = targetOf(state, axis);
  const trials = trialsOf(state, axis, spacer);
  const answer = target === null ? null : answerTo(trials, target);
  const shared = { spacer, inPlace, target, trials, answer };
  if (answer?.status !== 'known')
    return {
      ...shared,
      cut: null,
      isRight: false,
      shelf: (state.setting.shelf[spacer.id] ?? []).map((one) => ({
        ...one,
        off: 0,
        use: 'turn' as const,
      })),
    };
  const isRight =
    inPlace !== null &&
    answer.allowed !== null &&
    inPlace >= answer.allowed.from &&
    inPlace <= answer.allowed.to;
  const tried = trials.map(({ length }) => length);
  const from = longEnough(state, spacer, { inPlace, tried, wanted: answer.wanted });
  return {
    ...shared,
    isRight,
    cut:
      !isRight && from !== null
        ? orRefused(
            () => ({ ...spacerCut(from, answer.wanted), from }),
            () => null,
          )
        : null,
    shelf: (state.setting.shelf[spacer.id] ?? [])
      .map((one) => ranked(one, answer))
      .toSorted(
        (a, b) => USES.indexOf(a.use) - USES.indexOf(b.use) || Math.abs(a.off) - Math.abs(b.off),
      ),
  };
}

const USES = ['fits', 'try', 'preload', 'turn', 'short'] as const;

function ranked(
  one: ShelfSpacer,
  { wanted, allowed, standard, basis }: Extract<SpacerLength, { status: 'known' }>,
): RankedSpacer {
  const off = one.length - wanted;
  const slack = NORMAL_FACTOR * one.uncertainty;
  const fits =
    allowed !== null && one.length >= allowed.from + slack && one.length <= allowed.to - slack;
  if (basis === 'zeroPlay') return { ...one, off, use: off > 0 ? 'turn' : 'preload' };
  const near = allowed === null && Math.abs(off) <= standard;
  return { ...one, off, use: fits ? 'fits' : near ? 'try' : off > 0 ? 'turn' : 'short' };
}

function answerTo(trials: readonly SpacerTrial[], target: SpacerTarget): SpacerProgress['answer'] {
  return orRefused(
    () => spacerLength(trials, target),
    ({ faults: [fault] }) => ({
      status: 'refused',
      fault: fault!,
    }),
  );
}

/** By play where a band of end play is set, else by rolling torque. */
function targetOf(state: JobState, axis: Axis): SpacerTarget | null {
  const play = playSpec(state, axis.id, 'endPlay');
  if (play !== null) return { by: 'play', band: play.band };
  const torque = torqueSpec(state, axis.id);
  return torque === null ? null : { by: 'torque', band: torque.band };
}

/** One trial for each length that was in, with everything that was read of it. */
function trialsOf(state: JobState, axis: Axis, { id }: Station): readonly SpacerTrial[] {
  const all = [
    ...measuredTrials(state, axis, id),
    ...feltTrials(state, axis, id),
    ...torqueTrials(state, axis, id),
  ];
  const lengths = [...new Set(all.map(({ length }) => length))];
  return lengths.map((length) => {
    const rows = all.filter((row) => row.length === length);
    const read = rows.filter(({ torque }) => torque !== null);
    const play = rows.findLast((row) => row.play !== null)?.play ?? null;
    return {
      length,
      lengthUncertainty: uncertaintyOf(state, id),
      feel: play !== null ? 'loose' : rows.at(-1)!.feel,
      play,
      torque:
        play !== null || read.length === 0
          ? null
          : read.reduce((sum, { torque }) => sum + torque!, 0) / read.length,
    };
  });
}

type Tried = Omit<SpacerTrial, 'lengthUncertainty'>;

/** What runs of an indicator told of each length. */
function measuredTrials(state: JobState, axis: Axis, spacerId: string): readonly Tried[] {
  const spec = playSpec(state, axis.id, 'endPlay');
  const { shift, uncertainty: more } = playShift(state, axis);
  return state.measured.runs.flatMap((run): readonly Tried[] => {
    const length = run.inPlace[spacerId];
    const verdict =
      run.specId === spec?.specId && run.status === 'closed' && run.stage !== 'asFound'
        ? verdictOf(state, run)
        : null;
    if (length === undefined || verdict?.status !== 'judged') return [];
    const { mean, uncertainty } = verdict.value;
    const moved = run.stage === 'trial' ? shift : 0;
    // No play that the indicator tells from nothing: it is tight, and how tight it does not say.
    if (mean <= uncertainty.expanded) return [{ length, feel: 'tight', play: null, torque: null }];
    const play = {
      value: Math.max(0, mean + moved),
      uncertainty: Math.hypot(uncertainty.standard, moved === 0 ? 0 : more),
    };
    return [{ length, feel: 'loose', play, torque: null }];
  });
}

/** What hands told of each length. */
function feltTrials(state: JobState, axis: Axis, spacerId: string): readonly Tried[] {
  const { shift, uncertainty } = playShift(state, axis);
  return state.measured.felt
    .filter(({ stationId }) => stationId === spacerId)
    .map(({ length, feel, play }) => ({
      length,
      feel,
      play:
        play === null
          ? null
          : { value: Math.max(0, play + shift), uncertainty: Math.hypot(FELT, uncertainty) },
      torque: null,
    }));
}

/** What a wrench told of each length that was tight. */
function torqueTrials(state: JobState, axis: Axis, spacerId: string): readonly Tried[] {
  const drag = wantsSealDrag(state, axis) ? (sealDragOf(state, axis)?.value ?? 0) : 0;
  return state.measured.torques.flatMap((row): readonly Tried[] => {
    const length = row.inPlace[spacerId];
    const speaks =
      row.axisId === axis.id && row.what === 'bearings' && row.stage !== 'asFound' && row.steady;
    const torque = row.value - drag;
    return speaks && length !== undefined && torque > 0
      ? [{ length, feel: 'tight', play: null, torque }]
      : [];
  });
}

/** Standard uncertainty of a play that was typed without a run, mm. A rule of this program. */
const FELT = 0.006;
/** Of a length that nothing says more of, mm. */
const MEASURED = 0.003;

function uncertaintyOf({ setting: { packs } }: JobState, id: string): number {
  const pack = packs[id];
  return pack === undefined ? MEASURED : packUncertainty(pack.pieces);
}
