export { judgeBoltLength } from './boltLength.ts';
export {
  FINDING_IDS,
  FINDINGS,
  REPAIR_IDS,
  REPAIRS,
  VERDICTS,
  type Finding,
  type FindingId,
  type InspectionVerdict,
  type Repair,
  type RepairId,
} from './findings.ts';
export { findingsOf, PART_FINDINGS } from './findingsOf.ts';
export { judgeRound, SHARE_OF_IT7, type PlacedSize, type RoundVerdict } from './judgeRound.ts';
export { looseBoreRemedy } from './looseBore.ts';
export {
  ANGLES,
  featuresOf,
  isFarFrom,
  PLANES,
  placesFor,
  requireSize,
  SIZE_FEATURE_TABLE,
  type SizeOf,
  SIZE_FEATURES,
  type Plane,
  type SizeFeature,
  type SizePlace,
} from './sizePlaces.ts';
