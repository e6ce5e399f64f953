export { inchTaper } from './inchTapers.ts';
export { closureOf, type Closure } from './closure.ts';
export {
  compareBearings,
  type BearingComparison,
  type ComparisonLine,
  type OfferedBearing,
} from './compareBearings.ts';
export {
  type BearingDimensions,
  type BearingFamily,
  type DecodedBearing,
} from './decodedBearing.ts';
export { decodeDesignation } from './designation.ts';
export {
  CLEARANCE_CLASSES,
  CLEARANCE_TYPES,
  internalClearance,
  type ClearanceClass,
  type ClearanceType,
} from './internalClearance.ts';
export type { BearingSuffix } from './suffix.ts';
export { printedAs, type PrintedBearing } from './printedAs.ts';
export { printedSizes } from './printedSizes.ts';
export { taperedBore } from './taperedBore.ts';
export { typedSizes } from './typedSizes.ts';
