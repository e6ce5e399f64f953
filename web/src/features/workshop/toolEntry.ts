import { InputError, requireText } from '@wendaxis/core/faults';
import { requireTool, type TorqueTool, type TorqueToolKind } from '@wendaxis/core/preload';
import type { UnitSystem } from '@wendaxis/core/units';

import { readField } from '../../ui/QuantityField.tsx';

/** A torque tool's card as typed; bare numbers are in the screen's unit. */
export interface ToolTexts {
  readonly name: string;
  readonly kind: TorqueToolKind;
  readonly graduation: string;
  /** Standard uncertainty of its calibration; empty where there is no certificate: half a graduation. */
  readonly calibrationUncertainty: string;
  readonly least: string;
  readonly most: string;
}

export const EMPTY_TOOL: ToolTexts = {
  name: '',
  kind: 'wrench',
  graduation: '',
  calibrationUncertainty: '',
  least: '',
  most: '',
};

/** The card, or what is wrong with it. */
export function toolFrom(
  texts: ToolTexts,
  id: string,
  system: UnitSystem,
): TorqueTool | InputError {
  const torque = (text: string): number => {
    const reading = readField(text, 'torque', system);
    return reading.status === 'read' ? reading.quantity.value : NaN;
  };
  const graduation = torque(texts.graduation);
  const certified = texts.calibrationUncertainty.trim() !== '';
  try {
    return requireTool({
      id,
      name: requireText('name', texts.name, 80).trim(),
      graduation,
      calibrationUncertainty: certified ? torque(texts.calibrationUncertainty) : graduation / 2,
      least: torque(texts.least),
      most: torque(texts.most),
      kind: texts.kind,
    });
  } catch (error) {
    if (error instanceof InputError) return error;
    throw error;
  }
}
