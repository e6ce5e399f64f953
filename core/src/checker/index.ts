export { checkPlan, type Came } from './checkPlan.ts';
export type { PlannedAct, Refusal } from './refusal.ts';
