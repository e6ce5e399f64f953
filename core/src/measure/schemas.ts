import {
  degrees,
  identifier,
  leftOut,
  millimetres,
  number,
  oneOf,
  orNull,
  record,
  text,
  type Schema,
} from '../schema/index.ts';
import type { Band } from './band.ts';
import type { IndicatorSetting } from './indicatorSetting.ts';
import type { Instrument } from './instrument.ts';
import { INSTRUMENT_KIND_NAMES } from './instrumentKinds.ts';

const limit = orNull(number(-500, 500));

/** A band in the core unit of its spec; null is an open limit. What its kind allows is a rule that joins fields. */
export const BAND_SCHEMA: Schema<Band> = record({ lower: limit, upper: limit, target: limit });

/** An instrument's card. */
export const INSTRUMENT_SCHEMA: Schema<Instrument> = record({
  id: identifier(),
  name: text(80, 1),
  graduation: millimetres(0.0001, 1),
  calibrationUncertainty: millimetres(0, 1),
  range: millimetres(0.001, 200),
  kind: leftOut(oneOf(INSTRUMENT_KIND_NAMES)),
  countsIn: leftOut(oneOf(['mm', 'in'])),
});

/** How the indicator stands. */
export const INDICATOR_SCHEMA: Schema<IndicatorSetting> = record({
  contact: oneOf(['faceSquareToTravel', 'lever', 'faceSquareToPlunger']),
  angle: degrees(0, 45),
});
