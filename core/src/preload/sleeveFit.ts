import { studentFactor } from '../measure/index.ts';

/** One step of tightening: where the nut stands, degrees from the first snug place, and the rolling torque there, N·m. */
export interface SleevePoint {
  readonly angle: number;
  readonly torque: number;
  /** End play read there, mm; null or left out where nobody read it. */
  readonly endPlay?: number | null;
}

/** A law of rolling torque against nut angle, fitted for one exponent. */
export interface SleeveFit {
  readonly exponent: number;
  /** Angle at which the rollers take load, degrees. */
  readonly contact: number;
  readonly stiffness: number;
}

/**
 * The law of a fit from where the rollers take load to an angle, degrees: torque of the bearings alone, N·m.
 * @param count points of the curve
 */
export function sleeveCurve(
  { contact, stiffness, exponent }: SleeveFit,
  to: number,
  count = 41,
): readonly SleevePoint[] {
  return Array.from({ length: count }, (_, at) => {
    const turned = (Math.max(0, to - contact) * at) / (count - 1);
    return { angle: contact + turned, torque: stiffness * turned ** exponent };
  });
}

/** An angle with what it may be, degrees. */
export interface AngleRange {
  readonly least: number;
  readonly likely: number;
  readonly most: number;
}

export interface Fitted extends SleeveFit {
  /** Line `y = intercept + slope·θ` in `y = (T − T₀)^(1/n)`, with what its inverse prediction needs. */
  readonly slope: number;
  readonly meanAngle: number;
  readonly spread: number;
  readonly count: number;
  readonly residual: number;
  readonly factor: number;
}

/** Least squares of the straightened rise; null when it does not rise. */
export function fitRise(
  rise: readonly SleevePoint[],
  sealDrag: number,
  uncertainty: number,
  exponent: number,
): Fitted | null {
  const rows = rise.map(({ angle, torque }) => ({
    angle,
    y: (torque - sealDrag) ** (1 / exponent),
  }));
  const count = rows.length;
  const meanAngle = rows.reduce((sum, { angle }) => sum + angle, 0) / count;
  const meanY = rows.reduce((sum, { y }) => sum + y, 0) / count;
  const spread = rows.reduce((sum, { angle }) => sum + (angle - meanAngle) ** 2, 0);
  const slope =
    rows.reduce((sum, { angle, y }) => sum + (angle - meanAngle) * (y - meanY), 0) / spread;
  if (slope <= 0) return null;
  const contact = meanAngle - meanY / slope;
  const squares = rows.reduce(
    (sum, { angle, y }) => sum + (y - meanY - slope * (angle - meanAngle)) ** 2,
    0,
  );
  const seen = count > 2 ? Math.sqrt(squares / (count - 2)) : 0;
  // The reading's own uncertainty, straightened where the last point stands: two points show no scatter of their own.
  const last = rows.at(-1)!.y;
  const own = (uncertainty / exponent) * last ** (1 - exponent);
  const factor = seen > own ? studentFactor(Math.max(1, count - 2)) : studentFactor(Infinity);
  return {
    exponent,
    contact,
    stiffness: slope ** exponent,
    slope,
    meanAngle,
    spread,
    count,
    residual: Math.max(seen, own),
    factor,
  };
}

/** The angle at which the torque above the seal comes to a value, over the exponents. */
export function rangeTo(fits: readonly Fitted[], torque: number, now: number): AngleRange {
  const each = fits.map(
    ({ exponent, contact, slope, meanAngle, spread, count, residual, factor }) => {
      const likely = contact + torque ** (1 / exponent) / slope;
      const half =
        ((factor * residual) / slope) * Math.sqrt(1 / count + (likely - meanAngle) ** 2 / spread);
      return { least: likely - half, likely, most: likely + half };
    },
  );
  return {
    least: Math.max(now, Math.min(...each.map(({ least }) => least))),
    likely: Math.max(now, each[1]!.likely),
    most: Math.max(now, ...each.map(({ most }) => most)),
  };
}
