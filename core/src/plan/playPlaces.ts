import type { JobState, Run } from '../job/index.ts';
import { USUAL_GAIN_SPREAD, type HeldGain } from '../tries/index.ts';
import type { Axis, Station } from '../unit/index.ts';
import type { BuildRead } from './buildsRead.ts';
import { gainAt } from './gains.ts';
import type { PlayKind } from '../setters/index.ts';

/** A place that moves the play, with its gain as it is held before the builds. */
export interface Place {
  readonly station: Station;
  readonly held: HeldGain;
}

/** How freely a gain is held that two trials gave and no geometry: the tries themselves say it. */
export const HELD_BY_TRIALS = 0.5;

/** Places of an axis whose thickness moves a play, as far as it is known what they do. */
export function placesOf(state: JobState, axis: Axis, kind: PlayKind): readonly Place[] {
  return axis.stations.flatMap((station): readonly Place[] => {
    if (station.place === undefined) return [];
    const gain = gainAt(state, axis, station, kind);
    if (gain.status !== 'known' || gain.value === 0) return [];
    const held = gain.by === 'table' || gain.uncertainty === 0;
    return [
      {
        station,
        held: held
          ? { value: gain.value, uncertainty: USUAL_GAIN_SPREAD * Math.abs(gain.value) }
          : { value: Math.sign(gain.value), uncertainty: HELD_BY_TRIALS },
      },
    ];
  });
}

/** Whether a build differs from the last one only where it is known what that does. */
export function isComparable(
  axis: Axis,
  places: readonly Place[],
  { inPlace }: BuildRead,
  last: BuildRead,
): boolean {
  return axis.stations.every(({ id, kind }) => {
    const [here, there] = [inPlace[id], last.inPlace[id]];
    if (here === there || kind === 'adjuster') return true;
    // What was in and not recorded may have been anything.
    return (
      here !== undefined && there !== undefined && places.some(({ station }) => station.id === id)
    );
  });
}

/** An adjuster that had not been turned yet stood where it was; what was not recorded is taken to be as it is now. */
export const thicknessAt = (
  { id, kind }: Station,
  inPlace: Run['inPlace'],
  now: Run['inPlace'],
): number => inPlace[id] ?? (kind === 'adjuster' ? 0 : (now[id] ?? 0));
