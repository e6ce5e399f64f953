import { requireNumber } from '../faults/index.ts';
import { line } from '../working/index.ts';
import { requireBand, type Band } from './band.ts';
import { cosineCorrection } from './cosine.ts';
import { decide } from './decision.ts';
import type { Instrument } from './instrument.ts';
import { requireInstrument, type RunVerdict } from './run.ts';
import { combine, type Component } from './uncertainty.ts';

/** A depth or height that a play is worked out from, mm. */
export interface ChainLength {
  readonly name: string;
  readonly length: number;
  /** Whether it takes from the play, as a stack on the shaft does; else it adds to it, as the depth of a case does. */
  readonly takes: boolean;
}

/** Everything in line: no indicator stands at an angle. */
const SQUARE = { contact: 'faceSquareToTravel', angle: 0 } as const;

/**
 * The play that a chain of lengths leaves, judged as a run is: `play = Σ(what adds) − Σ(what takes)`. Each length is read once,
 * so that its resolution counts once, and the calibration of the instrument at each length for itself.
 * Source: the chain is geometry; JCGM 100:2008, 5.1.2 for the sum.
 *
 * @param lengths at least two, mm
 * @throws InputError naming the field of the instrument, band or length that cannot be used
 */
export function judgeLengths(
  instrument: Instrument,
  lengths: readonly ChainLength[],
  band: Band,
): Extract<RunVerdict, { readonly status: 'judged' }> {
  const { graduation, calibrationUncertainty } = requireInstrument(instrument);
  requireBand(band);
  requireNumber('lengths', lengths.length, { min: 2 });
  lengths.forEach(({ length }, at) =>
    requireNumber(`lengths[${at}].length`, length, { min: 0, max: 2000, unit: 'mm' }),
  );
  const mean = lengths.reduce((sum, { length, takes }) => sum + (takes ? -length : length), 0);
  const uncertainty = combine([
    ofEach('resolution', graduation / Math.sqrt(12), lengths.length),
    ofEach('calibration', calibrationUncertainty, lengths.length),
  ]);
  const decision = decide(mean, mean, band, uncertainty.expanded);
  return {
    status: 'judged',
    cycles: [],
    driftLimit: 0,
    cosine: cosineCorrection(SQUARE),
    value: { mean, low: mean, high: mean, uncertainty, positions: null, seating: 0 },
    decision,
    remedies: [],
    working: [
      line(
        'Play from the lengths',
        'play = Σ(adds) − Σ(takes)',
        lengths.map(({ name, length, takes }) => [
          `${takes ? '−' : '+'} ${name}`,
          length,
          'length',
        ]),
        ['play', mean, 'length'],
        'jcgm100',
      ),
      ...uncertainty.components.map(({ working }) => working),
    ],
  };
}

const EACH = {
  resolution: ['Resolution, once at each length', 'u₁ = √n · a/√12', 'u₁'],
  calibration: ['Calibration, at each length', 'u₂ = √n · u from the card', 'u₂'],
} as const;

/** What each of so many lengths adds for itself: in quadrature. */
function ofEach(name: keyof typeof EACH, each: number, count: number): Component {
  const standard = Math.sqrt(count) * each;
  const [words, formula, symbol] = EACH[name];
  return {
    name,
    standard,
    degreesOfFreedom: Infinity,
    working: line(
      words,
      formula,
      [
        ['n', count, 'number'],
        ['each', each, 'length'],
      ],
      [symbol, standard, 'length'],
      'jcgm100',
    ),
  };
}
