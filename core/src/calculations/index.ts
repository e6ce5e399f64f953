export { calculate, CATALOGUE, type Calculation } from './catalogue.ts';
export { describeType, type Field } from './field.ts';
