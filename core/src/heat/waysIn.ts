import { dropInClearance, REFERENCE_TEMPERATURE } from '../fits/index.ts';
import { requireNumber } from '../faults/index.ts';
import { materialOf, type MaterialId } from '../materials/index.ts';
import { pressFit, USUAL_FRICTION } from '../pressFit/index.ts';
import { RING_LIMIT } from './ringLimit.ts';

/** A ring and its seat. Lengths in mm. */
export interface WayInput {
  readonly ring: 'outer' | 'inner';
  /** Seat diameter: outside of an outer ring, bore of an inner one. */
  readonly diameter: number;
  /** The bearing's other diameter. */
  readonly other: number;
  readonly width: number;
  /** Largest interference. */
  readonly tightest: number;
  /** Of the part with the seat. */
  readonly material: MaterialId;
  readonly sealed: boolean;
  /** A bush stands colder than a rolling bearing ring. */
  readonly bush?: boolean;
  /** What the press stands, N. */
  readonly pressRating: number;
}

/** One way to get a ring on its seat, as the trade does it, and what it costs at this very seat. */
export interface WayIn {
  readonly id: WayId;
  readonly words: string;
  readonly stands: boolean;
  /** Temperature of what is heated, °C; null when nothing is. */
  readonly temperature: number | null;
  readonly ringTemperature: number | null;
  /** N; null when nothing is pressed. */
  readonly force: number | null;
  /** Hoop stress in the part with the seat, MPa. */
  readonly stress: number | null;
  /** What limits it here, or why it is refused. */
  readonly limit: string;
  readonly risks: string;
}

/** Schools of the trade. */
export const WAYS = {
  ovenAndFreezer: {
    ring: 'outer',
    words: 'Case in the oven, ring from the freezer',
    risks: 'Frost is water: wipe it off. The ring warms in minutes.',
  },
  ovenOnly: {
    ring: 'outer',
    words: 'Case in the oven, ring as it is',
    risks: 'Even, slow; the finish must stand it.',
  },
  heatGun: {
    ring: 'outer',
    words: 'Heat gun on the boss',
    risks: 'Uneven: the bore goes out of round while it is hot. Measure opposite the gun.',
  },
  torch: {
    ring: 'outer',
    words: 'Torch on the boss',
    risks: 'Fast and uneven; burns paint and seals. Never on magnesium, near fuel, or on a ring.',
  },
  dryIce: {
    ring: 'outer',
    words: 'Ring in dry ice',
    risks: 'Frostbite, and gas that displaces air: never in a closed room.',
  },
  coldPress: {
    ring: 'outer',
    words: 'Press, cold',
    risks: 'Shaves the bore if it starts crooked. On the outer ring only.',
  },
  induction: {
    ring: 'inner',
    words: 'Ring on an induction heater',
    risks: 'Seconds too long is too hot: thermometer on the ring; demagnetise.',
  },
  oven: {
    ring: 'inner',
    words: 'Ring in oven or clean bath',
    risks: 'Oil smokes; hold it home until it grips.',
  },
  ringHeatGun: {
    ring: 'inner',
    words: 'Heat gun on the inner ring',
    risks: 'Easily too hot on one side.',
  },
  innerPress: {
    ring: 'inner',
    words: 'Press on the inner ring',
    risks: 'Ring supported on its full face; never through the rollers.',
  },
  bake: { ring: 'inner', words: 'Ring baked near 230 °C', risks: 'A habit of the trade.' },
} as const satisfies Record<string, { ring: 'outer' | 'inner'; words: string; risks: string }>;
export type WayId = keyof typeof WAYS;

/** A press of the usual size for a bench, N. A rule of this program. */
export const BENCH_PRESS = 100_000;

/** Coldest a rolling bearing ring may be without its maker's word, and dry ice, °C. Common practice, no source. */
const COLDEST_RING = -50;
const DRY_ICE = -78;
/** Where the habit bakes rings, °C. */
const BAKED = 230;
/** Thickness of a ring as a share of the bearing's section, and of a boss as a share of its bore. Rules of this program. */
const RING_SHARE = 0.27;
const BOSS = 1.6;

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
  return (Object.keys(WAYS) as WayId[])
    .filter((id) => WAYS[id].ring === input.ring)
    .map((id) => ({ id, words: WAYS[id].words, risks: WAYS[id].risks, ...COST[id](input) }));
} // prettier-ignore

type Cost = Omit<WayIn, 'id' | 'words' | 'risks'>;
const NOTHING = { temperature: null, ringTemperature: null, force: null, stress: null };

const COST: Readonly<Record<WayId, (input: WayInput) => Cost>> = {
  ovenAndFreezer: (input) => heated(input, -18),
  ovenOnly: (input) => heated(input, REFERENCE_TEMPERATURE),
  heatGun: (input) => heated(input, REFERENCE_TEMPERATURE),
  torch: (input) => {
    const { flame, words } = materialOf(input.material);
    return flame ? heated(input, REFERENCE_TEMPERATURE) : { ...NOTHING, stands: false, limit: `no flame near ${words}` };
  },
  dryIce: (input) =>
    input.bush ? heated(input, DRY_ICE) : { ...NOTHING, stands: false, ringTemperature: DRY_ICE, limit: `a ring is not cooled below −${-COLDEST_RING} °C unless its maker allows it; dry ice is for bushes` },
  coldPress: pressed,
  induction: warmedRing,
  oven: warmedRing,
  ringHeatGun: warmedRing,
  innerPress: pressed,
  bake: ({ sealed }) => ({
    ...NOTHING,
    stands: false,
    temperature: BAKED,
    limit: `${BAKED} °C is past ${sealed ? RING_LIMIT.sealed : RING_LIMIT.open} °C: the ring loses hardness and size; straw colour, scrap, begins at about 205 °C`,
  }),
}; // prettier-ignore

function heated({ diameter, tightest, material }: WayInput, ringTemperature: number): Cost {
  const { expansion, hottest, hottestReason } = materialOf(material);
  const clearance = dropInClearance(diameter);
  const ring = materialOf('bearingSteel').expansion;
  const needed = REFERENCE_TEMPERATURE + (tightest + clearance + diameter * ring * (ringTemperature - REFERENCE_TEMPERATURE)) / (diameter * expansion);
  const temperature = Math.max(REFERENCE_TEMPERATURE, needed);
  const stands = temperature <= hottest;
  return {
    stands, temperature, ringTemperature, force: null, stress: null,
    limit: stands ? `${Math.round(hottest - temperature)} K below its limit of ${hottest} °C` : `${Math.round(temperature)} °C is past ${hottest} °C: ${hottestReason}`,
  };
} // prettier-ignore

function warmedRing({ diameter, tightest, sealed }: WayInput): Cost {
  const clearance = dropInClearance(diameter);
  const alpha = materialOf('bearingSteel').expansion;
  const at = (gap: number) => REFERENCE_TEMPERATURE + (Math.max(0, tightest) + gap) / (diameter * alpha);
  const limit = sealed ? RING_LIMIT.sealed : RING_LIMIT.open;
  const [drops, slides] = [at(clearance), at(0)];
  const temperature = drops <= limit ? drops : slides;
  const stands = slides <= limit;
  const words = drops <= limit ? `drops on, ${Math.round(limit - drops)} K below its limit of ${limit} °C`
    : stands ? `slides on without clearance; to drop on it would need ${Math.round(drops)} °C, ${limit} °C is its limit`
    : `${Math.round(slides)} °C is past ${limit} °C`;
  return { stands, temperature, ringTemperature: temperature, force: null, stress: null, limit: words };
} // prettier-ignore

function pressed({ ring, diameter, other, width, tightest, material, pressRating }: WayInput): Cost {
  if (tightest <= 0) return { ...NOTHING, stands: true, force: 0, stress: 0, limit: 'nothing to press: it is loose' };
  const section = Math.abs(diameter - other);
  const { force, outerStress } =
    ring === 'outer'
      ? pressFit({ interference: tightest, diameter, innerBore: diameter - RING_SHARE * section, outerOutside: BOSS * diameter, length: width, innerMaterial: 'bearingSteel', outerMaterial: material, friction: USUAL_FRICTION })
      : pressFit({ interference: tightest, diameter, innerBore: 0, outerOutside: diameter + RING_SHARE * section, length: width, innerMaterial: material, outerMaterial: 'bearingSteel', friction: USUAL_FRICTION });
  const stands = force <= pressRating;
  return { ...NOTHING, stands, force, stress: outerStress, limit: stands ? 'within what the press stands' : `more than the press stands` };
} // prettier-ignore
