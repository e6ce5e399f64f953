export { checkShape, describeType, type Field } from './field.ts';
export type { Range } from './range.ts';
