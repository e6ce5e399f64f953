import { orRefused } from '../faults/index.ts';
import { verdictOf, type JobState, type Run } from '../job/index.ts';
import { uncertaintyParts } from '../measure/index.ts';
import type { PlayTry } from '../tries/index.ts';
import type { Axis, Station } from '../unit/index.ts';
import { playShift, playSpec, type JudgedVerdict } from './playProgress.ts';
import type { PlayKind } from './setters.ts';

/** A build that was measured with a known thickness in place, and the run that measured it. */
export interface TryAt extends PlayTry {
  readonly run: Run;
}

/**
 * Builds of an axis that were measured since it was apart, in order, by the thickness at a station: those that differ
 * elsewhere on the axis from the last one are left out, and so is what was found. What was measured again with the same thickness in
 * is one build, by its last run: it says nothing of how assemblies differ.
 */
export function triesAt(
  state: JobState,
  axis: Axis,
  station: Station,
  kind: PlayKind,
): readonly TryAt[] {
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
      const verdict = orRefused(
        () => verdictOf(state, run),
        () => null,
      );
      if (verdict?.status !== 'judged') return [];
      const thickness = run.inPlace[station.id]!;
      return [{ thickness, ...tryOf(state, axis, kind, run, verdict), run }];
    })
    .filter(({ thickness }, at, all) => all[at + 1]?.thickness !== thickness);
}

/** The play of a run as it will be in the final build with the same thicknesses. */
function tryOf(
  state: JobState,
  axis: Axis,
  kind: PlayKind,
  { stage }: Run,
  { value: { mean, uncertainty } }: JudgedVerdict,
): Omit<PlayTry, 'thickness'> {
  const standing = stage === 'trial' && kind === 'endPlay';
  const { shift, uncertainty: unsure } = standing
    ? playShift(state, axis)
    : { shift: 0, uncertainty: 0 };
  const { own, shared } = uncertaintyParts(uncertainty);
  return { play: mean + shift, uncertainty: own, shared: Math.hypot(shared, unsure) };
}
