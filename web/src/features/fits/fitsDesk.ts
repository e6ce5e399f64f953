import { printedSizes } from '@wendaxis/core/bearings';
import {
  classFit,
  dropIn,
  fitAtTemperature,
  ringLimits,
  toleranceClass,
  type Ring,
  type ClassFit,
} from '@wendaxis/core/fits';
import { InputError } from '@wendaxis/core/faults';
import { BENCH_PRESS, waysIn, type WayIn } from '@wendaxis/core/heat';
import type { MaterialId } from '@wendaxis/core/materials';
import type { UnitSystem } from '@wendaxis/core/units';

import { readField } from '../../ui/QuantityField.tsx';

/** A quick question about a fit, as typed. */
export interface FitQuestion {
  readonly ring: 'outer' | 'inner';
  /** What is printed on the bearing; its sizes follow where the number is known. */
  readonly printed: string;
  readonly diameter: string;
  readonly other: string;
  readonly width: string;
  /** A class such as H7, or one measured size; the ring's side may be left empty. */
  readonly hole: string;
  readonly shaft: string;
  /** What the seat is made of; empty until it is said. */
  readonly material: MaterialId | '';
  readonly partTemperature: string;
  readonly ringTemperature: string;
}

export const EMPTY_QUESTION: FitQuestion = {
  ring: 'outer',
  printed: '',
  diameter: '',
  other: '',
  width: '',
  hole: '',
  shaft: '',
  material: '',
  partTemperature: '100 C',
  ringTemperature: '20 C',
};

/** The answer: the fit cold, at the temperatures given, and what it takes to get it together. mm, °C. */
export interface FitAnswer {
  readonly fit: ClassFit;
  /** The tightest pair at the temperatures given. */
  readonly hot: number;
  /** Part temperature at which a ring drops in; null for an inner ring. */
  readonly dropIn: number | null;
  readonly ways: readonly WayIn[];
}

/** A question in which something was changed: a number that is known, or three sizes, fill in the sizes for its ring. */
export function changedQuestion(
  question: FitQuestion,
  change: Partial<FitQuestion>,
  shown: (mm: number) => string,
): FitQuestion {
  const changed = { ...question, ...change };
  if (change.printed === undefined && change.ring === undefined) return changed;
  const sizes = printedSizes(changed.printed);
  if (sizes === null) return changed;
  const isOuter = changed.ring === 'outer';
  return {
    ...changed,
    diameter: shown(isOuter ? sizes.outside : sizes.bore),
    other: shown(isOuter ? sizes.bore : sizes.outside),
    width: shown(sizes.width),
  };
}

/** Answer the question, or say what is wrong; null while something is missing. */
export function answerFit(
  question: FitQuestion,
  system: UnitSystem,
): FitAnswer | InputError | null {
  const length = (text: string) => numberOf(text, 'length', system);
  const [diameter, other, width] = [question.diameter, question.other, question.width].map(length);
  const [part, ring] = [question.partTemperature, question.ringTemperature].map((text) =>
    numberOf(text, 'temperature', system),
  );
  const { material } = question;
  if (material === '') return null;
  if (diameter == null || other == null || width == null || part == null || ring == null)
    return null;
  const isOuter = question.ring === 'outer';
  if ((isOuter ? question.hole : question.shaft).trim() === '') return null;
  try {
    const size = (field: 'hole' | 'shaft') =>
      sizeOf(question[field], diameter, system, {
        field,
        ring: (field === 'hole') === isOuter ? null : question.ring,
      });
    const fit = classFit(size('shaft'), size('hole'));
    const steel = { material: 'bearingSteel' as const, temperature: ring };
    const seat = { material, temperature: part };
    return {
      fit,
      hot: fitAtTemperature(
        fit.most,
        diameter,
        isOuter ? { inner: steel, outer: seat } : { inner: seat, outer: steel },
      ),
      dropIn: isOuter ? dropIn({ diameter, tightest: fit.most, material }).withRoomRing : null,
      ways: waysIn({
        ring: question.ring,
        diameter,
        other,
        width,
        tightest: fit.most,
        material,
        sealed: false,
        pressRating: BENCH_PRESS,
      }),
    };
  } catch (error) {
    if (error instanceof InputError) return error;
    throw error;
  }
}

function numberOf(text: string, kind: 'length' | 'temperature', system: UnitSystem): number | null {
  const reading = readField(text, kind, system);
  return reading.status === 'read' ? reading.quantity.value : null;
}

/** A measured size where a number was typed, else a class; a ring of which nothing is said has its Normal class. */
function sizeOf(
  text: string,
  nominal: number,
  system: UnitSystem,
  { field, ring }: { readonly field: string; readonly ring: Ring | null },
) {
  if (ring !== null && text.trim() === '') return ringLimits(nominal, ring, 'radial');
  const measured = /^[\d.]/u.test(text.trim()) ? numberOf(text, 'length', system) : null;
  return measured === null
    ? toleranceClass(text, nominal, field)
    : { least: measured, most: measured };
}
