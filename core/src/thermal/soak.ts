import { refuse, requireNumber } from '../faults/index.ts';
import { materialOf, type MaterialChoice } from '../materials/index.ts';
import { line, type WorkingLine } from '../working/index.ts';

/** A body that warms or cools as one. */
export interface LumpedBody {
  readonly material: MaterialChoice;
  /** kg. */
  readonly mass: number;
  /** Surface that takes heat, m². */
  readonly area: number;
}

/** Nothing larger is heated at a bench: kg, m². A rule of this program. */
export const LARGEST_BODY = { mass: 5000, area: 50 } as const;

/** A body counts as warm within this of its target, K. Common practice, no source. */
export const NEAR_ENOUGH = 5;

/**
 * Time constant of a body in a medium, s: `τ = m·c/(h·A)`.
 * @param transfer h, W/(m²·K)
 * @throws InputError naming `mass`, `area` or `transfer`
 */
export function timeConstant({ material, mass, area }: LumpedBody, transfer: number): number {
  requireNumber('mass', mass, { above: 0, max: LARGEST_BODY.mass, unit: 'kg' });
  requireNumber('area', area, { above: 0, max: LARGEST_BODY.area, unit: 'm²' });
  requireNumber('transfer', transfer, { above: 0, max: 10_000, unit: 'W/(m²·K)' });
  return (mass * materialOf(material).heatCapacity) / (transfer * area);
}

/**
 * Time constant of a wall heated from both sides, s: `τ = ρ·c·(wall/2)/h`.
 * @param wall mm
 */
export function wallTimeConstant(material: MaterialChoice, wall: number, transfer: number): number {
  requireNumber('wall', wall, { above: 0, max: 500, unit: 'mm' });
  const { density, heatCapacity } = materialOf(material);
  return (density * heatCapacity * wall) / 2000 / requireNumber('transfer', transfer, { above: 0 });
}

/** Temperature of a lumped body after a time, °C. */
export function temperatureAfter(
  seconds: number,
  from: number,
  medium: number,
  tau: number,
): number {
  return medium + (from - medium) * Math.exp(-seconds / tau);
}

/**
 * Time until a body is within 5 K of its target, s: `t = τ·ln((T∞ − T₀)/(T∞ − (target ∓ 5)))`, warming or cooling.
 *
 * @param from °C at the start; `medium` °C of oven or freezer; `target` °C
 * @throws InputError naming `medium` when it can never bring the body there
 * @example soakTime({ from: 20, medium: 107, target: 107, tau: 700 }).seconds // 2000
 */
export function soakTime({
  from,
  medium,
  target,
  tau,
}: {
  readonly from: number;
  readonly medium: number;
  readonly target: number;
  readonly tau: number;
}): { readonly seconds: number; readonly working: readonly WorkingLine[] } {
  for (const [name, value] of [
    ['from', from],
    ['medium', medium],
    ['target', target],
  ] as const)
    requireNumber(name, value, { min: -273.15, max: 1000, unit: '°C' });
  requireNumber('tau', tau, { above: 0, unit: 's' });
  const warming = target >= from;
  const goal = warming ? target - NEAR_ENOUGH : target + NEAR_ENOUGH;
  const there = warming ? from >= goal : from <= goal;
  if (!there && (warming ? medium <= goal : medium >= goal))
    return refuse('contradiction', 'medium', medium, {
      id: 'soakGoal',
      side: warming ? 'more' : 'less',
      goal,
      target,
    });
  const seconds = there ? 0 : tau * Math.log((medium - from) / (medium - goal));
  return {
    seconds,
    working: [
      line(
        'Soak to within 5 K',
        't = τ·ln((T∞ − T₀)/(T∞ − T))',
        [
          ['τ, s', tau, 'number'],
          ['T∞', medium, 'temperature'],
          ['T₀', from, 'temperature'],
          ['T', goal, 'temperature'],
        ],
        ['t, s', seconds, 'number'],
        'lumped',
      ),
    ],
  };
}
