export type { StandingNow } from './fold.ts';
export { goalOf, standingNow, standingOf, startOf } from './standingOf.ts';
