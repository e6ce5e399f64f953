import { refuse, requireNumber } from '../faults/index.ts';

/** A wrench is read in torque; a spring scale in the pull of a cord. */
export const TORQUE_TOOL_KINDS = ['wrench', 'scale'] as const;

export type TorqueToolKind = (typeof TORQUE_TOOL_KINDS)[number];

/** A torque wrench, or a spring scale brought to torque. N·m. */
export interface TorqueTool {
  readonly id: string;
  readonly name: string;
  readonly graduation: number;
  readonly calibrationUncertainty: number;
  /** Below the first and above the second it does not tell. */
  readonly least: number;
  readonly most: number;
  /** A wrench where it is not said. */
  readonly kind?: TorqueToolKind;
}

/** Check that a tool can tell a reading at all. @throws InputError naming `field` */
export function requireInRange(
  { least, most, name }: TorqueTool,
  value: number,
  field: string,
): void {
  requireNumber(field, value, { min: 0, max: 2000, unit: 'N·m' });
  if (value > most) refuse('outOfRange', field, value, { id: 'toolEnds', most, tool: name });
  if (value > 0 && value < least)
    refuse('outOfRange', field, value, { id: 'toolTells', least, tool: name });
}

/** Check the card of a tool. @throws InputError naming `tool.…` */
export function requireTool(tool: TorqueTool): TorqueTool {
  requireNumber('tool.graduation', tool.graduation, { above: 0, max: 50, unit: 'N·m' });
  requireNumber('tool.calibrationUncertainty', tool.calibrationUncertainty, {
    min: 0,
    max: 50,
    unit: 'N·m',
  });
  requireNumber('tool.least', tool.least, { min: 0, max: 2000, unit: 'N·m' });
  requireNumber('tool.most', tool.most, { above: tool.least, max: 5000, unit: 'N·m' });
  return tool;
}
