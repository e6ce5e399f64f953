import { dropInClearance, outerTemperatureFor } from '../fits/index.ts';
import { refuse } from '../faults/index.ts';
import { materialOf } from '../materials/index.ts';
import { line, type WorkingLine } from '../working/index.ts';
import {
  airTimeConstant,
  temperatureAfter,
  timeConstant,
  MEDIA,
  type LumpedBody,
} from '../thermal/index.ts';
import { ringOf, type HeatSeat } from './heatSeat.ts';
import { TIME_ALLOWED, type HeatSettings } from './heatSettings.ts';

/**
 * What a part loses on the way and while it is worked on, K, where nobody knows how heavy it is or how much surface it
 * has. Common practice, no source.
 */
export const USUAL_LOSS = 10;

/** How warm the part has to be for one of its rings. °C; s. */
export interface SeatNeed {
  readonly id: string;
  /** The part at this temperature, the ring just from where it lies: it drops in, with its clearance. */
  readonly drops: number;
  /** It slides, without clearance. */
  readonly slides: number;
  /** Time that is allowed until it is in, from leaving the oven. */
  readonly allowed: number;
  /** What the part leaves the oven with, so that it drops in, or slides, at the end of that time. */
  readonly leaves: number;
  readonly leavesToSlide: number;
}

/** The least heat with which every ring goes in at one go. °C, exact, before it is rounded to what an oven can be set to. */
export interface LeastHeat {
  readonly toDrop: number;
  readonly toSlide: number;
  /** Whether the loss is worked out from the part, or is what is usual. */
  readonly loss: 'worked out' | 'usual';
  readonly seats: readonly SeatNeed[];
}

/** A whole degree, up: what an oven is set to and every page shows. */
export const wholeDegree = (exact: number): number => Math.ceil(exact - 1e-6);

type Work = Pick<HeatSettings, 'rings' | 'ambient' | 'carry' | 'handling' | 'coolingFactor'>;

/**
 * The least temperature of a part with which all its rings drop in from one heat: the clearance to drop in, and what
 * part and rings lose in {@link TIME_ALLOWED} times the time that the work takes.
 *
 * A ring that goes in at the time t needs the part at `T(t) = 20 + (i + c + D·αr·(Tr(t) − 20))/(D·αp)`; the part leaves
 * the oven with `Ta + (T(t) − Ta)·e^(t/τ)`. The order with the least maximum is found exactly (Lawler, Management Science 19,
 * 1973): from the last place backwards, the ring that asks for least there.
 *
 * @param body its material alone where mass and surface are not known: the usual loss is taken
 * @throws InputError naming `seats` where they wait for each other in a circle, or a size
 */
export function leastHeat(
  body: LumpedBody | Pick<LumpedBody, 'material'>,
  seats: readonly HeatSeat[],
  work: Work,
): LeastHeat {
  const lumped = 'mass' in body ? body : null;
  const needs = needsOf(body.material, lumped, work);
  const places = seats.map((seat) => ({ seat, after: known(seat, seats) }));
  const rows: SeatNeed[] = [];
  let open = places;
  for (let place = seats.length; place > 0; place -= 1) {
    const allowed = TIME_ALLOWED * (work.carry + place * work.handling);
    const last = open
      .filter(({ seat }) => !open.some(({ after }) => after.includes(seat.id)))
      .map(({ seat }) => needs(seat, allowed))
      .reduce<SeatNeed | null>(
        (best, need) => (best === null || need.leaves < best.leaves - 1e-9 ? need : best),
        null,
      );
    if (last === null)
      return refuse(
        'contradiction',
        'seats',
        open.map(({ seat }) => seat.id),
        { id: 'noCircle' },
      );
    rows.unshift(last);
    open = open.filter(({ seat }) => seat.id !== last.id);
  }
  return {
    toDrop: Math.max(...rows.map(({ leaves }) => leaves)),
    toSlide: Math.max(...rows.map(({ leavesToSlide }) => leavesToSlide)),
    loss: lumped === null ? 'usual' : 'worked out',
    seats: rows,
  };
}

/** Of those that have to be in before, the ones that are among these seats. */
function known({ after }: HeatSeat, seats: readonly HeatSeat[]): readonly string[] {
  return after.filter((id) => seats.some((seat) => seat.id === id));
}

function needsOf(
  material: LumpedBody['material'],
  part: LumpedBody | null,
  { rings, ambient, coolingFactor }: Work,
) {
  const partTau =
    part === null ? null : airTimeConstant({ ...part, temperature: ambient, coolingFactor });
  return (seat: HeatSeat, allowed: number): SeatNeed => {
    const { id, diameter, fit } = seat;
    const ring = ringOf(seat);
    const ringTau = timeConstant(ring, MEDIA.stillAir.transfer);
    const partAt = (clearance: number, seconds: number) =>
      outerTemperatureFor({ diameter, interference: fit.most, clearance }, material, {
        material: ring.material,
        temperature: temperatureAfter(seconds, seat.lies ?? rings, ambient, ringTau),
      });
    const leaves = (clearance: number) => {
      if (partTau === null)
        return partAt(clearance, 0) <= ambient
          ? partAt(clearance, 0)
          : partAt(clearance, 0) + USUAL_LOSS;
      const then = partAt(clearance, allowed);
      return then <= ambient ? then : ambient + (then - ambient) * Math.exp(allowed / partTau);
    };
    const clearance = dropInClearance(diameter);
    return {
      id,
      drops: partAt(clearance, 0),
      slides: partAt(0, 0),
      allowed,
      leaves: leaves(clearance),
      leavesToSlide: leaves(0),
    };
  };
}

/** How a ring's need is come by, to be checked with a pencil. */
export function needWorking(
  body: LumpedBody | Pick<LumpedBody, 'material'>,
  seat: HeatSeat,
  need: SeatNeed,
  { rings, ambient, coolingFactor }: Work,
): readonly WorkingLine[] {
  const { diameter, fit } = seat;
  const drops = line(
    'Drops in from, ring just from where it lies',
    'T = 20 + (i + c + D·αr·(Tr − 20))/(D·αp)',
    [
      ['i', fit.most, 'length'],
      ['c', dropInClearance(diameter), 'length'],
      ['D', diameter, 'length'],
      ['αr, µm/(m·K)', materialOf(ringOf(seat).material).expansion * 1e6, 'number'],
      ['Tr', seat.lies ?? rings, 'temperature'],
      ['αp, µm/(m·K)', materialOf(body.material).expansion * 1e6, 'number'],
    ],
    ['T', need.drops, 'temperature'],
    'thermalFit',
  );
  const leaves =
    'mass' in body
      ? line(
          'Leaves the oven with, so that it still drops in when its time is over',
          'T₀ = Ta + (T(t) − Ta)·e^(t/τ)',
          [
            ['Ta', ambient, 'temperature'],
            ['t, s', need.allowed, 'number'],
            ['τ, s', airTimeConstant({ ...body, temperature: ambient, coolingFactor }), 'number'],
          ],
          ['T₀', need.leaves, 'temperature'],
          'timeAllowed',
        )
      : line(
          'With what is usually lost on the way: mass and surface of the part are not known',
          'T₀ = T + loss',
          [['loss', USUAL_LOSS, 'temperatureDifference']],
          ['T₀', need.leaves, 'temperature'],
          'usualLoss',
        );
  return [drops, leaves];
}
