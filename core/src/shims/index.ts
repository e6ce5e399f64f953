export {
  proposePack,
  type NothingFits,
  type PackAnswer,
  type PackQuestion,
  type ProposedPack,
} from './proposePack.ts';
export { EQUAL_SUMS, rankPacks, type PackSearch, type RankedPack } from './rankPacks.ts';
export {
  micrometres,
  packThickness,
  requireStock,
  type PackPiece,
  type ShimSize,
} from './stock.ts';
export { fewestPieces, sumTable, type SumItem, type SumTable } from './sumTable.ts';
