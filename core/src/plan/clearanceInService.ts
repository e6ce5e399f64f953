import {
  decodeDesignation,
  internalClearance,
  type ClearanceClass,
  type ClearanceType,
} from '../bearings/index.ts';
import { fitAtTemperature } from '../fits/index.ts';
import { USUAL_WORK } from '../heat/index.ts';
import type { JobState } from '../job/index.ts';
import type { MaterialChoice } from '../materials/index.ts';
import { BOSS, clearanceLeft, pressFit, RING_SHARE, USUAL_FRICTION } from '../pressFit/index.ts';
import { oncePerObject, oncePerPair } from '../memo/index.ts';
import { isDrawn, isTight, type Station, type StationKind, type Unit } from '../unit/index.ts';
import { line, type WorkingLine } from '../working/index.ts';
import { partWithSeat } from './ringWays.ts';
import { seatInterference } from './seats.ts';

/** The inner ring runs warmer than the outer by this, K. Common practice, no source. */
const INNER_WARMER = 5;

const TYPES: Readonly<Partial<Record<StationKind, ClearanceType>>> = {
  ballBearing: 'deepGrooveBall',
  cylindricalRoller: 'cylindricalRoller',
};

/** Radial internal clearance of a bearing before fitting and as it runs. mm. */
export interface ClearanceInService {
  readonly clearanceClass: ClearanceClass;
  readonly initial: { readonly least: number; readonly most: number };
  readonly left: { readonly least: number; readonly most: number };
  readonly working: readonly WorkingLine[];
}

/**
 * Internal clearance that a bearing keeps on its seats at running temperature, from the tightest fits with the least
 * clearance to the loosest with the most. Null where no table has it, or where a tight ring's fit or the material of
 * its seat is not known yet.
 */
export const clearanceInService = oncePerPair(
  (state: JobState, station: Station): ClearanceInService | null => {
    const type = TYPES[station.kind];
    if (type === undefined || isDrawn(station, 'inside', 'outside', 'width')) return null;
    const clearanceClass = classOf(station);
    const initial = internalClearance(type, station.inside, clearanceClass);
    const fits = (['inner', 'outer'] as const).map((ring) =>
      isTight(station, ring) ? seatInterference(state, station, ring) : { least: 0, most: 0 },
    );
    const [inner, outer] = fits;
    const seats = seatMaterials(state.unit!, station);
    if (initial === null || inner == null || outer == null || seats === null) return null;
    const worst = leftWith(state, station, {
      ...seats,
      initial: initial.least,
      inner: inner.most,
      outer: outer.most,
    });
    const best = leftWith(state, station, {
      ...seats,
      initial: initial.most,
      inner: inner.least,
      outer: outer.least,
    });
    return {
      clearanceClass,
      initial,
      left: { least: worst.left, most: best.left },
      working: worst.working,
    };
  },
);

const classOf = oncePerObject(({ designation }: Station): ClearanceClass => {
  if (designation === undefined) return 'CN';
  const read = decodeDesignation(designation.slice(0, 40));
  return read.status === 'known' ? read.clearanceClass : 'CN';
});

interface SeatMaterials {
  readonly housing: MaterialChoice;
  readonly shaft: MaterialChoice;
}

/** What the seats are made of; null where a tight ring's seat is of a material that is not known. A free ring asks for none. */
function seatMaterials(unit: Unit, station: Station): SeatMaterials | null {
  const of = (ring: 'outer' | 'inner') =>
    isTight(station, ring) ? (partWithSeat(unit, station, ring)?.material ?? null) : 'bearingSteel';
  const [housing, shaft] = [of('outer'), of('inner')];
  return housing === null || shaft === null ? null : { housing, shaft };
}

/** Pressure of both seats at running temperature, MPa. */
function seatPressures(
  { inside: bore, outside, width }: Station,
  fit: SeatMaterials & { readonly inner: number; readonly outer: number },
  running: number,
): { readonly innerPressure: number; readonly outerPressure: number } {
  const { housing, shaft } = fit;
  const warm = (ring: MaterialChoice, temperature: number) => ({ material: ring, temperature });
  const innerHot = fitAtTemperature(fit.inner, bore, {
    inner: warm(shaft, running),
    outer: warm('bearingSteel', running),
  });
  const outerHot = fitAtTemperature(fit.outer, outside, {
    inner: warm('bearingSteel', running),
    outer: warm(housing, running),
  });
  const shared = { length: width, friction: USUAL_FRICTION };
  const innerPressure = pressFit({
    ...shared,
    interference: Math.max(0, innerHot),
    diameter: bore,
    innerBore: 0,
    outerOutside: bore + RING_SHARE * (outside - bore),
    innerMaterial: shaft,
    outerMaterial: 'bearingSteel',
  }).pressure;
  const outerPressure = pressFit({
    ...shared,
    interference: Math.max(0, outerHot),
    diameter: outside,
    innerBore: outside - RING_SHARE * (outside - bore),
    outerOutside: BOSS * outside,
    innerMaterial: 'bearingSteel',
    outerMaterial: housing,
  }).pressure;
  return { innerPressure, outerPressure };
}

function leftWith(
  state: JobState,
  station: Station,
  fit: SeatMaterials & { readonly initial: number; readonly inner: number; readonly outer: number },
) {
  const { inside: bore, outside } = station;
  const running = state.heating.heat[station.partId]?.running ?? USUAL_WORK.running;
  const [innerRaceway, outerRaceway] = [
    bore + RING_SHARE * (outside - bore),
    outside - RING_SHARE * (outside - bore),
  ];
  const { innerPressure, outerPressure } = seatPressures(station, fit, running);
  const { innerGrowth, outerShrinkage, left } = clearanceLeft({
    initial: fit.initial,
    bore,
    innerRaceway,
    innerPressure,
    outside,
    outerRaceway,
    outerPressure,
    innerRise: running - 20 + INNER_WARMER,
    outerRise: running - 20,
  });
  const working = workingOf(station, fit.initial, {
    innerPressure,
    innerRaceway,
    innerGrowth,
    outerPressure,
    outerRaceway,
    outerShrinkage,
    left,
  });
  return { left, working };
}

/** How much of the clearance each ring takes. */
function workingOf(
  { inside: bore, outside }: Station,
  initial: number,
  of: Readonly<
    Record<
      | 'innerPressure'
      | 'innerRaceway'
      | 'innerGrowth'
      | 'outerPressure'
      | 'outerRaceway'
      | 'outerShrinkage'
      | 'left',
      number
    >
  >,
): readonly WorkingLine[] {
  return [
    line(
      'Inner raceway grows',
      'Δi = 2p·d²·di/(E·(di² − d²))',
      [
        ['p', of.innerPressure, 'pressure'],
        ['d', bore, 'length'],
        ['di', of.innerRaceway, 'length'],
      ],
      ['Δi', of.innerGrowth, 'length'],
      'lame',
    ),
    line(
      'Outer raceway shrinks',
      'Δo = 2p·D²·De/(E·(D² − De²))',
      [
        ['p', of.outerPressure, 'pressure'],
        ['D', outside, 'length'],
        ['De', of.outerRaceway, 'length'],
      ],
      ['Δo', of.outerShrinkage, 'length'],
      'lame',
    ),
    line(
      'Min clearance left',
      'G = G₀ − Δi − Δo − α·ΔT·De',
      [
        ['G₀', initial, 'length'],
        ['ΔT', INNER_WARMER, 'temperatureDifference'],
      ],
      ['G', of.left, 'length'],
      'lame',
    ),
  ];
}
