import { Type } from 'class-transformer';
import { ArrayMaxSize, IsArray, IsIn, ValidateNested } from 'class-validator';

import { GAIN_TABLE } from '@wendaxis/core/arrangement';
import { STATION_KINDS } from '@wendaxis/core/unit';

import { Identifier, Millimetres, OrNull, PlainText } from '../decorators.ts';

const PART_KINDS = ['case', 'cover', 'shaft'];
const ARRANGEMENTS = [...new Set(GAIN_TABLE.map(({ arrangement }) => arrangement))];
const PLACES = [...new Set(GAIN_TABLE.map(({ place }) => place))];

function oneOf(names: readonly string[]): PropertyDecorator {
  return IsIn(names, { message: `must be one of ${names.join(', ')}` });
}

export class PartDto {
  @Identifier() id!: string;
  @PlainText(80, 1) name!: string;
  @oneOf(PART_KINDS) kind!: string;
  @PlainText(80) material!: string;
}

export class StationDto {
  @Identifier() id!: string;
  @oneOf(STATION_KINDS) kind!: string;
  @PlainText(80, 1) name!: string;
  @Millimetres(-5000, 5000) at!: number;
  @Millimetres(0, 5000) width!: number;
  @Millimetres(0, 3000) inside!: number;
  @Millimetres(0, 3000) outside!: number;
  @Identifier() partId!: string;
  @OrNull() @oneOf(['left', 'right']) thrust!: string | null;
  @OrNull() @oneOf(PLACES) place!: string | null;
  @OrNull() @PlainText(40) designation!: string | null;
}

export class AxisDto {
  @Identifier() id!: string;
  @PlainText(80, 1) name!: string;
  @oneOf(ARRANGEMENTS) arrangement!: string;
  @IsArray()
  @ArrayMaxSize(60)
  @ValidateNested({ each: true })
  @Type(() => StationDto)
  stations!: StationDto[];
}

export class UnitDto {
  @Identifier() id!: string;
  @PlainText(80, 1) name!: string;
  @PlainText(2000) description!: string;
  @IsArray()
  @ArrayMaxSize(40)
  @ValidateNested({ each: true })
  @Type(() => PartDto)
  parts!: PartDto[];
  @IsArray()
  @ArrayMaxSize(12)
  @ValidateNested({ each: true })
  @Type(() => AxisDto)
  axes!: AxisDto[];
}
