import { REFERENCE_TEMPERATURE } from '../fits/index.ts';
import { requireNumber } from '../faults/index.ts';
import { BENCH_PRESS } from './benchPress.ts';
import { ringFreezeTime, freezeTime, gunTime, ovenTime, ringOvenTime } from './wayTimes.ts';
import { cooledRing, flameRefused, heatedPart, sizeOf, type KnownInput } from './heatedPart.ts';
import { FREEZER, USUAL_WORK } from './heatSettings.ts';
import { drawnShaft, frozenRing, pressedRing } from './pressedRing.ts';
import { bakedRing, cooledShaft, ringInHotPart, warmedRing } from './warmedRing.ts';
import { NO_COST, type WayCost, type WayIn, type WayInput } from './wayIn.ts';
import { WAYS, type WayId, type WayRow } from './ways.ts';

/** Coldest a rolling bearing ring may be without its maker's word, and dry ice, °C. Common practice, no source. */
const COLDEST_RING = -50;

const DRY_ICE = -78;

/**
 * Every way of the trade for this seat, side by side. A way that would pass a limit does not stand and says which;
 * the first that stands is the one to take. What cannot be done where the ring is, is not among them.
 *
 * @throws InputError naming the field
 */
export function waysIn(input: WayInput): readonly WayIn[] {
  requireNumber('diameter', input.diameter, { above: 0, max: 1000, unit: 'mm' });
  requireNumber('other', input.other, { above: 0, max: 1000, unit: 'mm' });
  requireNumber('width', input.width, { above: 0, max: 500, unit: 'mm' });
  requireNumber('pressRating', input.pressRating ?? BENCH_PRESS, { above: 0, max: 1e8, unit: 'N' });
  const rows: Readonly<Record<WayId, WayRow>> = WAYS;
  const place = input.place ?? 'bench';
  return (Object.keys(WAYS) as WayId[])
    .filter((id) => rows[id].ring === input.ring && (rows[id].place ?? place) === place)
    .map((id) => {
      const { words, risks, lastResort = false, timeWords = 'about' } = rows[id];
      return { id, words, risks, lastResort, timeWords, ...costOf(id, input) };
    });
}

/** Whether the ring goes on or in with its clearance, rather than sliding without it. */
export const dropsIn = ({ temperature, drops }: Pick<WayIn, 'temperature' | 'drops'>): boolean =>
  drops === null || (temperature !== null && temperature >= drops - 1e-9);

/** The way to take where none was chosen: the first with which it drops in, else the first that can be had; never a last resort. */
export function wayToTake(ways: readonly WayIn[]): WayIn | undefined {
  const had = ways.filter(({ stands, lastResort }) => stands && !lastResort);
  return had.find(dropsIn) ?? had[0];
}

function costOf(id: WayId, input: WayInput): WayCost {
  const { material } = input;
  if (material !== null) return COST[id]({ ...input, material });
  return id in WARMED
    ? WARMED[id as keyof typeof WARMED](input)
    : {
        ...NO_COST,
        stands: false,
        limit: 'not worked out: what the part with the seat is made of is not known',
      };
}

/** Ways that warm the ring itself: the material of its seat does not enter. */
const WARMED = {
  induction: (input) => warmedRing(input),
  oven: (input) => warmedRing(input, { time: (target) => ringOvenTime(sizeOf(input), target) }),
  ringHeatGun: (input) => warmedRing(input),
  partOven: (input) =>
    ringInHotPart(input, (target) =>
      input.heldBy?.body == null ? null : ovenTime(input.heldBy.body, target),
    ),
  bake: bakedRing,
} satisfies Partial<Record<WayId, (input: WayInput) => WayCost>>;

const COST: Readonly<Record<WayId, (input: KnownInput) => WayCost>> = {
  ...WARMED,
  ovenOnly: (input) =>
    heatedPart(input, { rings: REFERENCE_TEMPERATURE, local: false, time: soaked(input) }),
  ovenAndFreezer: (input) =>
    heatedPart(input, { rings: FREEZER, local: false, time: soaked(input) }),
  heatGun: (input) =>
    heatedPart(input, {
      rings: REFERENCE_TEMPERATURE,
      local: true,
      time: (target) => gunTime(input.material, sizeOf(input), target, input.body),
    }),
  torch: (input) =>
    flameRefused(input) ?? heatedPart(input, { rings: REFERENCE_TEMPERATURE, local: true }),
  freezerOnly: (input) =>
    cooledRing(input, FREEZER, ringFreezeTime(sizeOf(input), FREEZER, ambientOf(input))),
  dryIce: (input) =>
    input.bush !== undefined
      ? cooledRing(input, DRY_ICE, null)
      : {
          ...NO_COST,
          stands: false,
          ringTemperature: DRY_ICE,
          limit: `a ring is not cooled below −${-COLDEST_RING} °C unless its maker allows it; dry ice is for bushes`,
        },
  frozenPress: frozenRing,
  coldPress: (input) => pressedRing(input),
  warmAndCold: (input) =>
    warmedRing(input, {
      shaft: FREEZER,
      time: () => shaftTime(input),
    }),
  coolShaft: (input) => ({ ...cooledShaft(input, FREEZER), seconds: shaftTime(input) }),
  drawTool: drawnShaft,
  innerPress: (input) => pressedRing(input),
};

const ambientOf = ({ work }: WayInput): number => work?.ambient ?? USUAL_WORK.ambient;

/** Of the shaft in the freezer, s; null where it is not known how heavy it is. */
const shaftTime = (input: WayInput): number | null =>
  input.body === undefined ? null : freezeTime(input.body, FREEZER, ambientOf(input));

function soaked({ body }: WayInput) {
  return (target: number) =>
    body === undefined ? null : { shortest: ovenTime(body, target), longest: null };
}
