import {
  dropsIn,
  wayToTake,
  waysIn,
  type WayId,
  type WayIn,
  type WayInput,
} from '../heat/index.ts';
import type { JobState } from '../job/index.ts';
import { figure, range, words } from './figures.ts';
import type { CautionId } from './cautions.ts';
import type { Figure } from './step.ts';
import { SOURCES } from '../sources/index.ts';
import {
  findStation,
  isPressed,
  isTight,
  type Axis,
  type Part,
  type Station,
  type Unit,
} from '../unit/index.ts';
import { heatOfPart } from './jobHeat.ts';
import { goesCold } from './goesCold.ts';
import { bodyOf, heatSeatOf, lacksForHeat, ringLimitFor } from './heatSeat.ts';
import { partLimitFor } from './ovenSeats.ts';
import { isSealed } from './closureOfStation.ts';
import { comesAsOne, seatInterference } from './seats.ts';
import { grooveLimit } from './snapRingUnder.ts';

/**
 * Ways to get a ring of a station on its seat; none while its fit is not known. Where the material of the part with the
 * seat is not known, the ways that rest on it have no number. The heat of a part is that of all its rings: as its plan has it.
 * @param pressRating of the workshop's press, N; null where nobody has said
 */
export function ringWays(
  state: JobState,
  stationId: string,
  ring: 'outer' | 'inner',
  pressRating: number | null = null,
): readonly WayIn[] {
  const found = findStation(state.unit!, stationId);
  const fit = found === null ? null : seatInterference(state, found.station, ring);
  if (found === null || fit === null || lacksForHeat(found.station).length > 0) return [];
  const { station } = found;
  // What a bush is made of decides how hard it presses: without that there is no number.
  if (station.kind === 'bush' && station.material === undefined) return [];
  const part = partWithSeat(state.unit!, station, ring);
  const body = part === null ? null : bodyOf(part);
  const [diameter, other] =
    ring === 'outer' ? [station.outside, station.inside] : [station.inside, station.outside];
  return waysIn({
    ring,
    diameter,
    other,
    width: station.width,
    ...partSizeOf(station, ring),
    fit,
    sealed: isSealed(station),
    pressRating,
    material: part?.material ?? null,
    ringLimit: ringLimitFor(state, station),
    ...(station.material === undefined ? {} : { bush: station.material }),
    ...(body === null ? {} : { body }),
    ...(ring === 'outer' ? ofOuter(state, found, part) : ofInner(state, station)),
  });
}

/** What the part with a seat measures on its other side, where it is described. mm. */
export function partSizeOf(
  { bossOutside, hollowBore, inside, outside }: Station,
  ring: 'outer' | 'inner',
): { readonly partSize?: number } {
  const size = ring === 'outer' ? bossOutside : hollowBore;
  // One that leaves no wall is a slip of the pen: the usual one is taken.
  const isSound = size !== undefined && (ring === 'outer' ? size > outside : size < inside);
  return isSound ? { partSize: size } : {};
}

/**
 * The way to take where none was chosen: what is pressed in is pressed where that can be had, the rings of a heavy iron part are
 * frozen and driven, all else goes by the least trouble.
 */
export function wayFor(
  state: JobState,
  station: Station,
  ring: 'outer' | 'inner',
  ways: readonly WayIn[],
): WayIn | undefined {
  const usual = ring === 'inner' ? null : usualOuterWay(state, station);
  return ways.find(({ id, stands }) => id === usual && stands) ?? wayToTake(ways);
}

/** The way a ring goes in by: as chosen, else as is usual for what it is and what it goes into; null where that hangs on the numbers. */
export const wayTaken = (
  state: JobState,
  station: Station,
  ring: 'outer' | 'inner',
): WayId | null =>
  state.fitting.ways[station.id]?.[ring]?.way ??
  (ring === 'outer' ? usualOuterWay(state, station) : null);

function usualOuterWay(state: JobState, station: Station): WayId | null {
  if (isPressed(station)) return 'coldPress';
  const part = partWithSeat(state.unit!, station, 'outer');
  return part !== null && goesCold(state, part) ? 'frozenPress' : null;
}

/** What an outer ring's ways rest on besides its own seat: the other rings of the part, its limit, what it is pressed on. */
function ofOuter(
  state: JobState,
  { station, axis }: { readonly station: Station; readonly axis: Axis },
  part: Part | null,
): Partial<WayInput> {
  const groove = grooveLimit(axis, station, part);
  const forceLimit = groove === null ? {} : { forceLimit: groove };
  const heat = part === null ? null : heatOfPart(state, part);
  const own = heatSeatOf(state, station);
  if (part === null || heat === null || own === null) return forceLimit;
  const { ambient, carry, handling, coolingFactor } = heat.settings;
  const isIn = heat.seats.some(({ id }) => id === own.id);
  return {
    ...forceLimit,
    partLimit: partLimitFor(state, part)!,
    together: { id: own.id, seats: isIn ? heat.seats : [...heat.seats, own] },
    work: { ambient, carry, handling, coolingFactor },
  };
}

/** What an inner ring's ways rest on: whether it lies in its part already, and how it is held there. */
function ofInner(state: JobState, station: Station): Partial<WayInput> {
  if (!comesAsOne(station)) return { place: 'bench' };
  const part = partWithSeat(state.unit!, station, 'outer');
  return {
    place: 'inPart',
    heldBy: {
      diameter: station.outside,
      least: seatInterference(state, station, 'outer')?.least ?? null,
      material: part?.material ?? null,
      body: part === null ? null : bodyOf(part),
      partLimit: part === null ? null : partLimitFor(state, part),
    },
  };
}

/** The part that a ring of a station sits in or on; null where the unit has no such part. */
export function partWithSeat(unit: Unit, station: Station, ring: 'outer' | 'inner'): Part | null {
  if (ring === 'inner') return shaftUnder(unit, station);
  return unit.parts.find(({ id }) => id === station.partId) ?? null;
}

/** The shaft that a station is on: of its axis, the one that is drawn under it, else any; null where none is described. */
function shaftUnder({ parts, axes }: Unit, station: Station): Part | null {
  const shafts = parts.filter(({ kind }) => kind === 'shaft');
  const beside =
    axes.find(({ stations }) => stations.some(({ id }) => id === station.id))?.stations ?? [];
  const on = beside.filter(({ partId }) => shafts.some(({ id }) => id === partId));
  const under = on.find(
    ({ at, width }) => at < station.at + station.width && at + width > station.at,
  );
  const partId = (under ?? on[0])?.partId;
  return shafts.find(({ id }) => id === partId) ?? (shafts.length === 1 ? shafts[0]! : null);
}

/** The bearing for whose inner ring a shaft is cooled: the one for which that was chosen, else the first on it; null where none is. */
export function ringOfShaft(
  { unit, fitting: { ways } }: JobState,
  shaftId: string,
): Station | null {
  const on = unit!.axes
    .flatMap(({ stations }) => stations)
    .filter((station) => isTight(station, 'inner') && shaftUnder(unit!, station)?.id === shaftId);
  return on.find(({ id }) => ways[id]?.inner !== undefined) ?? on[0] ?? null;
}

/** The way that was chosen for a ring, as it stands now; null where none was, or its fit is not known. */
export function chosenWay(
  state: JobState,
  station: Station,
  ring: 'outer' | 'inner',
): WayIn | null {
  const chosen = state.fitting.ways[station.id]?.[ring];
  if (chosen === undefined) return null;
  return (
    ringWays(state, station.id, ring, chosen.pressRating).find(({ id }) => id === chosen.way) ??
    null
  );
}

/**
 * What a way comes to, in figures.
 * @param name what it is told as: chosen, or the one to take
 */
export function wayFigures(way: WayIn, name = 'Way chosen'): readonly Figure[] {
  const source = SOURCES.thermalFit.title;
  const rows = [
    way.temperature === null ? null : figure('Heat to', 'temperature', way.temperature, source),
    way.drops === null || !way.stands || !dropsIn(way)
      ? null
      : figure('Drops in from', 'temperature', way.drops, source),
    way.ringTemperature === null || way.ringTemperature === way.temperature
      ? null
      : figure('Ring at', 'temperature', way.ringTemperature, source),
    way.shaftTemperature === null
      ? null
      : figure('Shaft at', 'temperature', way.shaftTemperature, source),
    way.force === null || way.forceMost === null
      ? null
      : range(
          'Force to press',
          'force',
          { least: way.force, most: way.forceMost },
          `${SOURCES.lame.title}: usual, and the most`,
        ),
    way.stress === null
      ? null
      : figure('Stress at the bore', 'pressure', way.stress, SOURCES.lame.title),
  ];
  return [
    words(
      name,
      `${way.words}: ${way.stands ? way.limit : `refused, ${way.limit}`}`,
      name === 'Way chosen' ? 'Chosen on this job' : source,
    ),
    ...rows.filter((row) => row !== null),
  ];
}

/** What to mind with each way. */
export const WAY_CAUTIONS: Readonly<Record<WayId, readonly CautionId[]>> = {
  ovenAndFreezer: ['hotParts', 'frost'],
  ovenOnly: ['hotParts'],
  heatGun: ['hotParts'],
  torch: ['hotParts', 'noFlame'],
  freezerOnly: ['frost'],
  dryIce: ['dryIce'],
  coldPress: ['press'],
  frozenPress: ['frost', 'press', 'splinters'],
  induction: ['hotParts'],
  oven: ['hotParts', 'fumes'],
  warmAndCold: ['hotParts', 'fumes', 'frost'],
  partOven: ['hotParts', 'fumes'],
  coolShaft: ['frost'],
  drawTool: ['press'],
  ringHeatGun: ['hotParts'],
  innerPress: ['press', 'splinters'],
  bake: ['hotParts'],
};
