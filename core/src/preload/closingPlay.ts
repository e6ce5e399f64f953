import { refuse, requireInteger, requireNumber } from '../faults/index.ts';
import { requireBand, studentFactor, type Band } from '../measure/index.ts';
import { line, type WorkingLine } from '../working/index.ts';
import type { AngleRange } from './sleeveFit.ts';
import { sleeveContact } from './sleeveContact.ts';
import { FINEST_STEP, SEARCH_STEP } from './sleeveForecast.ts';

/** One step of the nut: where it stands, degrees from the first snug place, and the play there, mm. */
export interface PlayPoint {
  readonly angle: number;
  readonly play: number;
}

/** How far a nut on a sleeve goes until the play is just gone, where a hub is set without preload. */
export type ClosingPlay = {
  readonly now: number;
  readonly play: number;
  /** Largest next step, degrees; 0 where tightening stops. */
  readonly step: number;
  readonly working: readonly WorkingLine[];
} & (
  | { readonly status: 'closing' }
  | { readonly status: 'forecast'; readonly toUpper: AngleRange; readonly toZero: AngleRange }
  /** In the band; or the play is gone, and whether there is preload no indicator tells: the sleeve is scrap. */
  | { readonly status: 'inBand' | 'gone' }
);

/** Longest step by a forecast, degrees. A rule of this program. */
const LONGEST_FORECAST = 15;
/** Share of the way to where the play may be gone at the earliest. A rule of this program. */
const STEP_SHARE = 0.6;
/** Points that are fitted. */
const LAST_POINTS = 5;

/**
 * Crush a sleeve until the play of a hub is just gone, without preload. While the sleeve yields the play falls with the
 * angle in a straight line (`lead/360` at most); the line through the last points says where it enters the band and where
 * it would be gone, with a one-sided 95 % range to each side. Past the last play nothing can be read: it stops before. The
 * first step goes as far as the play above the limits and the lead allow, and is small where the lead is not known.
 *
 * @throws InputError naming `points[n].angle` when it falls: a nut on a sleeve is never backed off
 */
export function closingPlay(
  points: readonly PlayPoint[],
  band: Band,
  { uncertainty, lead }: { readonly uncertainty: number; readonly lead: number | null },
): ClosingPlay {
  requireClosing(points, band, { uncertainty, lead });
  const last = points.at(-1)!;
  const common = { now: last.angle, play: last.play, working: [] };
  const lower = band.lower ?? 0;
  const upper = band.upper ?? lower;
  const guard = studentFactor(Infinity) * uncertainty;
  if (last.play < Math.max(lower, 0) - guard || (last.play <= 0 && lower > 0))
    return { ...common, status: 'gone', step: 0 };
  if (last.play <= Math.max(upper - guard, (lower + upper) / 2))
    return { ...common, status: 'inBand', step: 0 };
  const line_ = fitted(points.slice(-LAST_POINTS));
  if (line_ === null) {
    const above = points.map(({ angle, play }) => ({ angle, torque: 0, endPlay: play - upper }));
    const contact = sleeveContact(above, {
      lead,
      playUncertainty: uncertainty,
      searchStep: SEARCH_STEP,
    });
    return { ...common, status: 'closing', step: contact.step, working: contact.working };
  }
  const { slope, meanAngle, meanPlay, spread, count, residual, freedom } = line_;
  const seen = Math.max(residual, uncertainty);
  const factor =
    residual > uncertainty ? studentFactor(Math.max(1, freedom)) : studentFactor(Infinity);
  const to = (play: number): AngleRange => {
    const likely = meanAngle + (play - meanPlay) / slope;
    const half =
      ((factor * seen) / -slope) * Math.sqrt(1 / count + (likely - meanAngle) ** 2 / spread);
    return {
      least: Math.max(last.angle, likely - half),
      likely: Math.max(last.angle, likely),
      most: Math.max(last.angle, likely + half),
    };
  };
  const [toUpper, toZero] = [to((lower + upper) / 2), to(lower)];
  const step = Math.max(
    FINEST_STEP,
    Math.min(
      LONGEST_FORECAST,
      STEP_SHARE * (toUpper.likely - last.angle),
      STEP_SHARE * (toZero.least - last.angle),
    ),
  );
  return {
    ...common,
    status: 'forecast',
    step,
    toUpper,
    toZero,
    working: workingOf({ meanPlay, meanAngle, slope, lower, upper, toUpper }),
  };
}

/** @throws InputError naming the field */
function requireClosing(
  points: readonly PlayPoint[],
  band: Band,
  { uncertainty, lead }: { readonly uncertainty: number; readonly lead: number | null },
): void {
  requireInteger('points', points.length, { min: 1, max: 500 });
  points.forEach(({ angle, play }, at) => {
    requireNumber(`points[${at}].angle`, angle, { min: 0, max: 7200, unit: '°' });
    requireNumber(`points[${at}].play`, play, { min: 0, max: 20, unit: 'mm' });
    if (at > 0 && angle < points[at - 1]!.angle - 1e-9)
      refuse('contradiction', `points[${at}].angle`, angle, {
        id: 'neverBackedOff',
        angle: points[at - 1]!.angle,
      });
  });
  requireBand(band);
  requireNumber('uncertainty', uncertainty, { above: 0, max: 1, unit: 'mm' });
  if (lead !== null) requireNumber('lead', lead, { min: 0.1, max: 10, unit: 'mm' });
}

/** The line through what was read. */
function workingOf({
  meanPlay,
  meanAngle,
  slope,
  lower,
  upper,
  toUpper,
}: {
  readonly meanPlay: number;
  readonly meanAngle: number;
  readonly slope: number;
  readonly lower: number;
  readonly upper: number;
  readonly toUpper: AngleRange;
}): readonly WorkingLine[] {
  return [
    line(
      'Where the play comes within its limits',
      'θ = θ̄ + (e − ē)/slope',
      [
        ['ē', meanPlay, 'length'],
        ['θ̄', meanAngle, 'angle'],
        ['slope, mm/°', slope, 'number'],
        ['e', (lower + upper) / 2, 'length'],
      ],
      ['θ', toUpper.likely, 'angle'],
      'closingPlay',
    ),
  ];
}

function fitted(points: readonly PlayPoint[]) {
  const count = points.length;
  const meanAngle = points.reduce((sum, { angle }) => sum + angle, 0) / count;
  const meanPlay = points.reduce((sum, { play }) => sum + play, 0) / count;
  const spread = points.reduce((sum, { angle }) => sum + (angle - meanAngle) ** 2, 0);
  if (count < 2 || spread < 1e-9) return null;
  const slope =
    points.reduce((sum, { angle, play }) => sum + (angle - meanAngle) * (play - meanPlay), 0) /
    spread;
  if (slope >= 0) return null;
  const squares = points.reduce(
    (sum, { angle, play }) => sum + (play - meanPlay - slope * (angle - meanAngle)) ** 2,
    0,
  );
  const freedom = count - 2;
  return {
    slope,
    meanAngle,
    meanPlay,
    spread,
    count,
    freedom,
    residual: freedom > 0 ? Math.sqrt(squares / freedom) : 0,
  };
}
