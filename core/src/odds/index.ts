export { jointOdds } from './jointOdds.ts';
export {
  orderSizes,
  type OrderableSize,
  type OrderAnswer,
  type OrderQuestion,
} from './orderSizes.ts';
export {
  packOdds,
  USUAL_DRAWS,
  whatRaisesOdds,
  type OddsQuestion,
  type OddsRaiser,
  type PackOdds,
  type ReadingParts,
} from './packOdds.ts';
export { drawsFrom, type Draws } from './random.ts';
export { scattered } from './scattered.ts';
