import { dropInClearance, REFERENCE_TEMPERATURE } from '../fits/index.ts';
import { requireNumber } from '../faults/index.ts';
import { materialOf, type MaterialChoice } from '../materials/index.ts';
import { pressFit, USUAL_FRICTION } from '../pressFit/index.ts';
import { bearingMass, hottestFor } from '../thermal/index.ts';
import { RING_LIMIT, ringLimitOf, type HeatLimit } from './ringLimit.ts';
import { WAYS, type WayId, type WayRow } from './ways.ts';
import { BOSS, gunTime, ovenTime, ringOvenTime, type BearingSize } from './wayTimes.ts';
import type { WayInput, WayIn } from './wayIn.ts';

/** Coldest a rolling bearing ring may be without its maker's word, and dry ice, °C. Common practice, no source. */
const COLDEST_RING = -50;

const DRY_ICE = -78;

const FROZEN = -18;

/** Where the habit bakes rings, °C. */
const BAKED = 230;

/** Thickness of a ring as a share of the bearing's section. A rule of this program. */
export const RING_SHARE = 0.27;

/**
 * Every way of the trade for this seat, side by side. A way that would pass a limit does not stand and says which;
 * the first that stands is the one to take.
 *
 * @throws InputError naming the field
 */
export function waysIn(input: WayInput): readonly WayIn[] {
  requireNumber('diameter', input.diameter, { above: 0, max: 1000, unit: 'mm' });
  requireNumber('other', input.other, { above: 0, max: 1000, unit: 'mm' });
  requireNumber('width', input.width, { above: 0, max: 500, unit: 'mm' });
  requireNumber('pressRating', input.pressRating, { above: 0, max: 1e8, unit: 'N' });
  const rows: Readonly<Record<WayId, WayRow>> = WAYS;
  return (Object.keys(WAYS) as WayId[])
    .filter((id) => rows[id].ring === input.ring)
    .map((id) => {
      const { words, risks, lastResort = false, timeWords = 'about' } = rows[id];
      return { id, words, risks, lastResort, timeWords, ...costOf(id, input) };
    });
}

/** The question with its material known. */
type KnownInput = WayInput & { readonly material: MaterialChoice };

function costOf(id: WayId, input: WayInput): Cost {
  const { material } = input;
  if (material !== null) return COST[id]({ ...input, material });
  return id in WARMED
    ? WARMED[id as keyof typeof WARMED](input)
    : {
        ...NOTHING,
        stands: false,
        limit: 'not worked out: what the part with the seat is made of is not known',
      };
}

type Cost = Omit<WayIn, 'id' | 'words' | 'risks' | 'lastResort' | 'timeWords'>;

const NOTHING = {
  temperature: null,
  ringTemperature: null,
  seconds: null,
  force: null,
  stress: null,
};

/** Ways that warm the ring itself: the material of its seat does not enter. */
const WARMED = {
  induction: (input) => warmedRing(input),
  oven: (input) => warmedRing(input, (target) => ringOvenTime(sizeOf(input), target)),
  ringHeatGun: (input) => warmedRing(input),
  bake: ({ sealed }) => ({
    ...NOTHING,
    stands: false,
    temperature: BAKED,
    limit: `${BAKED} °C is past ${sealed ? RING_LIMIT.sealed : RING_LIMIT.open} °C: the ring loses hardness and size; straw colour, scrap, begins at about 205 °C`,
  }),
} satisfies Partial<Record<WayId, (input: WayInput) => Cost>>;

const COST: Readonly<Record<WayId, (input: KnownInput) => Cost>> = {
  ...WARMED,
  ovenAndFreezer: (input) => heated(input, FROZEN, soaked(input)),
  ovenOnly: (input) => heated(input, REFERENCE_TEMPERATURE, soaked(input)),
  heatGun: (input) =>
    heated(input, REFERENCE_TEMPERATURE, (target) =>
      gunTime(input.material, sizeOf(input), target),
    ),
  torch: (input) => {
    const { flame, words } = materialOf(input.material);
    return flame
      ? heated(input, REFERENCE_TEMPERATURE)
      : { ...NOTHING, stands: false, limit: `no flame near ${words}` };
  },
  dryIce: (input) =>
    input.bush
      ? heated(input, DRY_ICE)
      : {
          ...NOTHING,
          stands: false,
          ringTemperature: DRY_ICE,
          limit: `a ring is not cooled below −${-COLDEST_RING} °C unless its maker allows it; dry ice is for bushes`,
        },
  coldPress: pressed,
  innerPress: pressed,
};

type Time = (target: number) => number | null;

function soaked({ body }: WayInput): Time {
  return (target) => (body === undefined ? null : ovenTime(body, target));
}

function sizeOf({ ring, diameter, other, width }: WayInput): BearingSize {
  return ring === 'outer'
    ? { bore: other, outside: diameter, width }
    : { bore: diameter, outside: other, width };
}

/** Hottest the part with the seat may be: by itself, and by what the ring left in it comes to. */
function partLimits(input: KnownInput, ringTemperature: number): readonly HeatLimit[] {
  const { hottest: limit, hottestReason: reason } = materialOf(input.material);
  const own = input.partLimit ?? { limit, reason };
  if (input.bush) return [own];
  const ring = input.ringLimit ?? ringLimitOf(input.sealed);
  const { bore, outside, width } = sizeOf(input);
  const bearing = {
    mass: bearingMass(Math.min(bore, 0.999 * outside), outside, width),
    temperature: ringTemperature,
    limit: ring.limit,
  };
  const hottest = input.body === undefined ? ring.limit : hottestFor(input.body, bearing);
  return [
    own,
    {
      limit: hottest,
      reason: `the bearing left in it would pass ${ring.limit} °C: ${ring.reason}`,
    },
  ];
}

function heated(input: KnownInput, ringTemperature: number, time: Time = () => null): Cost {
  const { diameter, tightest, material } = input;
  const { expansion } = materialOf(material);
  const clearance = dropInClearance(diameter);
  const ring = materialOf('bearingSteel').expansion;
  const needed =
    REFERENCE_TEMPERATURE +
    (tightest + clearance + diameter * ring * (ringTemperature - REFERENCE_TEMPERATURE)) /
      (diameter * expansion);
  const temperature = Math.max(REFERENCE_TEMPERATURE, needed);
  const { limit, reason } = partLimits(input, ringTemperature).toSorted(
    (a, b) => a.limit - b.limit,
  )[0]!;
  const stands = temperature <= limit;
  return {
    stands,
    temperature,
    ringTemperature,
    seconds: stands ? time(temperature) : null,
    force: null,
    stress: null,
    limit: stands
      ? `${Math.round(limit - temperature)} K below its limit of ${Math.round(limit)} °C`
      : `${Math.round(temperature)} °C is past ${Math.round(limit)} °C: ${reason}`,
  };
}

function warmedRing(
  { diameter, tightest, sealed, ringLimit }: WayInput,
  time: Time = () => null,
): Cost {
  const clearance = dropInClearance(diameter);
  const alpha = materialOf('bearingSteel').expansion;
  const at = (gap: number) =>
    REFERENCE_TEMPERATURE + (Math.max(0, tightest) + gap) / (diameter * alpha);
  const { limit, reason } = ringLimit ?? ringLimitOf(sealed);
  const [drops, slides] = [at(clearance), at(0)];
  const temperature = drops <= limit ? drops : slides;
  const stands = slides <= limit;
  const words =
    drops <= limit
      ? `drops on, ${Math.round(limit - drops)} K below its limit of ${limit} °C`
      : stands
        ? `slides on without clearance; to drop on it would need ${Math.round(drops)} °C, ${limit} °C is its limit`
        : `${Math.round(slides)} °C is past ${limit} °C: ${reason}`;
  return {
    stands,
    temperature,
    ringTemperature: temperature,
    seconds: stands ? time(temperature) : null,
    force: null,
    stress: null,
    limit: words,
  };
}

function pressed(input: KnownInput): Cost {
  const { ring, diameter, other, width, tightest, material, pressRating, forceLimit } = input;
  if (tightest <= 0)
    return {
      ...NOTHING,
      stands: true,
      force: 0,
      stress: 0,
      limit: 'nothing to press: it is loose',
    };
  const section = Math.abs(diameter - other);
  const { force, outerStress } =
    ring === 'outer'
      ? pressFit({
          interference: tightest,
          diameter,
          innerBore: diameter - RING_SHARE * section,
          outerOutside: BOSS * diameter,
          length: width,
          innerMaterial: 'bearingSteel',
          outerMaterial: material,
          friction: USUAL_FRICTION,
        })
      : pressFit({
          interference: tightest,
          diameter,
          innerBore: 0,
          outerOutside: diameter + RING_SHARE * section,
          length: width,
          innerMaterial: material,
          outerMaterial: 'bearingSteel',
          friction: USUAL_FRICTION,
        });
  const press = { limit: pressRating, reason: 'what the press can take' };
  const { limit, reason } =
    forceLimit !== undefined && forceLimit.limit < pressRating ? forceLimit : press;
  const stands = force <= limit;
  const kilonewtons = `${(limit / 1000).toFixed(1)} kN, ${reason}`;
  return {
    ...NOTHING,
    stands,
    force,
    stress: outerStress,
    limit: stands ? `within ${kilonewtons}` : `more than ${kilonewtons}`,
  };
}
