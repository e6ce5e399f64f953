import { closureOf, printedSizes } from '@wendaxis/core/bearings';
import {
  classFit,
  fitAtTemperature,
  ringLimits,
  toleranceClass,
  type Ring,
  type ClassFit,
} from '@wendaxis/core/fits';
import { InputError } from '@wendaxis/core/faults';
import { ringLimitOf, waysIn, type WayIn } from '@wendaxis/core/heat';
import type { MaterialId } from '@wendaxis/core/materials';
import type { UnitSystem } from '@wendaxis/core/units';

import { readField } from '../../ui/QuantityField.tsx';
import { keptUnit } from './keptUnit.ts';

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
  /** What a bush is made of, where one goes in; empty for a bearing. */
  readonly bush: MaterialId | '';
  /** What the seat is made of; empty until it is said. */
  readonly material: MaterialId | '';
  /** To be tried; empty where the ways in are enough. */
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
  bush: '',
  material: '',
  partTemperature: '',
  ringTemperature: '',
};

/** The answer: the fit cold, at the temperatures given, and what it takes to get it together. mm, °C. */
export interface FitAnswer {
  readonly fit: ClassFit;
  /** The tightest pair at the temperatures given; null where none are. */
  readonly hot: number | null;
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

/**
 * Sizes and temperatures that were typed without a unit keep the one that they were typed in when the screen changes its units.
 */
export function inTypedUnits(question: FitQuestion, system: UnitSystem): FitQuestion {
  const unit = system === 'metric' ? { length: 'mm', degree: 'C' } : { length: 'in', degree: 'F' };
  const told = (name: 'diameter' | 'other' | 'width' | 'hole' | 'shaft', of: string) =>
    keptUnit(question[name], of);
  const warm = (name: 'partTemperature' | 'ringTemperature') =>
    keptUnit(question[name], unit.degree);
  return {
    ...question,
    diameter: told('diameter', unit.length),
    other: told('other', unit.length),
    width: told('width', unit.length),
    hole: told('hole', unit.length),
    shaft: told('shaft', unit.length),
    partTemperature: warm('partTemperature'),
    ringTemperature: warm('ringTemperature'),
  };
}

/**
 * Answer the question, or say what is wrong; null while something is missing.
 * @param pressRating of the workshop's press, N; null where nobody has said
 */
export function answerFit(
  question: FitQuestion,
  system: UnitSystem,
  pressRating: number | null = null,
): FitAnswer | InputError | null {
  const length = (text: string) => numberOf(text, 'length', system);
  const [diameter, other, width] = [question.diameter, question.other, question.width].map(length);
  const { material, bush } = question;
  if (material === '' || diameter == null || other == null || width == null) return null;
  const isOuter = question.ring === 'outer';
  if ((isOuter ? question.hole : question.shaft).trim() === '') return null;
  try {
    const size = (field: 'hole' | 'shaft') =>
      sizeOf(question[field], diameter, system, {
        field,
        ring: (field === 'hole') === isOuter || bush !== '' ? null : question.ring,
      });
    if (bush !== '' && (isOuter ? question.shaft : question.hole).trim() === '') return null;
    const fit = classFit(size('shaft'), size('hole'));
    const { closure, unread } = closureOf(question.printed);
    return {
      fit,
      hot: atTemperatures(question, system, { fit, diameter, material }),
      ways: waysIn({
        ring: question.ring,
        diameter,
        other,
        width,
        fit,
        material,
        sealed: closure === 'closed' || closure === 'unknown',
        ringLimit: ringLimitOf(closure, unread),
        pressRating,
        ...(bush === '' || !isOuter ? {} : { bush }),
      }),
    };
  } catch (error) {
    if (error instanceof InputError) return error;
    throw error;
  }
}

/** The tightest pair at the temperatures that were given; null where one was not. */
function atTemperatures(
  { ring, bush, partTemperature, ringTemperature }: FitQuestion,
  system: UnitSystem,
  {
    fit,
    diameter,
    material,
  }: {
    readonly fit: ClassFit;
    readonly diameter: number;
    readonly material: MaterialId;
  },
): number | null {
  const [part, own] = [partTemperature, ringTemperature].map((text) =>
    numberOf(text, 'temperature', system),
  );
  if (part == null || own == null) return null;
  const goesIn = {
    material: bush === '' ? ('bearingSteel' as const) : bush,
    temperature: own,
  };
  const seat = { material, temperature: part };
  return fitAtTemperature(
    fit.most,
    diameter,
    ring === 'outer' ? { inner: goesIn, outer: seat } : { inner: seat, outer: goesIn },
  );
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
