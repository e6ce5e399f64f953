export {
  jointPacks,
  type JointAnswer,
  type JointChoice,
  type JointQuestion,
  type JointSite,
  type JointSpec,
} from './jointPacks.ts';
export { judgePack, type JudgedPack } from './judgePack.ts';
export type { PackQuestion } from './packQuestion.ts';
export {
  proposePack,
  type NothingFits,
  type PackAnswer,
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
