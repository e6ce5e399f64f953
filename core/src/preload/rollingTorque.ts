import { requireNumber } from '../faults/index.ts';
import {
  decide,
  requireBand,
  studentFactor,
  welchSatterthwaite,
  type Band,
  type Decision,
} from '../measure/index.ts';
import { line, type WorkingLine } from '../working/index.ts';
import { type TorqueTool, requireInRange, requireTool } from './torqueTool.ts';

/** One reading of rolling torque, N·m. */
export interface TorqueReading {
  readonly value: number;
  /** Read while it turned at a steady speed; the peak that breaks it away is not the rolling torque. */
  readonly steady: boolean;
}

/** What a run of rolling torque is judged from. */
export interface RollingRun {
  readonly tool: TorqueTool;
  readonly readings: readonly TorqueReading[];
  readonly band: Band;
  /** Drag of the seal alone, taken off; null where it is in the band or no seal is in. */
  readonly sealDrag: { readonly value: number; readonly uncertainty: number } | null;
  /** The tool is square to the shaft. */
  readonly square: boolean;
}

/** The answer to a run of rolling torque. N·m. */
export type RollingVerdict =
  | { readonly status: 'invalid'; readonly reason: 'notSquare' }
  | { readonly status: 'tooFew'; readonly missing: number; readonly steady: number }
  | { readonly status: 'disagree'; readonly apart: number }
  | {
      readonly status: 'judged';
      /** As measured, and what is left for the bearings. */
      readonly total: number;
      readonly bearings: number;
      readonly standard: number;
      readonly expanded: number;
      readonly degreesOfFreedom: number;
      readonly decision: Decision;
      readonly working: readonly WorkingLine[];
    };

/** Two readings agree when they differ by at most this share of their mean. Common practice, no source. */
export const AGREE_WITHIN = 0.1;

/** Where a manual is silent, bearings that have run get this share of the band for new ones. Common practice, no source. */
export const USED_SHARE = 0.5;

/**
 * Judge rolling torque: steady turning only, the tool square to the shaft, the last two readings within 10 % of each
 * other (or one graduation, where that is more). Seal drag is taken off. Uncertainty by JCGM 100 from the graduation,
 * the repeat and the card of the tool; decision by ISO 14253-1.
 *
 * @throws InputError naming `readings[n].value` that the tool cannot tell, or a field of tool or band
 */
export function judgeRolling({
  tool,
  readings,
  band,
  sealDrag,
  square,
}: RollingRun): RollingVerdict {
  requireTool(tool);
  requireBand(band, { min: 0, max: 500, unit: 'N·m' });
  readings.forEach(({ value }, at) => requireInRange(tool, value, `readings[${at}].value`));
  if (sealDrag !== null) {
    requireNumber('sealDrag.value', sealDrag.value, { min: 0, max: 500, unit: 'N·m' });
    requireNumber('sealDrag.uncertainty', sealDrag.uncertainty, { min: 0, max: 50, unit: 'N·m' });
  }
  if (!square) return { status: 'invalid', reason: 'notSquare' };
  const steady = readings.filter((reading) => reading.steady).map(({ value }) => value);
  if (steady.length < 2)
    return { status: 'tooFew', missing: 2 - steady.length, steady: steady.length };
  const used = agreeing(steady, tool.graduation);
  if (used === null)
    return { status: 'disagree', apart: Math.abs(steady.at(-1)! - steady.at(-2)!) };
  const total = average(used);
  const n = used.length;
  const scatter = Math.sqrt(used.reduce((sum, value) => sum + (value - total) ** 2, 0) / (n - 1));
  const parts = [
    { standard: tool.graduation / Math.sqrt(12), degreesOfFreedom: Infinity },
    { standard: scatter / Math.sqrt(n), degreesOfFreedom: n - 1 },
    { standard: tool.calibrationUncertainty, degreesOfFreedom: Infinity },
    { standard: sealDrag?.uncertainty ?? 0, degreesOfFreedom: Infinity },
  ];
  const standard = Math.hypot(...parts.map((part) => part.standard));
  const degreesOfFreedom = welchSatterthwaite(parts);
  const factor = studentFactor(degreesOfFreedom);
  const expanded = factor * standard;
  const bearings = total - (sealDrag?.value ?? 0);
  return {
    status: 'judged',
    total,
    bearings,
    standard,
    expanded,
    degreesOfFreedom,
    decision: decide(bearings, bearings, band, expanded),
    working: workingOf({ tool, sealDrag }, used, { total, scatter, standard, factor }),
  };
}

/** The mean, what the seal takes off it, and its uncertainty. */
function workingOf(
  { tool, sealDrag }: Pick<RollingRun, 'tool' | 'sealDrag'>,
  used: readonly number[],
  {
    total,
    scatter,
    standard,
    factor,
  }: Readonly<Record<'total' | 'scatter' | 'standard' | 'factor', number>>,
): readonly WorkingLine[] {
  const n = used.length;
  const seal = sealDrag?.value ?? 0;
  return [
    line(
      'Mean of the readings that agree',
      'T = Σ T/n',
      [...used.map((value, at) => [`T${at + 1}`, value, 'torque'] as const), ['n', n, 'number']],
      ['T', total, 'torque'],
      'rollingAgree',
    ),
    line(
      'Without the seal',
      'T_b = T − T_s',
      [
        ['T', total, 'torque'],
        ['T_s', seal, 'torque'],
      ],
      ['T_b', total - seal, 'torque'],
      'loop',
    ),
    line(
      'Standard uncertainty',
      'u = √(a²/12 + s²/n + u_cal² + u_s²)',
      [
        ['a', tool.graduation, 'torque'],
        ['s', scatter, 'torque'],
        ['u_cal', tool.calibrationUncertainty, 'torque'],
        ['u_s', sealDrag?.uncertainty ?? 0, 'torque'],
      ],
      ['u', standard, 'torque'],
      'jcgm100',
    ),
    line(
      'Guard at each limit',
      'g = k·u',
      [
        ['k', factor, 'number'],
        ['u', standard, 'torque'],
      ],
      ['g', factor * standard, 'torque'],
      'iso14253',
    ),
  ];
}

/** The longest run of last readings of which each agrees with the last; null when the last two do not. */
function agreeing(values: readonly number[], graduation: number): readonly number[] | null {
  const last = values.at(-1)!;
  const near = (value: number) =>
    Math.abs(value - last) <=
    Math.max(graduation, (AGREE_WITHIN * Math.abs(value + last)) / 2) + 1e-9;
  const from = values.findLastIndex((value) => !near(value)) + 1;
  return values.length - from < 2 ? null : values.slice(from);
}

/**
 * What is left for the carrier when pinion and carrier are turned together at the pinion:
 * `Tcarrier = (Ttotal − Tpinion)·ratio`, from `Ttotal = Tpinion + Tcarrier/ratio`. Geometry.
 * @throws InputError naming the field; `total` when it is less than the pinion's own
 */
export function carrierTorque({
  total,
  pinion,
  ratio,
}: {
  readonly total: number;
  readonly pinion: number;
  readonly ratio: number;
}): number {
  requireNumber('pinion', pinion, { min: 0, max: 2000, unit: 'N·m' });
  requireNumber('ratio', ratio, { above: 0.2, max: 20 });
  requireNumber('total', total, { min: pinion, max: 2000, unit: 'N·m' });
  return (total - pinion) * ratio;
}

function average(values: readonly number[]): number {
  return values.reduce((sum, value) => sum + value, 0) / values.length;
}
