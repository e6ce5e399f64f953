import { IsIn } from 'class-validator';

import { INSTRUMENT_KIND_NAMES } from '@wendaxis/core/measure';

import {
  Bounded,
  Degrees,
  Identifier,
  MayBeLeftOut,
  Millimetres,
  OneOf,
  OrNull,
  PlainText,
} from '../decorators.ts';

/** A band in the core unit of its spec; null is an open limit. The core checks what its kind allows. */
export class BandDto {
  @OrNull() @Bounded(-500, 500) lower!: number | null;
  @OrNull() @Bounded(-500, 500) upper!: number | null;
  @OrNull() @Bounded(-500, 500) target!: number | null;
}

/** An instrument's card. */
export class InstrumentDto {
  @Identifier() id!: string;
  @PlainText(80, 1) name!: string;
  @Millimetres(0.0001, 1) graduation!: number;
  @Millimetres(0, 1) calibrationUncertainty!: number;
  @Millimetres(0.001, 200) range!: number;
  @MayBeLeftOut() @OneOf(INSTRUMENT_KIND_NAMES) kind?: string;
  @MayBeLeftOut() @OneOf(['mm', 'in']) countsIn?: string;
}

/** How the indicator stands. */
export class IndicatorDto {
  @IsIn(['faceSquareToTravel', 'lever', 'faceSquareToPlunger'], {
    message: 'must be faceSquareToTravel, lever or faceSquareToPlunger',
  })
  contact!: 'faceSquareToTravel' | 'lever' | 'faceSquareToPlunger';

  @Degrees(0, 45) angle!: number;
}
