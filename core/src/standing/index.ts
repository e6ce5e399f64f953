export { goalOf, standingOf } from './standingOf.ts';
