export { LEAST_OPENING, oilHoleOpening, type OilHoleOpening } from './oilHoleOpening.ts';
export {
  plainClearance,
  usualBushClearance,
  usualClearance,
  type PlainClearance,
} from './plainClearance.ts';
export { reamSize, type ReamSize } from './reamSize.ts';
