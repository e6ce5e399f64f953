export {
  drawWith,
  requireRod,
  ROD_SCHEMA,
  rodThatWould,
  SHARE_OF_MILD,
  SHARE_OF_PROOF,
  type DrawVerdict,
  type Rod,
} from './drawRod.ts';
export {
  DRIVER_SCHEMA,
  driverFor,
  judgeDriver,
  noseOf,
  requireDriver,
  type DrivenBody,
  type Driver,
  type DriverVerdict,
  type DriverWanted,
} from './driver.ts';
export { requireSpacer, SPACER_SCHEMA, type Spacer } from './spacer.ts';
export {
  crossCheck,
  stackOf,
  stopStack,
  type StopPiece,
  type StopStack,
  type StopVerdict,
  type StopWanted,
} from './stopStack.ts';
