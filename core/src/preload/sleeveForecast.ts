import { bandTarget, studentFactor, type Band } from '../measure/index.ts';
import type { WorkingLine } from '../working/index.ts';
import { requireSleeve } from './requireSleeve.ts';
import { sleeveContact, type SleeveContact } from './sleeveContact.ts';
import {
  fitRise,
  rangeTo,
  type AngleRange,
  type Fitted,
  type SleeveFit,
  type SleevePoint,
} from './sleeveFit.ts';
import type { SleeveQuestion } from './sleeveQuestion.ts';
import { sleeveWorking } from './sleeveWorking.ts';

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
  /** Still play: how far the nut may go is what the play and the thread's lead allow, else a small step. */
  (
    | { readonly status: 'free'; readonly contact: SleeveContact }
    /** Too few points on the rise, or points that do not tell how far it is: small steps. */
    | { readonly status: 'closing'; readonly window: number | null }
    | { readonly status: 'unclear' }
    | {
        /** `near`: the next step may reach the band, so it is small. */
        readonly status: 'forecast' | 'near';
        readonly fit: SleeveFit;
        readonly toLower: AngleRange;
        readonly toTarget: AngleRange;
        readonly toUpper: AngleRange;
        /** Do not pass it without a reading: the earliest angle at which the band may be reached. */
        readonly stopLine: number;
        /** Most that the nut turns from the lower limit to the upper one, degrees; null where one is open. */
        readonly window: number | null;
      }
    /** Stop: in the band, at its upper limit, or past it, when the sleeve is scrap. */
    | { readonly status: 'inBand' | 'atLimit' | 'overshoot' }
  );

/** Step from the last play until the rise stands, degrees: tapered pairs go from there to mid limits in 7 to 20. Common practice, no source. */
export const SEARCH_STEP = 3;

/** The finest step a bar is moved by, and the share of the safe angle that is taken. Rules of this program. */
export const FINEST_STEP = 2;

const STEP_SHARE = 0.6;

/** Longest step by a forecast, degrees. A rule of this program. */
const LONGEST_FORECAST = 15;

/** Exponents between which the rise of tapered rollers lies; with a free one the forecast is three times as wide. */
export const EXPONENTS = { least: 1, likely: 1.2, most: 1.5 } as const;

/** So many standard uncertainties above the lower limit it is taken to be in band. A rule of this program. */
const PROOF = 2.5;

/** Steady turning differs from one turn to the next by this share. A rule of this program. */
const TURN_TO_TURN = 0.015;

/** Limits that lie closer together than this cannot be met by hand, degrees: the finest step and what a hand misses it by. A rule of this program. */
export const NARROW = 1.6 * FINEST_STEP;

/** A forecast that leaves more than this open tells nothing, degrees. A rule of this program. */
const MOST_OPEN = 180;

/** Points of the rise that are fitted. */
const LAST_POINTS = 5;

/** What a hand and a dial of hundredths leave open of a play, mm: a graduation at zero and at the reading. */
const USUAL_PLAY_UNCERTAINTY = 0.01 / Math.sqrt(6);

/**
 * Forecast the angle a collapsible sleeve has left. While there is play the rolling torque is that of the seal, and the nut
 * closes its thread's lead a turn at most: no step goes further than the play allows. From contact
 * `T = T₀ + k·max(0, θ − θc)ⁿ`. For a held n the law is a straight line in `(T − T₀)^(1/n)`, fitted to the last
 * points of the rise; its inverse prediction gives the angle to each limit with a two-sided 90 % range, taken over n
 * from 1 to 1.5. The next step is 0.6 of the way to the likely middle of the band, and of the way to the earliest
 * place of its upper limit, whichever is less; never less than the finest step.
 *
 * @throws InputError naming `points[n].angle` when it falls (a nut is never backed off: preload is lost), or a field
 * @example sleeveForecast({ points: [{ angle: 0, torque: 0.4, endPlay: 0.3 }], band, sealDrag: 0.4, uncertainty: 0.03, lead: 1.5 }).step // 70
 */
export function sleeveForecast(question: SleeveQuestion): SleeveForecast {
  const { points, band, sealDrag, uncertainty } = requireSleeve(question);
  const last = points.at(-1)!;
  const above = last.torque - sealDrag;
  const reading = Math.hypot(uncertainty, TURN_TO_TURN * last.torque);
  const noise = 2 * Math.hypot(uncertainty, TURN_TO_TURN * sealDrag);
  const { angle: now, torque } = last;
  const common = { now, torque, above, working: [] as readonly WorkingLine[] };
  const stopped = stopsAt(above, band, uncertainty);
  if (stopped !== null) return { ...common, status: stopped, step: 0 };
  const contact = sleeveContact(points, {
    lead: question.lead ?? null,
    playUncertainty: question.playUncertainty ?? USUAL_PLAY_UNCERTAINTY,
    searchStep: SEARCH_STEP,
  });
  const rise = points.filter(({ torque }) => torque - sealDrag > noise).slice(-LAST_POINTS);
  if (rise.length === 0)
    return { ...common, status: 'free', step: contact.step, contact, working: contact.working };
  const steepest = firstRise(points, sealDrag, noise);
  const window = steepest === null ? null : windowOf(steepest, band);
  const closing = {
    ...common,
    status: 'closing',
    step: window !== null && window < NARROW ? FINEST_STEP : SEARCH_STEP,
    window,
  } as const;
  if (rise.length < 2 || !risesBy(rise, noise)) return closing;
  const fits = [EXPONENTS.least, EXPONENTS.likely, EXPONENTS.most].map((exponent) =>
    fitRise(rise, sealDrag, reading, exponent),
  );
  const [, likely] = fits;
  if (fits.some((fit) => fit === null)) return closing;
  const { toLower, toTarget, toUpper } = anglesTo(fits as readonly Fitted[], band, last.angle);
  if (toLower.most - toLower.least > MOST_OPEN || toLower.likely - last.angle > 2 * MOST_OPEN)
    return { ...common, status: 'unclear', step: SEARCH_STEP };
  const step = forecastStep(last.angle, toTarget, toUpper);
  const { exponent, contact: start, stiffness } = likely!;
  return {
    ...common,
    status: step <= 2 * FINEST_STEP ? 'near' : 'forecast',
    step,
    fit: { exponent, contact: start, stiffness },
    toLower,
    toTarget,
    toUpper,
    stopLine: Math.max(last.angle, toLower.least),
    window: windowOf(fits as readonly Fitted[], band),
    working: sleeveWorking({
      sealDrag,
      exponent,
      contact: start,
      stiffness,
      lower: band.lower ?? 0,
      toLower,
    }),
  };
}

/** Towards the likely place of the band, but never to where its upper limit may be at the earliest. Degrees. */
const forecastStep = (now: number, toTarget: AngleRange, toUpper: AngleRange): number =>
  Math.max(
    FINEST_STEP,
    Math.min(LONGEST_FORECAST, toTarget.likely - now, STEP_SHARE * (toUpper.least - now)),
  );

/** Why tightening stops; null where it goes on. */
function stopsAt(
  above: number,
  band: Band,
  uncertainty: number,
): 'inBand' | 'atLimit' | 'overshoot' | null {
  const upper = band.upper ?? Infinity;
  const lower = band.lower ?? 0;
  const guard = studentFactor(Infinity) * uncertainty;
  if (above > upper + guard) return 'overshoot';
  if (above > upper - guard) return 'atLimit';
  // In band by what the reading is worth, so that the proof afterwards stands; the middle where the band is too narrow for that.
  const enough = Math.min(
    lower + PROOF * uncertainty,
    Number.isFinite(upper) ? (lower + upper) / 2 : Infinity,
  );
  return above >= enough ? 'inBand' : null;
}

/** Whether the last points stand above the first by more than readings scatter: else what looks like a rise is noise. */
function risesBy(rise: readonly SleevePoint[], noise: number): boolean {
  const [first, last] = [rise[0]!, rise.at(-1)!];
  return last.angle > first.angle && last.torque - first.torque > noise;
}

/**
 * The gentlest laws that the first point of the rise allows: the rollers took no more than what cannot be read where the
 * torque was still the seal's. Null before the rise, or where the first reading already has one.
 */
function firstRise(
  points: readonly SleevePoint[],
  sealDrag: number,
  noise: number,
): readonly SleeveFit[] | null {
  const first = points.findIndex(({ torque }) => torque - sealDrag > noise);
  const [before, after] = [points[first - 1], points[first]];
  if (before === undefined || after === undefined || after.angle <= before.angle) return null;
  return [EXPONENTS.least, EXPONENTS.likely, EXPONENTS.most].map((exponent) => {
    const y = (torque: number) => torque ** (1 / exponent);
    const slope = (y(after.torque - sealDrag) - y(noise)) / (after.angle - before.angle);
    return { exponent, stiffness: slope ** exponent, contact: before.angle - y(noise) / slope };
  });
}

/** Angle of the nut between both limits, degrees: the widest of the laws; null where one is open. */
function windowOf(fits: readonly SleeveFit[], { lower, upper }: Band): number | null {
  if (upper === null) return null;
  const widths = fits.map(({ stiffness, exponent }) => {
    const at = (torque: number) => (torque / stiffness) ** (1 / exponent);
    return at(upper) - at(lower ?? 0);
  });
  return Math.max(...widths);
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
