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
  requireDriver,
  type Driver,
  type DriverVerdict,
  type DriverWanted,
} from './driver.ts';
