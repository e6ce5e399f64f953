import type { Band } from './band.ts';
import { decide, type DecisionWord } from './decision.ts';
import { calibration, combine, repeat, resolution, type Component } from './uncertainty.ts';
import { certified, uncertified } from './uncertified.ts';

/** What would turn "cannot decide" into an answer, if the value stays where it is. */
export type Remedy =
  | { readonly kind: 'moreCycles'; readonly extra: number; readonly expected: DecisionWord }
  | {
      readonly kind: 'finerGraduation';
      readonly graduation: number;
      readonly expected: DecisionWord;
    }
  /** The same graduation, with a certificate. */
  | { readonly kind: 'certificate'; readonly expected: DecisionWord }
  /** The value stands on the limit: no instrument settles that; a better pack does. */
  | { readonly kind: 'movePlay' };

/** Graduations an indicator is commonly had with, mm, coarse to fine (0.0005 in and 0.0001 in among them). */
const GRADUATIONS = [0.0127, 0.01, 0.005, 0.00254, 0.002, 0.001] as const;

/** More cycles than this are not worth asking for at a bench. */
const MOST_EXTRA_CYCLES = 12;

/**
 * What would decide a value that cannot be decided now.
 *
 * More cycles shrink only the repeat; a certificate only the calibration; a finer indicator the resolution, and it is one
 * without a certificate where that is better than the present one. Each is tried alone, the fewest cycles and the coarsest
 * graduation that decide are returned; when none does, the play itself has to be moved away from the limit.
 *
 * @param travels the used travels, one list for each position
 * @param components the contributions the present uncertainty was combined from
 */
export function whatWouldDecide(input: {
  readonly low: number;
  readonly high: number;
  readonly band: Band;
  readonly graduation: number;
  readonly travels: readonly (readonly number[])[];
  readonly components: readonly Component[];
}): readonly Remedy[] {
  const word = (components: readonly Component[]): DecisionWord =>
    decide(input.low, input.high, input.band, combine(components).expanded).word;
  const others = (name: string) => input.components.filter((component) => component.name !== name);

  const extra = range(1, MOST_EXTRA_CYCLES).find(
    (count) => word([...others('repeat'), moreOf(input.travels, count)]) !== 'cannotDecide',
  );
  const now = input.components.find(({ name }) => name === 'calibration')?.standard ?? 0;
  const withCertificate = calibration(Math.min(now, certified(input.graduation)));
  const certificate = word([...others('calibration'), withCertificate]);
  const wordAt = (graduation: number): DecisionWord =>
    word([
      ...others('resolution').filter(({ name }) => name !== 'calibration'),
      resolution(graduation),
      calibration(Math.min(now, uncertified(graduation))),
    ]);
  const finer = GRADUATIONS.find(
    (graduation) => graduation < input.graduation - 1e-9 && wordAt(graduation) !== 'cannotDecide',
  );
  const remedies: Remedy[] = [];
  if (extra !== undefined) {
    const expected = word([...others('repeat'), moreOf(input.travels, extra)]);
    remedies.push({ kind: 'moreCycles', extra, expected });
  }
  if (certificate !== 'cannotDecide') remedies.push({ kind: 'certificate', expected: certificate });
  if (finer !== undefined)
    remedies.push({ kind: 'finerGraduation', graduation: finer, expected: wordAt(finer) });
  return remedies.length === 0 ? [{ kind: 'movePlay' }] : remedies;
}

/** The repeat to expect after `extra` more cycles at each position with the same scatter. */
function moreOf(travels: readonly (readonly number[])[], extra: number): Component {
  const now = repeat(...travels);
  const n = Math.min(...travels.map((group) => group.length));
  return {
    ...now,
    standard: now.standard * Math.sqrt(n / (n + extra)),
    degreesOfFreedom: now.degreesOfFreedom + extra * travels.length,
  };
}

function range(from: number, to: number): readonly number[] {
  return Array.from({ length: to - from + 1 }, (_, index) => from + index);
}
