export { findStation, requireUnit } from './requireUnit.ts';
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
