import {
  identifier,
  leftOut,
  millimetres,
  number,
  oneOf,
  record,
  text,
  type Schema,
} from '../schema/index.ts';
import type { ClampInput } from './clampShortening.ts';
import type { CordPull } from './cordTorque.ts';
import { TORQUE_TOOL_KINDS, type TorqueTool } from './torqueTool.ts';

/** A torque tool's card. */
export const TORQUE_TOOL_SCHEMA: Schema<TorqueTool> = record({
  id: identifier(),
  name: text(80, 1),
  graduation: number(0.001, 50, 'N·m'),
  calibrationUncertainty: number(0, 50, 'N·m'),
  least: number(0, 2000, 'N·m'),
  most: number(0.001, 5000, 'N·m'),
  kind: leftOut(oneOf(TORQUE_TOOL_KINDS)),
});

/** A pull on a cord. */
export const CORD_PULL_SCHEMA: Schema<CordPull> = record({
  force: number(0, 2000, 'N'),
  radius: millimetres(0.5, 1000),
  cord: millimetres(0, 20),
});

/** What a shortening under the nut is worked out from. */
export const CLAMP_SCHEMA: Schema<ClampInput> = record({
  trialTorque: number(0, 5000, 'N·m'),
  finalTorque: number(0, 5000, 'N·m'),
  thread: millimetres(2, 200),
  nutFactor: number(0.05, 0.5),
  length: millimetres(0.1, 1000),
  area: number(0.1, 100_000, 'mm²'),
  modulus: number(1000, 1_000_000, 'MPa'),
});
