export {
  withAxis,
  withoutEmptyDetails,
  withoutAxis,
  withoutPart,
  withoutStation,
  withPart,
  withStation,
} from './editUnit.ts';
export { DEPTH_MOVES, type Mesh } from './meshRow.ts';
export {
  gearsOf,
  meshOf,
  MOST_MESHES,
  pairOf,
  requireMesh,
  withMesh,
  withoutMesh,
  type MeshGear,
} from './mesh.ts';
export {
  MOST_OWN_STEPS,
  OWN_STEP_SCHEMA,
  OWN_STEP_SIDES,
  OWN_STEP_SOURCES,
  ownStepBase,
  requireOwnStep,
  withOwnStep,
  withoutOwnStep,
} from './ownStep.ts';
export { carrierSides, likelyMesh } from './likelyMesh.ts';
export { axisLike, type AddedAxis } from './axisLike.ts';
export { placeBeside } from './placeBeside.ts';
export { geometryFaults, type GeometryFaults } from './geometryFaults.ts';
export {
  findStation,
  requireAxis,
  requirePart,
  requireStation,
  requireUnit,
} from './requireUnit.ts';
export { isPressed, isSeparable, isTight, sitsTight } from './rings.ts';
export {
  drawnUpAt,
  preloadNutOf,
  setsZeroPlay,
  sleeveNut,
  sleeveOf,
  solidSpacerBetween,
} from './sleeve.ts';
export { opposite, SIDES, type Side } from './side.ts';
export { DETAIL_NAMES, DETAIL_TABLE, detailWords, type DetailRow } from './detailTable.ts';
export type { DetailName, LinesUp, RingEnds, StationDetails } from './stationDetails.ts';
export { isDrawn, knownSize, SIZE_WORDS, withSaid } from './sizes.ts';
export { STATION_KIND_TABLE, type StationKindRow } from './stationKinds.ts';
export { unitFromTemplate } from './templates.ts';
export { TEMPLATE_TABLE, UNIT_TEMPLATES, type UnitTemplate } from './templateTable.ts';
export { TEMPLATE_FAMILIES, type TemplateFamily, type TemplateRow } from './templateRow.ts';
export { KIND_OF_FAMILY, type TemplateBearing, type TemplateInput } from './layouts/layout.ts';
export {
  PART_KINDS,
  SIZE_NAMES,
  STATION_KINDS,
  type Axis,
  type OwnStep,
  type Part,
  type PartKind,
  type SizeName,
  type Station,
  type StationKind,
  type Unit,
} from './unit.ts';
export {
  MOST_AXES,
  MOST_PARTS,
  MOST_STATIONS,
  readUnitFile,
  UNIT_FILE_LONGEST,
  UNIT_FILE_VERSION,
  writeUnitFile,
  type UnitFile,
} from './unitFile.ts';
export {
  AXIS_SCHEMA,
  BARE_AXIS_SCHEMA,
  MESH_SCHEMA,
  PART_SCHEMA,
  STATION_SCHEMA,
  UNIT_SCHEMA,
} from './unitSchema.ts';
export { hasKind } from './hasKind.ts';
export { holdsOil } from './holdsOil.ts';
