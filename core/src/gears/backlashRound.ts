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

/** A backlash at one place of the ring gear. Degrees, mm. */
export interface BacklashPlace {
  readonly angle: number;
  readonly value: number;
  /** What an indicator on the back of the gear showed there; null where it was not read. */
  readonly face: number | null;
}

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
  /** Whether the range is within what is allowed, by the guard; null where there are too few places. */
  readonly rangeWord: Decision['word'] | null;
  /** Once round the gear; null where there are too few places. */
  readonly wave: Wave | null;
  readonly working: readonly WorkingLine[];
}

/** The first harmonic of the readings round the gear. */
export interface Wave {
  /** Half of what it swings. */
  readonly amplitude: number;
  /** Where it is largest. */
  readonly angle: number;
  /** What is left: teeth, burrs, readings. Root mean square. */
  readonly rest: number;
  /** Whether it stands out of the readings' own uncertainty. */
  readonly seen: boolean;
  /**
   * Where it comes from: the gear stands askew on its seat (its back swings with it), is not round to its axis (its back
   * runs true), both, or not told: its back was not read.
   */
  readonly cause: 'tilt' | 'runout' | 'both' | 'notTold' | null;
  /** Swing of the back of the gear that the backlash asks for if it is tilt alone, peak to valley. */
  readonly asFaceRunout: number;
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
    decision: decide(smallest, smallest, band, expanded),
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

interface Harmonic {
  readonly cos: number;
  readonly sin: number;
  /** Standard deviation about it, with n − 3 degrees of freedom. */
  readonly residual: number;
}

/** `m + a·cos θ + c·sin θ` by least squares: normal equations of three, by Cramer. */
function harmonicOf(
  places: readonly BacklashPlace[],
  read: (place: BacklashPlace) => number,
): Harmonic {
  const rows = places.map((place) => {
    const angle = (place.angle * Math.PI) / 180;
    return { of: [1, Math.cos(angle), Math.sin(angle)] as const, value: read(place) };
  });
  const sums = [0, 1, 2].map((i) =>
    [0, 1, 2].map((j) => rows.reduce((sum, { of }) => sum + of[i]! * of[j]!, 0)),
  );
  const right = [0, 1, 2].map((i) => rows.reduce((sum, { of, value }) => sum + of[i]! * value, 0));
  const whole = determinant(sums);
  const [m, cos, sin] = [0, 1, 2].map(
    (column) =>
      determinant(sums.map((row, i) => row.map((cell, j) => (j === column ? right[i]! : cell)))) /
      whole,
  ) as [number, number, number];
  const squares = rows.reduce(
    (sum, { of, value }) => sum + (value - m - cos * of[1] - sin * of[2]) ** 2,
    0,
  );
  return { cos, sin, residual: Math.sqrt(squares / Math.max(1, rows.length - 3)) };
}

function determinant([a, b, c]: readonly (readonly number[])[]): number {
  return (
    a![0]! * (b![1]! * c![2]! - b![2]! * c![1]!) -
    a![1]! * (b![0]! * c![2]! - b![2]! * c![0]!) +
    a![2]! * (b![0]! * c![1]! - b![1]! * c![0]!)
  );
}

function waveOf(
  places: readonly BacklashPlace[],
  fit: Harmonic,
  { factor, resolution }: { readonly factor: number; readonly resolution: number },
): Wave {
  const amplitude = Math.hypot(fit.cos, fit.sin);
  const least = 2 * resolution;
  const seen = amplitude > least && amplitude > fit.residual;
  const angle = ((Math.atan2(fit.sin, fit.cos) * 180) / Math.PI + 360) % 360;
  const faces = places.every(({ face }) => face !== null);
  return {
    amplitude,
    angle,
    rest: fit.residual,
    seen,
    asFaceRunout: (2 * amplitude) / factor,
    cause: !seen ? null : faces ? causeOf(places, fit, { factor, least }) : 'notTold',
  };
}

/** The back of the gear swings away from the pinion where its reading is highest: what it explains is taken off. */
function causeOf(
  places: readonly BacklashPlace[],
  fit: Harmonic,
  { factor, least }: { readonly factor: number; readonly least: number },
): Wave['cause'] {
  const back = harmonicOf(places, ({ face }) => face!);
  const tilt = factor * Math.hypot(back.cos, back.sin) > least;
  const left = Math.hypot(fit.cos - factor * back.cos, fit.sin - factor * back.sin);
  // A third of the wave is what a factor that is not known to better than that leaves of it.
  const runout = left > Math.max(least, Math.hypot(fit.cos, fit.sin) / 3);
  return tilt ? (runout ? 'both' : 'tilt') : 'runout';
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
