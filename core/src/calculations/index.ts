export { describeType, type Field } from '../shape/index.ts';
export { calculate, CATALOGUE, type Calculation } from './catalogue.ts';
