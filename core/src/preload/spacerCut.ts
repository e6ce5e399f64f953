import { refuse, requireNumber } from '../faults/index.ts';
import { line, type WorkingLine } from '../working/index.ts';

/** A solid spacer that was tried: its length, and the play it gave; play below 0 is preload. mm. */
export interface SpacerTrial {
  readonly length: number;
  readonly play: number;
}

/** What to turn off a solid spacer. mm. */
export interface SpacerCut {
  /** Length that gives the target. */
  readonly wanted: number;
  /** Computed cut, and what to take of it now: three quarters first, then measure, then the rest. */
  readonly cut: number;
  readonly now: number;
  /** Length to stop at now. */
  readonly stopAt: number;
  readonly working: readonly WorkingLine[];
}

/** Share of a computed cut that is taken first. Common practice, no source. */
export const FIRST_SHARE = 0.75;
/** A rest of no more than this is taken in one go, mm. A rule of this program. */
const LAST_CUT = 0.02;

/**
 * Length of a solid spacer between the cones (a longer one gives more play, gain +1). From one trial
 * `L* = L − (play − target)`; from a loose and a tight one by the straight line between them, which also shows what the
 * bearings give. A spacer can be turned shorter, never longer.
 *
 * @param trials one, or the loose and the tight one
 * @param target play to come to; below 0 preload, mm
 * @throws InputError naming `trials` when two lengths are the same or the longer does not give more play
 * @example spacerCut([{ length: 59, play: 0.15 }], -0.05).wanted // 58.8
 */
export function spacerCut(trials: readonly SpacerTrial[], target: number): SpacerCut {
  requireNumber('trials', trials.length, { min: 1, max: 2 });
  trials.forEach(({ length, play }, at) => {
    requireNumber(`trials[${at}].length`, length, { above: 0, max: 500, unit: 'mm' });
    requireNumber(`trials[${at}].play`, play, { min: -5, max: 20, unit: 'mm' });
  });
  requireNumber('target', target, { min: -5, max: 20, unit: 'mm' });
  const ordered = trials.toSorted((a, b) => b.length - a.length);
  const [long, short] = [ordered[0]!, ordered[1]];
  const gain = short === undefined ? 1 : slope(long, short);
  const from = short ?? long;
  const wanted = from.length + (target - from.play) / gain;
  // The long one is what can be turned down, unless the short one is still too long.
  const base = short !== undefined && short.length > wanted ? short : long;
  const cut = base.length - wanted;
  const now = cut <= 0 ? 0 : cut <= LAST_CUT ? cut : FIRST_SHARE * cut;
  return {
    wanted, cut, now, stopAt: base.length - now,
    working: [
      line('Gain of the spacer', 'gain = Δplay/ΔL', [['gain', gain, 'number']], ['gain', gain, 'number'], short === undefined ? 'loop' : 'twoTrials'),
      line('Length that gives the target', 'L* = L + (target − play)/gain', [['L', from.length, 'length'], ['target', target, 'length'], ['play', from.play, 'length']], ['L*', wanted, 'length'], 'loop'),
      line('Take now', 'cut·0.75, the rest when it is measured', [['cut', cut, 'length']], ['now', now, 'length'], 'creepUp'),
    ],
  };
} // prettier-ignore

function slope(long: SpacerTrial, short: SpacerTrial): number {
  if (long.length - short.length < 0.02) refuse('contradiction', 'trials', long.length, 'two lengths at least 0.02 mm apart');
  const gain = (long.play - short.play) / (long.length - short.length);
  return gain > 0.2 && gain < 1.5 ? gain : refuse('contradiction', 'trials', gain, 'more play with the longer spacer, by 0.2 to 1.5 of the difference: measure both again');
} // prettier-ignore

/**
 * How much shorter a clamped stack becomes when its nut goes from trial to final torque: `ΔL = ΔF·L/(E·A)`, F = T/(K·d).
 * So much play is lost between the two.
 *
 * @param area of the spacer's section, mm²; `modulus` MPa
 * @throws InputError naming the field
 */
export function clampShortening(input: {
  readonly trialTorque: number;
  readonly finalTorque: number;
  readonly thread: number;
  readonly nutFactor: number;
  readonly length: number;
  readonly area: number;
  readonly modulus: number;
}): number {
  requireNumber('trialTorque', input.trialTorque, { min: 0, max: 5000, unit: 'N·m' });
  requireNumber('finalTorque', input.finalTorque, { min: input.trialTorque, max: 5000, unit: 'N·m' });
  requireNumber('thread', input.thread, { above: 2, max: 200, unit: 'mm' });
  requireNumber('nutFactor', input.nutFactor, { min: 0.05, max: 0.5 });
  requireNumber('length', input.length, { above: 0, max: 1000, unit: 'mm' });
  requireNumber('area', input.area, { above: 0, max: 1e5, unit: 'mm²' });
  requireNumber('modulus', input.modulus, { min: 1000, max: 1e6, unit: 'MPa' });
  const force = ((input.finalTorque - input.trialTorque) * 1000) / (input.nutFactor * input.thread);
  return (force * input.length) / (input.modulus * input.area);
} // prettier-ignore
