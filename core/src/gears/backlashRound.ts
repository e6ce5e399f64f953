import {
  decide,
  resolution as resolutionOf,
  studentFactor,
  welchSatterthwaite,
  type Band,
  type Decision,
  type Instrument,
} from '../measure/index.ts';
import { requireNumber, refuse } from '../faults/index.ts';
import { line, type WorkingLine } from '../working/index.ts';
import {
  harmonicOf,
  waveOf,
  type BacklashPlace,
  type Harmonic,
  type Wave,
} from './backlashWave.ts';

/** Places that are wanted at least. Common practice, no source. */
export const PLACES_NEEDED = 4;
/** Range round the gear that is usual where the manual is silent, mm. Common practice, no source. */
export const USUAL_RANGE = 0.05;

/** What a round of readings says. mm, degrees. */
export interface BacklashVerdict {
  /** `fewPlaces`: fewer than four that lie apart, or all on one side; the smallest may still be out already. */
  readonly status: 'judged' | 'fewPlaces';
  readonly places: number;
  readonly smallest: number;
  readonly largest: number;
  readonly mean: number;
  readonly range: number;
  /** Standard uncertainty of one reading, with its degrees of freedom, and one-sided 95 %. */
  readonly standard: number;
  readonly degreesOfFreedom: number;
  readonly expanded: number;
  /** Of the smallest. */
  readonly decision: Decision;
  /** The most the range may be, mm. */
  readonly allowedRange: number;
  /** Whether the range is within what is allowed, by the guard; null where there are too few places. */
  readonly rangeWord: Decision['word'] | null;
  /** Once round the gear; null where there are too few places. */
  readonly wave: Wave | null;
  readonly working: readonly WorkingLine[];
}

/**
 * Judge a backlash read round the gear: the smallest governs, the range is judged, and what swings once round is told
 * apart from the rest by its first harmonic `b(θ) = m + a·cos θ + c·sin θ`, least squares.
 *
 * @param factor ∂(backlash)/∂(axial move of the ring gear): a back that swings by w shows as `factor·w`
 * @param allowedRange largest less smallest, mm
 * @throws InputError naming `places`, `places[i].value` or `.angle`; `contradiction` where an angle stands twice
 */
export function judgeBacklash(
  places: readonly BacklashPlace[],
  {
    band,
    instrument,
    factor,
    allowedRange = USUAL_RANGE,
  }: {
    readonly band: Band;
    readonly instrument: Instrument;
    readonly factor: number;
    readonly allowedRange?: number;
  },
): BacklashVerdict {
  requirePlaces(places);
  const values = places.map(({ value }) => value);
  const [smallest, largest] = [Math.min(...values), Math.max(...values)];
  const mean = values.reduce((sum, value) => sum + value, 0) / values.length;
  const { graduation, calibrationUncertainty } = instrument;
  const { standard: resolution } = resolutionOf(graduation);
  const enough = places.length >= PLACES_NEEDED && widestGap(places) <= WIDEST_GAP;
  const fit = enough ? harmonicOf(places, ({ value }) => value) : null;
  const { scatter, freedom } = scatterOf(places.length, fit);
  const known = Math.hypot(resolution, calibrationUncertainty);
  const standard = Math.hypot(known, scatter);
  const degreesOfFreedom = welchSatterthwaite([
    { standard: known, degreesOfFreedom: Infinity },
    { standard: scatter, degreesOfFreedom: freedom },
  ]);
  const expanded = studentFactor(degreesOfFreedom) * standard;
  const range = largest - smallest;
  const both = Math.SQRT2 * studentFactor(degreesOfFreedom) * Math.hypot(resolution, scatter);
  return {
    status: enough ? 'judged' : 'fewPlaces',
    places: places.length,
    smallest,
    largest,
    mean,
    range,
    standard,
    degreesOfFreedom,
    expanded,
    decision: decide(smallest, largest, band, expanded),
    allowedRange,
    rangeWord: enough
      ? decide(range, range, { lower: null, upper: allowedRange, target: null }, both).word
      : null,
    wave: fit === null ? null : waveOf(places, fit, { factor, resolution }),
    working: workingOf(values, { smallest, range, standard }),
  };
}

/** Places lie no further apart than this, degrees: half a turn that was not looked at hides the tight place. */
const WIDEST_GAP = 135;
/** Places nearer than this are one, degrees. */
const APART = 5;

/**
 * Check the places of a round.
 * @throws InputError naming `places`, `places[i].value`, `.angle` or `.face`; `contradiction` where an angle stands twice
 */
export function requirePlaces(places: readonly BacklashPlace[]): void {
  if (places.length === 0) refuse('missing', 'places', null, { id: 'list', least: 1, most: 36 });
  places.forEach(({ angle, value, face }, at) => {
    requireNumber(`places[${at}].angle`, angle, { min: 0, max: 360, unit: '°' });
    requireNumber(`places[${at}].value`, value, { min: 0, max: 10, unit: 'mm' });
    if (face !== null) requireNumber(`places[${at}].face`, face, { min: -10, max: 10, unit: 'mm' });
    if (places.slice(0, at).some((other) => apart(other.angle, angle) < APART))
      refuse('contradiction', `places[${at}].angle`, angle, { id: 'placeOfItsOwn', apart: APART });
  });
}

const apart = (one: number, other: number): number => {
  const between = Math.abs(one - other) % 360;
  return Math.min(between, 360 - between);
};

/** The widest part of the turn that no place lies in, degrees. */
function widestGap(places: readonly BacklashPlace[]): number {
  const angles = places.map(({ angle }) => angle % 360).toSorted((a, b) => a - b);
  return Math.max(
    ...angles.map((angle, at) => (angles[(at + 1) % angles.length]! - angle + 360) % 360 || 360),
  );
}

/** How a gear comes to rest from reading to reading, mm, and how many readings that is worth. A rule of this program. */
const USUAL_SCATTER = { value: 0.003, worth: 4 };

/** What a reading scatters by: what the first harmonic leaves, pooled with what is usual. */
function scatterOf(
  places: number,
  fit: Harmonic | null,
): { readonly scatter: number; readonly freedom: number } {
  const { value, worth } = USUAL_SCATTER;
  const own = fit === null ? 0 : places - 3;
  const squares = worth * value ** 2 + own * (fit?.residual ?? 0) ** 2;
  return { scatter: Math.sqrt(squares / (worth + own)), freedom: worth + own };
}

function workingOf(
  values: readonly number[],
  { smallest, range, standard }: Readonly<Record<'smallest' | 'range' | 'standard', number>>,
): readonly WorkingLine[] {
  return [
    line(
      'The smallest governs',
      'b = min(b₁ … bₙ)',
      values.map((value, at) => [`b${subscript(at + 1)}`, value, 'length'] as const),
      ['b', smallest, 'length'],
      'backlashPlaces',
    ),
    line(
      'Range round the gear',
      'largest − smallest',
      [
        ['largest', smallest + range, 'length'],
        ['smallest', smallest, 'length'],
      ],
      ['range', range, 'length'],
      'backlashPlaces',
    ),
    line(
      'Uncertainty of a reading',
      'u from resolution, calibration and what the first harmonic leaves',
      [],
      ['u', standard, 'length'],
      'jcgm100',
    ),
  ];
}

const subscript = (number: number): string =>
  [...String(number)].map((digit) => '₀₁₂₃₄₅₆₇₈₉'[Number(digit)]).join('');
