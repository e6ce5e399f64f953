import { InputError, refuse, requireNumber, requireText } from '@wendaxis/core/faults';
import { FIGURES, type FigureKind } from '@wendaxis/core/figures';
import { requireSpecBand, type Spec } from '@wendaxis/core/job';
import type { Axis } from '@wendaxis/core/unit';
import type { UnitSystem } from '@wendaxis/core/units';

import { readField } from '../../ui/QuantityField.tsx';

/** A band as it is typed. */
export interface SpecTexts {
  readonly lower: string;
  readonly upper: string;
  readonly source: string;
  /** Of rolling torque: whether the figure is with the seal in. */
  readonly withSeal: boolean;
  /** Of rolling torque: the axis at which it is read, through the gears; empty for its own. */
  readonly throughAxis: string;
  /** Teeth of the driven gear over those of the driver. */
  readonly ratio: string;
  /** Of backlash: the most it may differ round the gear; empty for what is usual. */
  readonly mostRange: string;
}

export const EMPTY_SPEC: SpecTexts = {
  lower: '',
  upper: '',
  source: '',
  withSeal: false,
  throughAxis: '',
  ratio: '',
  mostRange: '',
};

/** What is recorded of a band. */
export type EnteredSpec = Pick<Spec, 'band' | 'source' | 'sealDrag' | 'through' | 'mostRange'>;

/** The band, or what is wrong with what was typed. */
export function specFrom(
  texts: SpecTexts,
  kind: FigureKind,
  system: UnitSystem,
): EnteredSpec | InputError {
  try {
    const band = {
      lower: limit('lower', texts.lower, kind, system),
      upper: limit('upper', texts.upper, kind, system),
      target: null,
    };
    requireSpecBand(kind, band);
    const source = requireText('source', texts.source, 300).trim();
    if (kind === 'backlash') {
      const most = limit('mostRange', texts.mostRange, kind, system);
      if (most === null) return { band, source };
      const mostRange = requireNumber('mostRange', most, { min: 0.005, max: 1, unit: 'mm' });
      return { band, source, mostRange };
    }
    if (kind !== 'rollingTorque') return { band, source };
    const sealDrag = texts.withSeal ? 'included' : 'excluded';
    if (texts.throughAxis === '') return { band, source, sealDrag };
    const ratio = requireNumber('ratio', Number(texts.ratio.replace(',', '.')), {
      min: 0.2,
      max: 20,
    });
    return { band, source, sealDrag, through: { axisId: texts.throughAxis, ratio } };
  } catch (error) {
    if (error instanceof InputError) return error;
    throw error;
  }
}

/** A limit in core units; null where it is left open. */
function limit(field: string, text: string, kind: FigureKind, system: UnitSystem): number | null {
  const reading = readField(text, FIGURES[kind].quantity, system);
  if (reading.status === 'unreadable') return refuse('unreadable', field, text, reading.wanted);
  return reading.status === 'read' ? reading.quantity.value : null;
}

/** Teeth of the ring gear over those of the pinion, as described; nothing where they are not. */
export function ratioOf(carrier: Axis, pinion: Axis | undefined): string {
  const teeth = (axis: Axis | undefined) =>
    axis?.stations.find((one) => one.kind === 'gear')?.teeth;
  const [driven, driver] = [teeth(carrier), teeth(pinion)];
  return driven === undefined || driver === undefined ? '' : (driven / driver).toFixed(3);
}
