import type { JobState, Run } from '../job/index.ts';
import type { PlayTry } from '../tries/index.ts';
import type { Axis, Station } from '../unit/index.ts';
import { isSame, playsRead } from './buildsRead.ts';
import type { PlayKind } from '../setters/index.ts';

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
  const plays = playsRead(state, axis, kind).filter(
    ({ inPlace }) => inPlace[station.id] !== undefined,
  );
  const last = plays.at(-1);
  const others = axis.stations.filter(({ id }) => id !== station.id);
  return plays
    .filter(({ inPlace }) => isSame(others, inPlace, last!.inPlace))
    .map(({ inPlace, read, uncertainty, shared, run }) => ({
      thickness: inPlace[station.id]!,
      play: read,
      uncertainty,
      shared,
      run,
    }))
    .filter(({ thickness }, at, all) => all[at + 1]?.thickness !== thickness);
}
