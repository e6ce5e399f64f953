export { ACT_IDS, type Act, type ActId } from './acts.ts';
export { courseOf, type Course } from './courseOf.ts';
export { modelOf, type Model } from './model/index.ts';
export type { Row, RowMove } from './row.ts';
export { wholeStanding, type Goal, type Standing } from './standing.ts';
