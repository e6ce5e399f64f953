export { inEveryUnit, type InEveryUnit } from './everyUnit.ts';
export { assumedUnit, fixed, formatQuantity, type ShownQuantity } from './formatQuantity.ts';
export { inSystem } from './inSystem.ts';
export { parseQuantity, tryParseQuantity, type TypedQuantity } from './parseQuantity.ts';
export { UNIT_TABLE, type QuantityKind, type UnitRow, type UnitSystem } from './unitTable.ts';
