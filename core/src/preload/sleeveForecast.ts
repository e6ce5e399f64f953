import { refuse, requireInteger, requireNumber } from '../faults/index.ts';
import { bandTarget, requireBand, studentFactor, type Band } from '../measure/index.ts';
import { line, type WorkingLine } from '../working/index.ts';
import {
  type SleevePoint,
  type SleeveFit,
  type AngleRange,
  type Fitted,
  fitRise,
  rangeTo,
} from './sleeveFit.ts';

/** How far the nut still goes. Angles are of the nut, from the first snug place. */
export type SleeveForecast = {
  readonly now: number;
  readonly torque: number;
  /** Rolling torque above that of the seal, N·m. */
  readonly above: number;
  /** Largest next step, degrees; 0 where tightening stops. */
  readonly step: number;
  readonly working: readonly WorkingLine[];
} &
  /** Still play, too few points on the rise, or points that do not tell how far it is: tightening is safe in steps. */
  (
    | { readonly status: 'free' | 'closing' | 'unclear' }
    | {
        /** `near`: the next step may reach the band, so it is small. */
        readonly status: 'forecast' | 'near';
        readonly fit: SleeveFit;
        readonly toLower: AngleRange;
        readonly toTarget: AngleRange;
        readonly toUpper: AngleRange;
        /** Do not pass it without a reading: the earliest angle at which the band may be reached. */
        readonly stopLine: number;
      }
    /** Stop: in the band, at its upper limit, or past it, when the sleeve is scrap. */
    | { readonly status: 'inBand' | 'atLimit' | 'overshoot' }
  );

/** What a forecast is made from. */
export interface SleeveQuestion {
  /** In the order they were taken; angles never fall. */
  readonly points: readonly SleevePoint[];
  readonly band: Band;
  /** Rolling torque of the seal alone, N·m: what is read while there is play. */
  readonly sealDrag: number;
  /** Standard uncertainty of one reading, N·m. */
  readonly uncertainty: number;
}

/** Steps while there is play, and on the rise before there is a forecast, degrees. Common practice, no source. */
export const FREE_STEP = 15;

const CLOSING_STEP = 8;

/** The finest step a bar is moved by, and the share of the safe angle that is taken. Rules of this program. */
export const FINEST_STEP = 2;

const STEP_SHARE = 0.6;

/** Exponents between which the rise of tapered rollers lies; with a free one the forecast is three times as wide. */
export const EXPONENTS = { least: 1, likely: 1.2, most: 1.5 } as const;

/** So many standard uncertainties above the lower limit it is taken to be in band. A rule of this program. */
const PROOF = 2.5;

/** A forecast that leaves more than this open tells nothing, degrees. A rule of this program. */
const MOST_OPEN = 180;

/** Points of the rise that are fitted. */
const LAST_POINTS = 5;

/**
 * Forecast the angle a collapsible sleeve has left. While there is play the rolling torque is that of the seal; from
 * contact `T = T₀ + k·max(0, θ − θc)ⁿ`. For a held n the law is a straight line in `(T − T₀)^(1/n)`, fitted to the last
 * points of the rise; its inverse prediction gives the angle to each limit with a two-sided 90 % range, taken over n
 * from 1 to 1.5. The next step is 0.6 of the way to the likely place of the band, and of the way to the earliest
 * place of its upper limit, whichever is less; never less than the finest step.
 *
 * @throws InputError naming `points[n].angle` when it falls (a nut is never backed off: preload is lost), or a field
 * @example sleeveForecast({ points: [{ angle: 0, torque: 0.4 }], band, sealDrag: 0.4, uncertainty: 0.03 }).status // 'free'
 */
export function sleeveForecast(question: SleeveQuestion): SleeveForecast {
  const { points, band, sealDrag, uncertainty } = requireSleeve(question);
  const last = points.at(-1)!;
  const above = last.torque - sealDrag;
  const noise = 2 * Math.hypot(uncertainty, 0.02 * sealDrag);
  const common = {
    now: last.angle,
    torque: last.torque,
    above,
    working: [] as readonly WorkingLine[],
  };
  const upper = band.upper ?? Infinity;
  const lower = band.lower ?? 0;
  const guard = studentFactor(Infinity) * uncertainty;
  if (above > upper + guard) return { ...common, status: 'overshoot', step: 0 };
  if (above > upper - guard) return { ...common, status: 'atLimit', step: 0 };
  // In band by what the reading is worth, so that the proof afterwards stands; the middle where the band is too narrow for that.
  const enough = Math.min(
    lower + PROOF * uncertainty,
    Number.isFinite(upper) ? (lower + upper) / 2 : Infinity,
  );
  if (above >= enough) return { ...common, status: 'inBand', step: 0 };
  const rise = points.filter(({ torque }) => torque - sealDrag > noise).slice(-LAST_POINTS);
  if (rise.length === 0) return { ...common, status: 'free', step: FREE_STEP };
  if (rise.length < 2 || new Set(rise.map(({ angle }) => angle)).size < 2)
    return { ...common, status: 'closing', step: CLOSING_STEP };
  const fits = [EXPONENTS.least, EXPONENTS.likely, EXPONENTS.most].map((exponent) =>
    fitRise(rise, sealDrag, uncertainty, exponent),
  );
  const [, likely] = fits;
  if (fits.some((fit) => fit === null)) return { ...common, status: 'closing', step: CLOSING_STEP };
  const { toLower, toTarget, toUpper } = anglesTo(fits as readonly Fitted[], band, last.angle);
  if (toLower.most - toLower.least > MOST_OPEN || toLower.likely - last.angle > 2 * MOST_OPEN)
    return { ...common, status: 'unclear', step: CLOSING_STEP };
  // Towards the likely place of the band, but never to where its upper limit may be at the earliest.
  const step = Math.max(
    FINEST_STEP,
    Math.min(
      CLOSING_STEP,
      STEP_SHARE * (toLower.likely - last.angle),
      STEP_SHARE * (toUpper.least - last.angle),
    ),
  );
  const { exponent, contact, stiffness } = likely!;
  return {
    ...common,
    status: step <= 2 * FINEST_STEP ? 'near' : 'forecast',
    step,
    fit: { exponent, contact, stiffness },
    toLower,
    toTarget,
    toUpper,
    stopLine: Math.max(last.angle, toLower.least),
    working: workingOf({ sealDrag, exponent, contact, stiffness, lower, toLower }),
  };
}

/** Where the fitted laws meet the limits; one that is open above is met where the lower one is. */
function anglesTo(
  fits: readonly Fitted[],
  band: Band,
  now: number,
): Readonly<Record<'toLower' | 'toTarget' | 'toUpper', AngleRange>> {
  const lower = band.lower ?? 0;
  const to = (torque: number) => rangeTo(fits, torque, now);
  return {
    toLower: to(lower),
    toTarget: to(bandTarget({ ...band, lower })),
    toUpper: to(band.upper ?? lower),
  };
}

/** The law that was fitted, and where it meets the band. */
function workingOf({
  sealDrag,
  exponent,
  contact,
  stiffness,
  lower,
  toLower,
}: {
  readonly sealDrag: number;
  readonly exponent: number;
  readonly contact: number;
  readonly stiffness: number;
  readonly lower: number;
  readonly toLower: AngleRange;
}): readonly WorkingLine[] {
  return [
    line(
      'The rise, n held',
      'T = T₀ + k·(θ − θc)ⁿ',
      [
        ['T₀', sealDrag, 'torque'],
        ['n', exponent, 'number'],
        ['θc', contact, 'angle'],
      ],
      ['k, N·m/°ⁿ', stiffness, 'number'],
      'sleeveLaw',
    ),
    line(
      'Angle to the limits',
      'θ = θc + ((T − T₀)/k)^(1/n)',
      [
        ['T', lower + sealDrag, 'torque'],
        ['earliest', toLower.least, 'angle'],
        ['latest', toLower.most, 'angle'],
      ],
      ['θ', toLower.likely, 'angle'],
      'sleeveLaw',
    ),
  ];
}

function requireSleeve(question: SleeveQuestion): SleeveQuestion {
  const { points, band, sealDrag, uncertainty } = question;
  requireInteger('points', points.length, { min: 1, max: 500 });
  points.forEach(({ angle, torque }, at) => {
    requireNumber(`points[${at}].angle`, angle, { min: 0, max: 7200, unit: '°' });
    requireNumber(`points[${at}].torque`, torque, { min: 0, max: 500, unit: 'N·m' });
    const before = points[at - 1];
    if (before !== undefined && angle < before.angle - 1e-9)
      refuse('contradiction', `points[${at}].angle`, angle, {
        id: 'neverBackedOff',
        angle: before.angle,
      });
  });
  requireBand(band, { min: 0, max: 500, unit: 'N·m' });
  requireNumber('sealDrag', sealDrag, { min: 0, max: 100, unit: 'N·m' });
  requireNumber('uncertainty', uncertainty, { above: 0, max: 10, unit: 'N·m' });
  return question;
}
