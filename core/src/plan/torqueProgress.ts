import type { JobState, Spec, ThroughPair, TorqueRecord, TorqueStage } from '../job/index.ts';
import { bandTarget, type DecisionWord } from '../measure/index.ts';
import { oncePerPair } from '../memo/index.ts';
import { carrierTorque, type RollingVerdict } from '../preload/index.ts';
import type { Axis } from '../unit/index.ts';
import { line } from '../working/index.ts';
import { lastAct } from './acts.ts';
import { torqueSpec, sinceSleeve, sealDragOf, wantsSealDrag, judged } from './torqueReadings.ts';

/**
 * The verdict on the readings of a stage; null while there is none. As built, what was read at the last angle of a
 * crushed sleeve counts as well: nothing was moved after it.
 */
export function rollingVerdict(
  state: JobState,
  axis: Axis,
  stage: TorqueStage,
): RollingVerdict | null {
  return verdicts(state, axis)(stage);
}

/** What rolling says of an axis as built; null while nothing was read of it since it was set. */
export function torqueWord(state: JobState, axis: Axis): DecisionWord | null {
  const verdict = rollingVerdict(state, axis, 'final');
  return verdict?.status === 'judged' ? verdict.decision.word : null;
}

/** Rollers without preload still drag by up to this share of the torque that is wanted. A rule of this program. */
const LOOSE_SHARE = 0.15;

/** Whether a rolling torque tells of preload, and not only of rollers that drag in their oil. */
export function tellsPreload(
  { bearings, expanded }: Extract<RollingVerdict, { status: 'judged' }>,
  { band }: Spec,
): boolean {
  return bearings > Math.max(expanded, LOOSE_SHARE * bandTarget(band));
}

/** Judged once for a state, each stage when it is first asked for. */
const verdicts = oncePerPair((state: JobState, axis: Axis) => {
  const known = new Map<TorqueStage, RollingVerdict | null>();
  return (stage: TorqueStage): RollingVerdict | null => {
    if (!known.has(stage)) known.set(stage, verdictThrough(state, axis, stage, []));
    return known.get(stage)!;
  };
});

/** @param carriers axes that are read through this one: one that stands among them reads through itself, and gives nothing */
function verdictThrough(
  state: JobState,
  axis: Axis,
  stage: TorqueStage,
  carriers: readonly string[],
): RollingVerdict | null {
  if (carriers.includes(axis.id)) return null;
  const rows = rowsFor(state, axis, stage).filter(
    (row) => row.what === 'bearings' && row.stage === stage,
  );
  return verdictBy(state, axis, { stage, rows }, carriers);
}

/**
 * The verdict by some of the readings of a stage; null while there is none.
 * @param carriers as for a verdict of its own
 */
export function verdictBy(
  state: JobState,
  axis: Axis,
  { stage, rows }: { readonly stage: TorqueStage; readonly rows: readonly TorqueRecord[] },
  carriers: readonly string[] = [],
): RollingVerdict | null {
  const spec = torqueSpec(state, axis.id);
  if (spec === null) return null;
  if (spec.through !== undefined)
    return throughRatio(state, spec, spec.through, rows, [...carriers, axis.id]);
  const drag = stage !== 'asFound' && wantsSealDrag(state, axis) ? sealDragOf(state, axis) : null;
  return judged(rows, spec.band, drag);
}

/** Readings that can speak for a stage: as built, those since anything that can change the figure was last moved. */
function rowsFor(state: JobState, axis: Axis, stage: TorqueStage): readonly TorqueRecord[] {
  if (stage === 'asFound') return state.measured.torques.filter(({ axisId }) => axisId === axis.id);
  const rows = sinceSet(state, axis);
  return stage === 'final'
    ? rows.filter(({ order }) => order >= lastAct(state, axis, 'rollingTorque'))
    : rows;
}

/** Readings that speak for the sleeve, spacer, packs and adjusters that are in now. */
function sinceSet(state: JobState, axis: Axis): readonly TorqueRecord[] {
  const set = Math.max(
    0,
    ...axis.stations.map(({ id }) => state.setting.setAfter[id]?.torques ?? 0),
  );
  const late = new Set(state.measured.torques.slice(set));
  return sinceSleeve(state, axis).filter((row) => late.has(row));
}

/**
 * A carrier read at the pinion: what the pinion and its seal take is taken off, and the rest is turned up by the ratio.
 * Null while the pinion's own rolling torque is not known.
 */
function throughRatio(
  state: JobState,
  { band }: Spec,
  { axisId, ratio }: ThroughPair,
  rows: readonly TorqueRecord[],
  carriers: readonly string[],
): RollingVerdict | null {
  const pinionAxis = state.unit?.axes.find(({ id }) => id === axisId);
  const pinion =
    pinionAxis === undefined
      ? null
      : (['final', 'asFound'] as const)
          .map((stage) => verdictThrough(state, pinionAxis, stage, carriers))
          .find((verdict) => verdict?.status === 'judged');
  if (pinion?.status !== 'judged') return null;
  const down = (limit: number | null) => (limit === null ? null : limit / ratio);
  const verdict = judged(
    rows,
    { lower: down(band.lower), upper: down(band.upper), target: down(band.target) },
    { value: pinion.total, uncertainty: pinion.standard },
  );
  if (verdict?.status !== 'judged') return verdict;
  const bearings = carrierTorque({
    total: Math.max(pinion.total, verdict.total),
    pinion: pinion.total,
    ratio,
  });
  return {
    ...verdict,
    bearings,
    standard: verdict.standard * ratio,
    expanded: verdict.expanded * ratio,
    decision: { ...verdict.decision, guard: verdict.decision.guard * ratio },
    working: [
      ...verdict.working,
      line(
        'Carrier through the ratio',
        'T_c = (T − T_p)·i',
        [
          ['T', verdict.total, 'torque'],
          ['T_p', pinion.total, 'torque'],
          ['i', ratio, 'number'],
        ],
        ['T_c', bearings, 'torque'],
        'loop',
      ),
    ],
  };
}
