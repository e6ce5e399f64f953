import { line, type WorkingLine } from '../working/index.ts';
import { studentFactor } from './student.ts';

/** Where a contribution to the uncertainty comes from. */
export type ComponentName = 'resolution' | 'repeat' | 'calibration' | 'drift' | 'angle';

/** One contribution: a standard uncertainty and its degrees of freedom (infinite for what is known beforehand). */
export interface Component {
  readonly name: ComponentName;
  readonly standard: number;
  readonly degreesOfFreedom: number;
  readonly working: WorkingLine;
}

/** A combined uncertainty. `expanded` is `factor · standard`, one-sided 95 %. */
export interface Uncertainty {
  readonly standard: number;
  readonly degreesOfFreedom: number;
  readonly factor: number;
  readonly expanded: number;
  readonly components: readonly Component[];
}

/**
 * Combine contributions in quadrature; effective degrees of freedom by Welch–Satterthwaite; the Student
 * factor enters once. Source: JCGM 100:2008, 5.1.2 and G.4.1.
 * @example combine([resolution(0.01), repeat([0.14, 0.141, 0.139])])
 */
export function combine(components: readonly Component[]): Uncertainty {
  const variance = components.reduce((sum, { standard }) => sum + standard ** 2, 0);
  const standard = Math.sqrt(variance);
  const degreesOfFreedom = welchSatterthwaite(components);
  const factor = studentFactor(degreesOfFreedom);
  return { standard, degreesOfFreedom, factor, expanded: factor * standard, components };
}

/**
 * Effective degrees of freedom: `u⁴ / Σ(uᵢ⁴/νᵢ)`. Infinite when no contribution has finite degrees.
 * Source: JCGM 100:2008, G.4.1 (G.2b).
 */
export function welchSatterthwaite(
  components: readonly Pick<Component, 'standard' | 'degreesOfFreedom'>[],
): number {
  const variance = components.reduce((sum, { standard }) => sum + standard ** 2, 0);
  const below = components.reduce(
    (sum, { standard, degreesOfFreedom }) => sum + standard ** 4 / degreesOfFreedom,
    0,
  );
  return below === 0 ? Infinity : Math.max(1, variance ** 2 / below);
}

/** Resolution at zero and at the reading: `√2 · a/√12`, a = one full graduation. It does not average away. */
export function resolution(graduation: number): Component {
  const standard = Math.SQRT2 * (graduation / Math.sqrt(12));
  return {
    name: 'resolution',
    standard,
    degreesOfFreedom: Infinity,
    working: line(
      'Resolution, at zero and at the reading',
      'u₁ = √2 · a/√12',
      [['a', graduation, 'length']],
      ['u₁', standard, 'length'],
      'jcgm100Resolution',
    ),
  };
}

/**
 * Repeatability of a mean of n values, `s/√n` with ν = n − 1. Groups (positions) are pooled about their own
 * means and n is the smallest group's count.
 */
export function repeat(...groups: readonly (readonly number[])[]): Component {
  const degreesOfFreedom = groups.reduce((sum, group) => sum + group.length - 1, 0);
  const squares = groups.reduce((sum, group) => sum + squaresAboutMean(group), 0);
  const s = degreesOfFreedom > 0 ? Math.sqrt(squares / degreesOfFreedom) : 0;
  const n = Math.min(...groups.map((group) => group.length));
  const standard = s / Math.sqrt(n);
  return {
    name: 'repeat',
    standard,
    degreesOfFreedom: Math.max(1, degreesOfFreedom),
    working: line(
      'Repeat',
      'u₂ = s/√n',
      [
        ['s', s, 'length'],
        ['n', n, 'number'],
      ],
      ['u₂', standard, 'length'],
      'jcgm100',
    ),
  };
}

/** The instrument's own calibration, as its card states it. */
export function calibration(standard: number): Component {
  return {
    name: 'calibration',
    standard,
    degreesOfFreedom: Infinity,
    working: line('Calibration', 'u₃ from the card', [], ['u₃', standard, 'length'], 'jcgm100'),
  };
}

/** Drift left after the mean of zero and return is taken: at most half of it, rectangular: `|d|/(2√3)`. */
export function driftLeft(largestDrift: number): Component {
  const standard = Math.abs(largestDrift) / (2 * Math.sqrt(3));
  return {
    name: 'drift',
    standard,
    degreesOfFreedom: Infinity,
    working: line(
      'Drift between zero and return',
      'u₄ = |d|/(2·√3)',
      [['d', largestDrift, 'length']],
      ['u₄', standard, 'length'],
      'jcgm100',
    ),
  };
}

/** The angle of the indicator, judged by eye: `travel · u(factor)`. */
export function angleLeft(travel: number, factorUncertainty: number): Component {
  const standard = Math.abs(travel) * factorUncertainty;
  return {
    name: 'angle',
    standard,
    degreesOfFreedom: Infinity,
    working: line(
      'Angle of the indicator, judged to ±2°',
      'u₅ = travel · u(cos θ)',
      [
        ['travel', travel, 'length'],
        ['u(cos θ)', factorUncertainty, 'number'],
      ],
      ['u₅', standard, 'length'],
      'cosine',
    ),
  };
}

function squaresAboutMean(values: readonly number[]): number {
  const mean = values.reduce((a, b) => a + b, 0) / values.length;
  return values.reduce((sum, value) => sum + (value - mean) ** 2, 0);
}
