export { LEAST_OPENING, oilHoleOpening, type OilHoleOpening } from './oilHoleOpening.ts';
export { plainClearance, usualClearance, type PlainClearance } from './plainClearance.ts';
