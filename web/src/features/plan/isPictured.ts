import type { Step } from '@wendaxis/core/plan';

/** What moves something, or says how: of a step that is only looked at, measured or written down the picture shows no more than where. */
export const isPictured = ({ act, rows, faults, form }: Step): boolean =>
  faults.length === 0 &&
  form !== 'inspect' &&
  (PICTURED.has(act) || rows.some((row) => PICTURED.has(row.act)));

const PICTURED: ReadonlySet<Step['act']> = new Set([
  'open',
  'draw',
  'pull',
  'pressOut',
  'heat',
  'chill',
  'seat',
  'place',
  'close',
  'torque',
  'assemble',
  'fitPack',
  'fitSeal',
]);
