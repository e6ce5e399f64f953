import { orRefused } from '../faults/index.ts';
import { inPlaceNow, packUncertainty, type JobState, type Run } from '../job/index.ts';
import { bandTarget, USUAL_RANGE, type Band, type Scatter } from '../measure/index.ts';
import { oncePerPair } from '../memo/index.ts';
import {
  buildsWorking,
  learnBuilds,
  type Build,
  type HeldGain,
  type LearnedBuilds,
} from '../tries/index.ts';
import type { Axis, Station } from '../unit/index.ts';
import type { WorkingLine } from '../working/index.ts';
import { buildsRead, isSame, type BuildRead } from './buildsRead.ts';
import { HELD_BY_TRIALS, isComparable, placesOf, thicknessAt, type Place } from './playPlaces.ts';
import { playSpec } from './playProgress.ts';
import type { PlayKind } from '../setters/index.ts';
import { torqueSpec } from './torqueReadings.ts';

/** A play as it was measured, carried to what is in place now. mm. */
export interface CarriedPlay {
  readonly value: number;
  readonly uncertainty: number;
  /** Null when infinite. */
  readonly degreesOfFreedom: number | null;
}

/** A play of an axis with what is in place now, as all builds that were read since it was apart say. mm. */
export interface BuiltPlay extends CarriedPlay {
  /** Limits it is set by: those of the play, or where rolling torque was read, the plays at which it is within its own. */
  readonly band: Band;
  readonly limitsBy: 'play' | 'torque';
  /** The limits of the play as they were entered. */
  readonly stated: Band;
  /** What a thickness at a station does, by its id. */
  readonly gains: Readonly<Record<string, HeldGain>>;
  /** From one assembly to the next. */
  readonly scatter: Scatter;
  /** How many builds say it. */
  readonly builds: number;
  /** By what they differ where that is far more than assemblies do: something else than what lies in it was changed; else null. */
  readonly misfit: number | null;
  /** Rolling tells of preload where the plays say that there is none: it is not gone by, and both are to be read again. */
  readonly contradicted: boolean;
  /** The last run that read a play. */
  readonly run: Run;
  readonly working: readonly WorkingLine[];
}

/** A play as packs are chosen by it: as it stands, and the limits it is set by. */
export const figureOf = ({
  value,
  uncertainty,
  degreesOfFreedom,
  band,
  scatter,
}: BuiltPlay): Pick<
  BuiltPlay,
  'value' | 'uncertainty' | 'degreesOfFreedom' | 'band' | 'scatter'
> => ({
  value,
  uncertainty,
  degreesOfFreedom,
  band,
  scatter,
});

/** What the builds of an axis say of one of its plays; null where none was read, or it has no limits. */
export const builtPlay = (state: JobState, axis: Axis, kind: PlayKind): BuiltPlay | null =>
  builtPlays(state, axis)(kind);

/** Each play worked out once for a state, when it is first asked for. */
const builtPlays = oncePerPair((state: JobState, axis: Axis) => {
  const known = new Map<PlayKind, BuiltPlay | null>();
  return (kind: PlayKind): BuiltPlay | null => {
    if (!known.has(kind))
      known.set(
        kind,
        // What was recorded may be more than can be worked with; then nothing is known of the play.
        orRefused(
          () => worked(state, axis, kind),
          () => null,
        ),
      );
    return known.get(kind)!;
  };
});

function worked(state: JobState, axis: Axis, kind: PlayKind): BuiltPlay | null {
  const spec = playSpec(state, axis.id, kind);
  const all = buildsRead(state, axis, kind);
  const lastPlay = all.findLast(({ by }) => by === 'play');
  if (spec === null || lastPlay === undefined) return null;
  const places = placesOf(state, axis, kind);
  const now = inPlaceNow(state);
  const known = all.filter(
    (row) => row === lastPlay || isComparable(axis, places, row, all.at(-1)!),
  );
  const contradicted = known.some((row) => contradictsPlays(row, known, places, now));
  const rows = contradicted ? known.filter(({ by }) => by === 'play') : known;
  // What never differs says nothing of its gain.
  const moved = places.filter(({ station }) =>
    rows.some(
      ({ inPlace }) => thicknessAt(station, inPlace, now) !== thicknessAt(station, now, now),
    ),
  );
  const torque = rows.some(({ by }) => by === 'torque') ? torqueSpec(state, axis.id)!.band : null;
  const learned = learnFrom(rows, moved, now, torque);
  // What was changed besides is not known: then the last readings alone say how it stands now.
  const single =
    learned.misfit !== null && moved.every(({ held }) => held.uncertainty < HELD_BY_TRIALS);
  const told = single ? lastOfEach(rows) : rows;
  const stands = single ? learnFrom(told, moved, now, torque) : learned;
  const last = rows.at(-1)!;
  const { degreesOfFreedom } = lastPlay.verdict!.value.uncertainty;
  const ofOne = rows.length === 1 && Number.isFinite(degreesOfFreedom);
  const target = torque === null ? null : bandTarget(torque);
  return {
    value: stands.value,
    uncertainty: Math.hypot(
      stands.torques?.[0]?.uncertainty ?? stands.uncertainty,
      isReassembled(axis, last.inPlace, now) ? learned.scatter.value : 0,
      ...places.map(({ station }) => piecesChanged(state, station, last.inPlace, now)),
    ),
    degreesOfFreedom: ofOne ? degreesOfFreedom : null,
    ...(stands.torques === null || torque === null
      ? { band: spec.band, limitsBy: 'play' as const }
      : { band: playsOf(torque, stands), limitsBy: 'torque' as const }),
    gains: Object.fromEntries(
      places.map((place) => [place.station.id, gainOf(place, moved, stands.gains)]),
    ),
    scatter: learned.scatter,
    builds: rows.length,
    misfit: learned.misfit,
    contradicted,
    stated: spec.band,
    run: lastPlay.run!,
    working: buildsWorking(buildsAt(told, moved, now), beforeOf(moved), stands, {
      ...(moved.length > 1 ? { names: moved.map(({ station }) => station.name) } : {}),
      ...(target === null ? {} : { torque: target }),
    }),
  };
}

/** Plays that leave so many standard uncertainties of looseness leave no preload. A rule of this program. */
const SURELY = 3;

/** Whether rolling tells of preload in a build that is loose by the plays of all of them. */
function contradictsPlays(
  { by, inPlace }: BuildRead,
  rows: readonly BuildRead[],
  places: readonly Place[],
  now: Run['inPlace'],
): boolean {
  if (by === 'play') return false;
  const plays = rows.filter((row) => row.by === 'play');
  const { value, uncertainty, scatter } = learnBuilds(
    buildsAt(plays, places, now),
    beforeOf(places),
    { thicknesses: places.map(({ station }) => thicknessAt(station, inPlace, now)), torques: [] },
  );
  return value > SURELY * Math.hypot(uncertainty, scatter.value);
}

const buildsAt = (
  rows: readonly BuildRead[],
  places: readonly Place[],
  now: Run['inPlace'],
): readonly Build[] =>
  rows.map(({ inPlace, by, read, uncertainty, shared }) => ({
    thicknesses: places.map(({ station }) => thicknessAt(station, inPlace, now)),
    by,
    read,
    uncertainty,
    shared,
  }));

const beforeOf = (places: readonly Place[]) => ({
  gains: places.map(({ held }) => held),
  scatter: USUAL_RANGE,
});

function learnFrom(
  rows: readonly BuildRead[],
  places: readonly Place[],
  now: Run['inPlace'],
  torque: Band | null,
): LearnedBuilds {
  const { lower, upper } = torque ?? { lower: null, upper: null };
  return learnBuilds(buildsAt(rows, places, now), beforeOf(places), {
    thicknesses: places.map(({ station }) => thicknessAt(station, now, now)),
    torques:
      torque === null
        ? []
        : [bandTarget(torque), lower ?? 0, upper ?? 0].map((one) => Math.max(one, NO_TORQUE)),
  });
}

/** What stands for no rolling torque at all, N·m. */
const NO_TORQUE = 1e-6;

/** The plays at which a rolling torque is within its limits: the more torque, the further below zero. */
function playsOf(torque: Band, { torques }: LearnedBuilds): Band {
  const [target, least, most] = torques!.map(({ play }) => Math.min(0, play));
  return {
    lower: torque.upper === null ? null : most!,
    upper: torque.lower === null ? 0 : least!,
    target: target!,
  };
}

/** The last reading of each kind. */
const lastOfEach = (rows: readonly BuildRead[]): readonly BuildRead[] =>
  rows.filter((row, at) => !rows.slice(at + 1).some(({ by }) => by === row.by));

const gainOf = (
  { station, held }: Place,
  moved: readonly Place[],
  learned: readonly HeldGain[],
): HeldGain => {
  const at = moved.findIndex((place) => place.station.id === station.id);
  return learned[at] ?? held;
};

/** It was taken apart for what was changed, and no two assemblies are the same; an adjuster is turned as it stands. */
const isReassembled = ({ stations }: Axis, was: Run['inPlace'], now: Run['inPlace']): boolean =>
  !isSame(
    stations.filter(({ kind }) => kind !== 'adjuster'),
    was,
    now,
  );

/** What the pieces of a pack that was changed may be off by together, old and new, standard, mm. */
function piecesChanged(
  { setting: { packs } }: JobState,
  { id }: Station,
  was: Run['inPlace'],
  now: Run['inPlace'],
): number {
  const pack = packs[id];
  return pack === undefined || was[id] === now[id] ? 0 : Math.SQRT2 * packUncertainty(pack.pieces);
}
