import { requireNumber } from '../faults/index.ts';
import { line, type WorkingLine } from '../working/index.ts';
import { requireBand, type Band } from './band.ts';
import { cosineCorrection, type CosineCorrection } from './cosine.ts';
import { agreeLimit, driftLimit, judgeCycle, type Cycle, type JudgedCycle } from './cycle.ts';
import { decide, type Decision } from './decision.ts';
import type { IndicatorSetting } from './indicatorSetting.ts';
import type { Instrument } from './instrument.ts';
import { whatWouldDecide, type Remedy } from './remedy.ts';
import { settle, type PositionGroup } from './settle.ts';
import * as u from './uncertainty.ts';

/** A measuring run: what was used, what is allowed, and the cycles so far. */
export interface RunInput {
  readonly instrument: Instrument;
  readonly indicator: IndicatorSetting;
  readonly band: Band;
  /** Every bearing that locates the shaft is in place. A shaft that can tip reads more play than it has. */
  readonly shaftHeld: boolean;
  readonly cycles: readonly Cycle[];
}

/** What every answer carries. */
interface RunCommon {
  readonly cycles: readonly JudgedCycle[];
  /** Drift a cycle may have, mm. */
  readonly driftLimit: number;
  readonly cosine: CosineCorrection;
}

/** The value of a settled run, mm, with its uncertainty. */
export interface RunValue {
  readonly mean: number;
  /** Smallest and largest over the positions; both equal the mean when the angle does not matter. */
  readonly low: number;
  readonly high: number;
  readonly uncertainty: u.Uncertainty;
  /** Present when the spread follows the angle of the shaft. */
  readonly positions: readonly PositionGroup[] | null;
  /** Cycles before the ones that agree; they seated the rollers. */
  readonly seating: number;
}

/** The answer to a run. */
export type RunVerdict =
  | (RunCommon & { readonly status: 'invalid'; readonly reason: 'shaftCanTip' })
  | (RunCommon & { readonly status: 'tooFew'; readonly missing: number })
  | (RunCommon & { readonly status: 'unsettled'; readonly trend: 'falling' | 'rising' | 'none' })
  | (RunCommon & {
      readonly status: 'judged';
      readonly value: RunValue;
      readonly decision: Decision;
      readonly remedies: readonly Remedy[];
      readonly working: readonly WorkingLine[];
    });

/**
 * Judge a run of end play (or any travel between two stops) from its cycles.
 *
 * `travel = lift − (zero + return)/2`, corrected for the indicator's angle; a cycle that drifts too far does
 * not count; at least three that agree ({@link agreeLimit}); uncertainty by JCGM 100; decision by
 * ISO 14253-1.
 *
 * @throws InputError naming the field of the instrument, band, indicator or cycle that cannot be used
 */
export function judgeRun(input: RunInput): RunVerdict {
  const instrument = requireInstrument(input.instrument);
  const band = requireBand(input.band);
  const cosine = cosineCorrection(input.indicator);
  const cycles = input.cycles.map((cycle, index) =>
    judgeCycle(cycle, instrument, band, `cycles[${index}]`),
  );
  const common = { cycles, driftLimit: driftLimit(instrument, band), cosine };
  if (!input.shaftHeld) return { ...common, status: 'invalid', reason: 'shaftCanTip' };

  const counted = cycles.filter(({ flaw }) => flaw === null);
  const settling = settle(counted, agreeLimit(instrument, band));
  if (settling.kind === 'tooFew') return { ...common, status: 'tooFew', missing: settling.missing };
  if (settling.kind === 'unsettled')
    return { ...common, status: 'unsettled', trend: settling.trend };

  const groups =
    settling.kind === 'agreed'
      ? [settling.used.map(({ travel }) => travel)]
      : settling.positions.map(({ travels }) => travels);
  const value = valueOf(groups, counted, instrument, cosine, {
    positions: settling.kind === 'followsAngle' ? settling.positions : null,
    seating: settling.kind === 'agreed' ? settling.seating : 0,
  });
  const { low, high, uncertainty } = value;
  // A travel that was seen is more than none: a lower limit of 0 is not in doubt then.
  const doubtful =
    band.lower === 0 && low >= instrument.graduation ? { ...band, lower: null } : band;
  const decision = decide(low, high, doubtful, uncertainty.expanded);
  const remedies =
    decision.word === 'cannotDecide'
      ? whatWouldDecide({
          low,
          high,
          band: doubtful,
          graduation: instrument.graduation,
          travels: groups,
          components: uncertainty.components,
        })
      : [];
  const working = workingOf(value, groups, input.indicator.angle, cosine, decision);
  return { ...common, status: 'judged', value, decision, remedies, working };
}

function valueOf(
  groups: readonly (readonly number[])[],
  counted: readonly JudgedCycle[],
  instrument: Instrument,
  cosine: CosineCorrection,
  rest: Pick<RunValue, 'positions' | 'seating'>,
): RunValue {
  const means = groups.map((group) => cosine.factor * average(group));
  const mean = average(means);
  const largestDrift = Math.max(...counted.map(({ drift }) => Math.abs(drift)));
  const uncertainty = u.combine([
    u.resolution(instrument.graduation),
    u.repeat(...groups),
    u.calibration(instrument.calibrationUncertainty),
    u.driftLeft(largestDrift),
    u.angleLeft(mean, cosine.uncertainty),
  ]);
  return { mean, low: Math.min(...means), high: Math.max(...means), uncertainty, ...rest };
}

function workingOf(
  value: RunValue,
  groups: readonly (readonly number[])[],
  angle: number,
  cosine: CosineCorrection,
  { guard }: Decision,
): readonly WorkingLine[] {
  const { standard, degreesOfFreedom, factor, components } = value.uncertainty;
  const all = groups.flat();
  return [
    line(
      'Mean travel of the cycles that agree',
      'mean = Σ travel / n',
      [
        ...all.map((travel, index) => [`travel ${index + 1}`, travel, 'length'] as const),
        ['n', all.length, 'number'],
      ],
      ['mean', average(groups.map(average)), 'length'],
      'agreeRule',
    ),
    line(
      'Corrected for the angle of the indicator',
      'end play = mean · f(θ)',
      [
        ['θ', angle, 'angle'],
        ['f(θ)', cosine.factor, 'number'],
      ],
      ['end play', value.mean, 'length'],
      'cosine',
    ),
    ...components.map((component) => component.working),
    line(
      'Combined',
      'u = √(u₁² + u₂² + u₃² + u₄² + u₅²)',
      components.map(
        (component, index) => [`u${'₁₂₃₄₅'[index]}`, component.standard, 'length'] as const,
      ),
      ['u', standard, 'length'],
      'jcgm100',
    ),
    line(
      'Student factor, one-sided 95 %',
      'k = t₀.₉₅(ν)',
      [['ν', degreesOfFreedom, 'number']],
      ['k', factor, 'number'],
      'jcgm100Welch',
    ),
    line(
      'Guard at each limit',
      'g = k · u',
      [
        ['k', factor, 'number'],
        ['u', standard, 'length'],
      ],
      ['g', guard, 'length'],
      'iso14253',
    ),
  ];
}

/** Check an instrument's card. @throws InputError naming its field */
export function requireInstrument(instrument: Instrument): Instrument {
  requireNumber('instrument.graduation', instrument.graduation, {
    min: 0.0001,
    max: 1,
    unit: 'mm',
  });
  requireNumber('instrument.calibrationUncertainty', instrument.calibrationUncertainty, {
    min: 0,
    max: 1,
    unit: 'mm',
  });
  requireNumber('instrument.range', instrument.range, { above: 0, max: 200, unit: 'mm' });
  return instrument;
}

function average(values: readonly number[]): number {
  return values.reduce((sum, value) => sum + value, 0) / values.length;
}
