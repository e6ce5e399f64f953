export { findStation, requireUnit } from './requireUnit.ts';
export {
  UNIT_TEMPLATES,
  unitFromTemplate,
  type TemplateBearing,
  type TemplateInput,
  type UnitTemplate,
} from './templates.ts';
export {
  STATION_KINDS,
  type Axis,
  type Part,
  type PartKind,
  type Side,
  type Station,
  type StationKind,
  type Unit,
} from './unit.ts';
