import { ArrayMaxSize, IsArray, IsIn } from 'class-validator';

import { GAIN_TABLE } from '@wendaxis/core/arrangement';
import {
  DETAIL_NAMES,
  DETAIL_TABLE,
  MOST_AXES,
  MOST_PARTS,
  MOST_STATIONS,
  PART_KINDS,
  SPEC_KIND_NAMES,
  STATION_KINDS,
  type DetailName,
} from '@wendaxis/core/unit';

import { applyDecorators } from '../applyDecorators.ts';
import {
  Bounded,
  CheckedByCore,
  Identifier,
  ListOf,
  MayBeLeftOut,
  Millimetres,
  OneOf,
  OrNull,
  PlainText,
} from '../decorators.ts';

const ARRANGEMENTS = [...new Set(GAIN_TABLE.map(({ arrangement }) => arrangement))];

/** A list of what is set on an axis. */
function SpecKinds(): PropertyDecorator {
  return applyDecorators(
    IsArray({ message: 'must be a list' }),
    ArrayMaxSize(SPEC_KIND_NAMES.length),
    IsIn(SPEC_KIND_NAMES, { each: true, message: `must be of ${SPEC_KIND_NAMES.join(', ')}` }),
  );
}

export class PartDto {
  @Identifier() id!: string;
  @PlainText(80, 1) name!: string;
  @OneOf(PART_KINDS) kind!: string;
  @OrNull() @CheckedByCore() material!: unknown;
  @OrNull() @Bounded(0.001, 5000, 'kg') mass!: number | null;
  @OrNull() @Bounded(0.0001, 50, 'm²') area!: number | null;
  @OrNull() @Millimetres(0.1, 500) wall!: number | null;
}

/** A station; its details follow below, from the core's table. */
export class StationDto {
  @Identifier() id!: string;
  @OneOf(STATION_KINDS) kind!: string;
  @PlainText(80, 1) name!: string;
  @Millimetres(-5000, 5000) at!: number;
  @Millimetres(0, 5000) width!: number;
  @Millimetres(0, 3000) inside!: number;
  @Millimetres(0, 3000) outside!: number;
  @Identifier() partId!: string;
}

function detailRule(name: DetailName): PropertyDecorator {
  const row = DETAIL_TABLE[name];
  if (row.type === 'choice') return OneOf(row.values);
  return row.type === 'text' ? PlainText(row.longest) : Bounded(row.least, row.most);
}
for (const name of DETAIL_NAMES)
  applyDecorators(MayBeLeftOut(), detailRule(name))(StationDto.prototype, name);

/** An axis without what stands on it. */
export class BareAxisDto {
  @Identifier() id!: string;
  @PlainText(80, 1) name!: string;
  @OneOf(ARRANGEMENTS) arrangement!: string;
  @SpecKinds() sets!: string[];
}

export class AxisDto extends BareAxisDto {
  @ListOf(MOST_STATIONS, () => StationDto) stations!: StationDto[];
}

export class UnitDto {
  @Identifier() id!: string;
  @PlainText(80, 1) name!: string;
  @PlainText(2000) description!: string;
  @ListOf(MOST_PARTS, () => PartDto) parts!: PartDto[];
  @ListOf(MOST_AXES, () => AxisDto) axes!: AxisDto[];
}
