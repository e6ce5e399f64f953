import { InputError, refuse, requireNumber, requireText } from '@wendaxis/core/faults';
import { uncertified, type Instrument, type InstrumentKind } from '@wendaxis/core/measure';
import type { UnitSystem } from '@wendaxis/core/units';

import { readField } from '../../ui/QuantityField.tsx';

/** An instrument's card as typed. */
export interface InstrumentTexts {
  readonly name: string;
  readonly kind: InstrumentKind;
  readonly countsIn: 'mm' | 'in';
  /** One graduation, a bare number in what it counts. */
  readonly graduation: string;
  /** How far it reads, likewise. */
  readonly range: string;
  /** Standard uncertainty of its calibration, likewise; empty where there is no certificate. */
  readonly calibration: string;
}

export const EMPTY_INSTRUMENT: InstrumentTexts = {
  name: '',
  kind: 'dial',
  countsIn: 'mm',
  graduation: '',
  range: '',
  calibration: '',
};

/** A length on the card; a bare number counts what the instrument counts. mm; NaN where it cannot be read. */
export function cardLength(text: string, countsIn: 'mm' | 'in'): number {
  const system: UnitSystem = countsIn === 'in' ? 'inch' : 'metric';
  const reading = readField(text, 'length', system);
  return reading.status === 'read' ? reading.quantity.value : NaN;
}

/** The card, or what is wrong with it. */
export function instrumentFrom(texts: InstrumentTexts, id: string): Instrument | InputError {
  const { name, kind, countsIn } = texts;
  try {
    requireText('name', name, 80);
    const graduation = requireNumber('graduation', cardLength(texts.graduation, countsIn), {
      min: 0.0001,
      max: 1,
      unit: 'mm',
    });
    const range = requireNumber('range', cardLength(texts.range, countsIn), {
      min: graduation,
      max: 200,
      unit: 'mm',
    });
    const certified = texts.calibration.trim() !== '';
    const calibrationUncertainty = certified
      ? cardLength(texts.calibration, countsIn)
      : uncertified(graduation);
    requireNumber('calibration', calibrationUncertainty, { min: 0, max: 1, unit: 'mm' });
    if (certified && calibrationUncertainty > 5 * graduation)
      refuse('contradiction', 'calibration', calibrationUncertainty, { id: 'mostGraduations' });
    return {
      id,
      name: name.trim(),
      graduation: round(graduation),
      calibrationUncertainty: round(calibrationUncertainty),
      range: round(range),
      kind,
      countsIn,
    };
  } catch (error) {
    if (error instanceof InputError) return error;
    throw error;
  }
}

/** To a hundredth of a micrometre: what arithmetic leaves behind it goes. */
function round(mm: number): number {
  return Math.round(mm * 1e5) / 1e5;
}
