export { checkShape, describeType, type Field } from './field.ts';
