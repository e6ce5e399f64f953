import {
  coolingFactorFrom,
  ovenLimit,
  partHeat,
  USUAL_HEAT,
  usualLimit,
  ringLimitOf,
  type HeatLimit,
  type WayId,
  type HeatSeat,
  type HeatSettings,
  type PartHeat,
} from '../heat/index.ts';
import { secondsBetween, type Clock, type JobState } from '../job/index.ts';
import { MOST_SEATS, type LumpedBody } from '../thermal/index.ts';
import { geometryFaults, type Axis, type Part, type Station, type Unit } from '../unit/index.ts';
import { atFitting } from './compound.ts';
import { lacksOfPart, lacksSizes, lacksStep } from './figures.ts';
import { isSealed, outerSeatsIn, seatInterference } from './seats.ts';
import { goesIn } from './scope.ts';
import type { Missing } from './step.ts';

/** The heat plan of a part of a job, or what it lacks. */
export interface JobHeat {
  readonly part: Part;
  readonly settings: HeatSettings;
  readonly missing: readonly Missing[];
  readonly plan: PartHeat | null;
  /** Where the cooling factor was seen; null when nothing was. */
  readonly seenOn: string | null;
}

/**
 * How hot a part may be heated on this job: bound by the part and by the bearings that are left in it, as its heat plan
 * is. By the part alone while its mass is not described; null while its material is not.
 */
export function partOvenLimit(state: JobState, part: Part): HeatLimit | null {
  if (part.material === null) return null;
  const own = state.heating.limits[part.id] ?? usualLimit({ material: part.material });
  const body = bodyOf(part);
  if (body === null) return own;
  const seats = ovenSeats(state, part.id);
  const bearings = seats.filter(hasKnownSizes).map((station) => ({
    name: station.name,
    diameter: station.outside,
    bore: station.inside,
    width: station.width,
    ringLimit: ringLimitFor(state, station),
  }));
  // How warm a ring gets that nobody has measured is not known: the part stays below what the ring bears.
  const unsized = seats
    .filter((station) => !hasKnownSizes(station))
    .map((station): HeatLimit => {
      const { limit, reason } = ringLimitFor(state, station);
      return { limit, reason: `${station.name}, whose size is not known: ${reason}` };
    });
  const { rings } = { ...USUAL_HEAT, ...state.heating.heat[part.id] };
  const lowest = [own, ...unsized].toSorted((a, b) => a.limit - b.limit)[0]!;
  return ovenLimit(body, bearings, rings, lowest);
}

/** Ways in that need no oven: their rings are left out of the heat of the part. */
const BY_ITSELF: readonly string[] = [
  'heatGun',
  'torch',
  'coldPress',
  'dryIce',
] satisfies readonly WayId[];

/**
 * Rings that go into a part from the oven's heat: the tight ones, unless another way was chosen for them or they are held
 * by compound, which goes on cold. A station that
 * cannot be as it is described is left out: its plan says so, and the others stand.
 */
export function ovenSeats(state: JobState, partId: string): readonly Station[] {
  const {
    unit,
    fitting: { ways },
  } = state;
  const faulty = geometryFaults(unit!);
  return outerSeatsIn(unit!, partId).filter(
    (station) =>
      faulty[station.id] === undefined &&
      goesIn(state, station) &&
      !BY_ITSELF.includes(ways[station.id]?.outer?.way ?? '') &&
      atFitting(state, station, 'outer') === null,
  );
}

/** Rings of a part for which a way without the oven was chosen. */
export function leftOut(state: JobState, partId: string): readonly Station[] {
  const {
    fitting: { ways },
  } = state;
  return outerSeatsIn(state.unit!, partId).filter(({ id }) =>
    BY_ITSELF.includes(ways[id]?.outer?.way ?? ''),
  );
}

/** Parts of a unit that are heated: those in which rings are tight. */
export function heatedParts({ unit }: JobState): readonly Part[] {
  return unit!.parts.filter(
    ({ id, kind }) => kind !== 'shaft' && outerSeatsIn(unit!, id).length > 0,
  );
}

/**
 * The heat plan of a part from its description, its measured seats and what was seen of the cooling.
 * @param settings in place of those logged, while they are being chosen
 */
export function jobHeat(state: JobState, part: Part, settings?: Partial<HeatSettings>): JobHeat {
  const unit = state.unit!;
  const seen = coolingSeen(state, part);
  const all: HeatSettings = {
    ...USUAL_HEAT,
    ...state.heating.heat[part.id],
    coolingFactor: seen?.factor ?? 1,
    ...settings,
  };
  const stations = ovenSeats(state, part.id).slice(0, MOST_SEATS);
  const missing = [
    ...(['material', 'mass', 'area'] as const)
      .filter((field) => part[field] === null)
      .map((field) => lacksOfPart(part, field)),
    ...stations.flatMap(lacksForHeat),
    ...stations
      .filter(hasKnownSizes)
      .filter((station) => seatInterference(state, station, 'outer') === null)
      .map((station) =>
        lacksStep(`measured bore of ${station.name}`, `measureSeats:${station.id}`),
      ),
  ];
  const body = bodyOf(part);
  const seats = missing.length > 0 ? [] : stations.map((station) => heatSeat(state, unit, station));
  const plan =
    body === null || seats.length === 0
      ? null
      : partHeat(body, seats, all, state.heating.limits[part.id]);
  return { part, settings: all, missing, plan, seenOn: seen?.on ?? null };
}

/** Sizes of a bearing that its heat is worked out from, and that are only drawn. */
const lacksForHeat = (station: Station): readonly Missing[] =>
  lacksSizes(station, 'inside', 'outside', 'width');

const hasKnownSizes = (station: Station): boolean => lacksForHeat(station).length === 0;

/** A part as a body that warms as one; null while a datum is missing. */
export function bodyOf({ material, mass, area }: Part): LumpedBody | null {
  return material === null || mass === null || area === null ? null : { material, mass, area };
}

function heatSeat(state: JobState, unit: Unit, station: Station): HeatSeat {
  const axis = unit.axes.find(({ stations }) => stations.some(({ id }) => id === station.id))!;
  const { id, name, outside: diameter, inside: bore, width } = station;
  return {
    id,
    name,
    diameter,
    bore,
    width,
    fit: seatInterference(state, station, 'outer')!,
    after: blockedBy(axis, station),
    ringLimit: ringLimitFor(state, station),
  };
}

/** What a bearing stands: as set for this job, else as is usual. */
export function ringLimitFor({ heating: { limits } }: JobState, station: Station): HeatLimit {
  return limits[station.id] ?? ringLimitOf(isSealed(station));
}

/** Rings of the same part that lie further in, the way this one goes: it would block them. */
function blockedBy({ stations }: Axis, station: Station): readonly string[] {
  if (station.wayIn === undefined) return [];
  const further = station.wayIn === 'right' ? 1 : -1;
  return stations
    .filter(
      (other) =>
        other.id !== station.id && other.partId === station.partId && other.wayIn === station.wayIn,
    )
    .filter((other) => further * (other.at - station.at) > 0)
    .map(({ id }) => id);
}

/** How fast a part of this kind cooled, from the last reading while one lay outside: the other half tells for this one. */
function coolingSeen(
  state: JobState,
  part: Part,
): { readonly factor: number; readonly on: string } | null {
  const rows = state.heating.clocks
    .filter(({ kind }) => kind === 'cooling')
    .flatMap((clock) => factorOf(state, clock));
  const own = rows.findLast(({ partId }) => partId === part.id);
  const other = rows.findLast(({ kind }) => kind === part.kind);
  const row = own ?? other;
  return row === undefined ? null : { factor: row.factor, on: row.name };
}

function factorOf(state: JobState, clock: Clock) {
  const part = state.unit!.parts.find(({ id }) => id === clock.targetId);
  const body = part === undefined ? null : bodyOf(part);
  const settings = { ...USUAL_HEAT, ...state.heating.heat[clock.targetId] };
  if (part === undefined || body === null) return [];
  return (state.heating.temperatures[part.id] ?? []).flatMap(({ value: read, at }) => {
    const seconds = secondsBetween(clock.startedAt, at);
    const inTime = seconds > 0 && (clock.stoppedAt === null || at <= clock.stoppedAt);
    const factor = inTime
      ? coolingFactorFrom(body, { oven: settings.oven, ambient: settings.ambient, read, seconds })
      : null;
    return factor === null ? [] : [{ factor, partId: part.id, kind: part.kind, name: part.name }];
  });
}
