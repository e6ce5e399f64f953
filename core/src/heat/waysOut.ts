import { REFERENCE_TEMPERATURE, type Interference } from '../fits/index.ts';
import { materialOf, type MaterialChoice } from '../materials/index.ts';
import { ringForce } from '../pressFit/index.ts';
import type { LumpedBody } from '../thermal/index.ts';
import { wholeDegree } from './leastHeat.ts';
import { hottestPart, pastLimit, usualLimit } from './ovenLimit.ts';
import { pressLimit, withinForce } from './pressLimit.ts';
import { RING_HARDNESS_LIMIT, type HeatLimit } from './ringLimit.ts';
import { WAYS_OUT, type WayOutId, type WayOutRow } from './waysOutTable.ts';
import { gunTime, ovenTime } from './wayTimes.ts';

/** A ring on its seat. Lengths in mm. */
export interface WayOutInput {
  readonly ring: 'outer' | 'inner';
  readonly diameter: number;
  readonly other: number;
  readonly width: number;
  /** As of a way in. */
  readonly partSize?: number;
  /** Null where nobody knows how tight it sits. */
  readonly fit: Pick<Interference, 'least' | 'mean' | 'most'> | null;
  /** Of the part with the seat; null where it is not known. */
  readonly material: MaterialChoice | null;
  readonly bush: MaterialChoice | null;
  /** Whether it is a bush or a drawn cup rather than a bearing's ring. */
  readonly pressed: boolean;
  readonly body: LumpedBody | null;
  readonly partLimit: HeatLimit | null;
  /** What the bearing bears where it is to be used again. */
  readonly ringLimit: HeatLimit;
  readonly pressRating: number | null;
}

/** One way out at this very seat. */
export interface WayOut extends WayOutRow {
  readonly id: WayOutId;
  readonly stands: boolean;
  /** What part or ring is brought to, °C; null where nothing is warmed, or nobody knows. */
  readonly temperature: number | null;
  readonly seconds: number | null;
  readonly longest: number | null;
  /** N, usual and at the most. */
  readonly force: number | null;
  readonly forceMost: number | null;
  /** What limits it here, or why it is refused. */
  readonly limit: string;
}

type Cost = Omit<WayOut, keyof WayOutRow | 'id'>;
const NONE = { temperature: null, seconds: null, longest: null, force: null, forceMost: null };

/** How much of its seat's rise a ring takes while it is warmed quickly, and a journal under a ring. Rules of this program. */
const RING_FOLLOWS = 0.5;
const JOURNAL_FOLLOWS = 0.25;

/**
 * Every way of the trade to get this ring out, with what it comes to; the same physics as going in, backwards. A ring that is
 * soaked with its part lets go where `T = 20 + i/(D·(αp − αr))`; one that stays colder, earlier.
 *
 * @throws InputError naming a size
 */
export function waysOut(input: WayOutInput): readonly WayOut[] {
  const table: Readonly<Record<WayOutId, WayOutRow>> = WAYS_OUT;
  const body = input.pressed ? 'pressed' : 'bearing';
  return (Object.keys(WAYS_OUT) as WayOutId[])
    .filter((id) => table[id].ring === input.ring)
    .filter((id) => (table[id].body ?? body) === body)
    .map((id) => ({ id, ...table[id], ...costOf(id, input) }));
}

/** The question with all known that a number rests on. */
type Known = WayOutInput & {
  readonly fit: NonNullable<WayOutInput['fit']>;
  readonly material: MaterialChoice;
};

function costOf(id: WayOutId, input: WayOutInput): Cost {
  const { fit, material } = input;
  if (COSTS[id] === null) return { ...NONE, stands: true, limit: 'when nothing else moves it' };
  if (fit === null)
    return { ...NONE, stands: true, limit: 'not worked out: nobody knows how tight it sits' };
  if (material === null)
    return {
      ...NONE,
      stands: true,
      limit: 'not worked out: what the part with the seat is made of is not known',
    };
  return COSTS[id]({ ...input, fit, material });
}

const COSTS: Readonly<Record<WayOutId, ((input: Known) => Cost) | null>> = {
  partOven: (input) => {
    const { body } = input;
    const reached = letsGo(input, 1);
    return reached.temperature === null || !reached.stands || body === null
      ? reached
      : { ...reached, seconds: ovenTime(body, reached.temperature) };
  },
  bossHeat: (input) => {
    const reached = letsGo(input, RING_FOLLOWS);
    if (reached.temperature === null || !reached.stands) return reached;
    const { diameter: outside, other: bore, width, material, body } = input;
    const { shortest, longest } = gunTime(
      material,
      { outside, bore, width },
      reached.temperature,
      body ?? undefined,
    );
    return { ...reached, seconds: shortest, longest };
  },
  pushFromBehind: pressed,
  blindPuller: pulled,
  splitOuter: null,
  pressOut: pressed,
  pullOut: pulled,
  slit: null,
  pullInner: pulled,
  pressInner: pressed,
  heatInner,
  splitInner: null,
};

/** Temperature of a part at which its ring lets go, the ring following it by a share of its rise. */
function letsGo(input: Known, follows: number): Cost {
  const { diameter, fit, material, bush, partLimit, ringLimit } = input;
  const difference =
    materialOf(material).expansion - follows * materialOf(bush ?? 'bearingSteel').expansion;
  if (difference <= 0)
    return {
      ...NONE,
      stands: false,
      limit: 'ring and part grow alike: warmed together it stays as tight as it is',
    };
  const temperature = wholeDegree(
    REFERENCE_TEMPERATURE + Math.max(0, fit.most) / (diameter * difference),
  );
  const bound = partLimit ?? usualLimit({ material });
  if (temperature > hottestPart(bound))
    return { ...NONE, temperature, stands: false, limit: pastLimit(temperature, bound) };
  const { limit } = bound;
  return {
    ...NONE,
    temperature,
    stands: true,
    limit:
      temperature > ringLimit.limit && bush === null
        ? `past ${ringLimit.limit} °C the bearing is not used again: ${ringLimit.reason}`
        : `${Math.round(limit - temperature)} K below the limit of ${Math.round(limit)} °C`,
  };
}

/** A ring that is warmed on its shaft faster than the shaft. */
function heatInner({ diameter, fit, material, ringLimit }: Known): Cost {
  const difference =
    materialOf('bearingSteel').expansion - JOURNAL_FOLLOWS * materialOf(material).expansion;
  const temperature = wholeDegree(
    REFERENCE_TEMPERATURE + Math.max(0, fit.most) / (diameter * difference),
  );
  if (temperature > RING_HARDNESS_LIMIT)
    return {
      ...NONE,
      temperature,
      stands: false,
      limit: `${temperature} °C is past ${RING_HARDNESS_LIMIT} °C: journal and seal track would lose hardness`,
    };
  return {
    ...NONE,
    temperature,
    stands: true,
    limit:
      temperature > ringLimit.limit
        ? `past ${ringLimit.limit} °C the bearing is not used again: ${ringLimit.reason}`
        : `${ringLimit.limit - temperature} K below what the bearing bears`,
  };
}

function forceOf({ ring, diameter, other, width, material, bush, fit, partSize }: Known) {
  const size = partSize === undefined ? {} : { partSize };
  return ringForce({ ring, diameter, other, width, material, bush, ...size }, fit, 'out');
}

function pulled(input: Known): Cost {
  const { usual, most } = forceOf(input);
  return {
    ...NONE,
    stands: true,
    force: usual,
    forceMost: most,
    limit: 'the puller has to bear the most; warm the seat where it does not',
  };
}

function pressed(input: Known): Cost {
  const { usual, most } = forceOf(input);
  const { stands, limit } = withinForce({ usual, most }, pressLimit(input.pressRating));
  return { ...NONE, stands, force: usual, forceMost: most, limit };
}
