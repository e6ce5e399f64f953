import { AXLE_TEMPLATES } from './templates/axleTemplates.ts';
import { ENGINE_TEMPLATES } from './templates/engineTemplates.ts';
import { GEARBOX_TEMPLATES } from './templates/gearboxTemplates.ts';
import { PART_TEMPLATES } from './templates/partTemplates.ts';

/** Every template. */
export const TEMPLATE_TABLE = {
  ...GEARBOX_TEMPLATES,
  ...AXLE_TEMPLATES,
  ...ENGINE_TEMPLATES,
  ...PART_TEMPLATES,
};

export type UnitTemplate = keyof typeof TEMPLATE_TABLE;
export const UNIT_TEMPLATES = Object.keys(TEMPLATE_TABLE) as readonly UnitTemplate[];
