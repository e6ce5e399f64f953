import { refuse, requireNumber } from '../faults/index.ts';
import { line, type WorkingLine } from '../working/index.ts';
import {
  DEPTH_LENGTH_TABLE,
  DEPTH_LENGTHS,
  DEPTH_METHOD_TABLE,
  ETCHING_SIGNS,
  type DepthLength,
  type DepthMethod,
  type EtchingSign,
} from './depthMethods.ts';

/** What a depth is worked out from. */
export interface DepthQuestion {
  readonly method: DepthMethod;
  /** mm; null where it was not read. */
  readonly lengths: Readonly<Partial<Record<DepthLength, number | null>>>;
  /** Null where it is not known which the maker uses: both are worked out. */
  readonly sign: EtchingSign | null;
  /** Where a thicker shim moves the pinion. */
  readonly thicker: 'towards' | 'away';
  /** Standard uncertainty of a length read at the bench, mm. */
  readonly uncertainty: number;
}

/** A shim for a depth. mm. */
export interface DepthShim {
  readonly thickness: number;
  readonly uncertainty: number;
  readonly working: readonly WorkingLine[];
}

/** The shim that is wanted; by both meanings of the plus where the maker's is not known and it makes a difference. */
export type DepthAnswer =
  | { readonly status: 'known'; readonly shim: DepthShim }
  | {
      readonly status: 'askSign';
      readonly bySign: Readonly<Record<EtchingSign, DepthShim>>;
      /** By how much they differ, mm. */
      readonly apart: number;
    };

/**
 * The shim that puts a pinion at its depth. A pinion whose mounting distance is larger by its etching stands further from the
 * ring gear's axis, by a thinner shim where a thicker one moves it towards it:
 * gauge `t = (seat to axis) − A − e − h`; head `t = t₀ + x − (A + e)`; old shim `t = t₀ − (e − e₀) + (h₀ − h)`; witness
 * `t = t₀ + (x − x₀)`. Where a thicker shim moves it away every change is the other way.
 *
 * @throws InputError naming the length that is missing, out of its bounds or without its other half; `contradiction` where
 *   the shim would be thinner than nothing or thicker than 20 mm
 * @example depthShim({ method: 'oldShim', lengths: { oldShim: 1.2, oldEtching: 0.05, etching: -0.03 }, sign: 'plusLarger',
 *   thicker: 'towards', uncertainty: 0.003 })
 */
export function depthShim(question: DepthQuestion): DepthAnswer {
  const { sign } = requireDepth(question);
  const etched = ['etching', 'oldEtching'] as const;
  if (sign !== null) return { status: 'known', shim: shimBy(question, sign) };
  if (etched.every((name) => (question.lengths[name] ?? 0) === 0))
    return { status: 'known', shim: shimBy(question, 'plusLarger') };
  const [larger, thicker] = ETCHING_SIGNS.map((one) => shimBy(question, one)) as [
    DepthShim,
    DepthShim,
  ];
  const apart = Math.abs(larger.thickness - thicker.thickness);
  return apart < 1e-9
    ? { status: 'known', shim: larger }
    : { status: 'askSign', bySign: { plusLarger: larger, plusThicker: thicker }, apart };
}

function requireDepth(question: DepthQuestion): DepthQuestion {
  const { method, lengths } = question;
  const { needs, pairs = [] } = DEPTH_METHOD_TABLE[method];
  for (const name of DEPTH_LENGTHS) {
    const value = lengths[name] ?? null;
    const { least, most } = DEPTH_LENGTH_TABLE[name];
    if (value !== null) requireNumber(name, value, { min: least, max: most, unit: 'mm' });
    else if (needs.includes(name)) refuse('missing', name, value, { id: 'given' });
  }
  for (const [one, other] of pairs)
    if (isGiven(lengths[one]) !== isGiven(lengths[other]))
      refuse('missing', isGiven(lengths[one]) ? other : one, null, { id: 'oldAndNew' });
  if (method === 'gauge' && question.thicker === 'away')
    refuse('contradiction', 'method', method, { id: 'gaugeTowards' });
  requireNumber('uncertainty', question.uncertainty, { min: 0, max: 1, unit: 'mm' });
  return question;
}

const isGiven = (value: number | null | undefined): value is number =>
  value !== null && value !== undefined;

function shimBy(
  { method, lengths, thicker, uncertainty }: DepthQuestion,
  sign: EtchingSign,
): DepthShim {
  const of = (name: DepthLength) => lengths[name] ?? 0;
  const etched = (name: 'etching' | 'oldEtching') => etchedDistance(of(name), sign, thicker);
  const towards = thicker === 'towards' ? 1 : -1;
  const formulas: Readonly<Record<DepthMethod, readonly [formula: string, thickness: number]>> = {
    gauge: [
      't = s − A − e − h',
      of('seatToAxis') - of('mountingDistance') - etched('etching') - of('bearingHeight'),
    ],
    head: [
      `t = t₀ ${towards > 0 ? '+' : '−'} (x − (A + e))`,
      of('oldShim') + towards * (of('headToAxis') - of('mountingDistance') - etched('etching')),
    ],
    oldShim: [
      `t = t₀ ${towards > 0 ? '−' : '+'} (e − e₀) ${towards > 0 ? '+' : '−'} (h₀ − h)`,
      of('oldShim') +
        towards *
          (etched('oldEtching') - etched('etching') + of('oldHeight') - of('bearingHeight')),
    ],
    witness: [
      `t = t₀ ${towards > 0 ? '+' : '−'} (x − x₀)`,
      of('oldShim') + towards * (of('depthNow') - of('depthBefore')),
    ],
  };
  const [formula, thickness] = formulas[method];
  if (thickness < -1e-9 || thickness > 20)
    refuse('contradiction', DEPTH_METHOD_TABLE[method].needs[0]!, thickness, {
      id: 'shimThatCanBe',
      thickness,
    });
  const told = (name: DepthLength) =>
    name === 'etching' || name === 'oldEtching' ? etched(name) : of(name);
  const given = DEPTH_LENGTHS.filter((name) => isGiven(lengths[name]) && isUsed(method, name));
  const read = given.filter((name) => DEPTH_LENGTH_TABLE[name].exact !== true);
  return {
    thickness: Math.max(0, thickness),
    uncertainty: uncertainty * Math.sqrt(read.length),
    working: [
      line(
        sign === 'plusLarger' || !given.some((name) => name === 'etching' || name === 'oldEtching')
          ? 'Depth shim'
          : 'Depth shim, a plus being a thicker shim',
        formula,
        given.map((name) => [SYMBOLS[name], told(name), 'length'] as const),
        ['t', Math.max(0, thickness), 'length'],
        'depthChain',
      ),
    ],
  };
}

/**
 * By how much an etching makes the mounting distance larger: by itself where the plus is of the distance. Where it is of the
 * shim, a thicker one brings the pinion nearer where it moves it towards the ring gear, and further off where it moves it away.
 */
function etchedDistance(
  value: number,
  sign: EtchingSign,
  thicker: DepthQuestion['thicker'],
): number {
  return sign === 'plusThicker' && thicker === 'towards' ? -value : value;
}

function isUsed(method: DepthMethod, name: DepthLength): boolean {
  const { needs, pairs = [], open = [] } = DEPTH_METHOD_TABLE[method];
  return [...needs, ...pairs.flat(), ...open].includes(name);
}

const SYMBOLS: Readonly<Record<DepthLength, string>> = {
  seatToAxis: 's',
  headToAxis: 'x',
  mountingDistance: 'A',
  bearingHeight: 'h',
  etching: 'e',
  oldShim: 't₀',
  oldEtching: 'e₀',
  oldHeight: 'h₀',
  depthBefore: 'x₀',
  depthNow: 'x',
};
