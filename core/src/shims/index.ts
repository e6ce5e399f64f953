export { servesSite, stockFor, type PackSite, type Serves } from './servesSite.ts';
export { looseFigures } from './looseFigures.ts';
export { jointPacks } from './jointPacks.ts';
export { jointOrder, type JointOrderLine } from './jointOrder.ts';
export {
  type JointAnswer,
  type JointChoice,
  type JointQuestion,
  type JointSite,
  type JointSpec,
} from './jointQuestion.ts';
export { judgePack, type JudgedPack } from './judgePack.ts';
export type { PackQuestion } from './packQuestion.ts';
export { packWords, pieceOrder } from './packWords.ts';
export {
  proposePack,
  type NothingFits,
  type PackAnswer,
  type ProposedPack,
} from './proposePack.ts';
export { rankPacks, type PackSearch } from './rankPacks.ts';
export { EQUAL_SUMS, type RankedPack } from './rankedPack.ts';
export {
  micrometres,
  packThickness,
  requireStock,
  type PackPiece,
  type ShimSize,
} from './stock.ts';
export { fewestPieces, sumTable, type SumItem, type SumTable } from './sumTable.ts';
export { sameSize } from './sameSize.ts';
export { shimFor, type ShimFor } from './shimFor.ts';
