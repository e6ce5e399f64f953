export { describeType, type Field } from '../shape/index.ts';
export type { Calculation } from './calculation.ts';
export { calculate, CATALOGUE } from './catalogue.ts';
