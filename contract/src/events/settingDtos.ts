import { IsBoolean } from 'class-validator';

import { PLAY_TERM_KINDS } from '@wendaxis/core/arrangement';

import {
  Bounded,
  Degrees,
  Identifier,
  ListOf,
  MayBeLeftOut,
  Millimetres,
  Nested,
  OneOf,
  OrNull,
  PlainText,
  Whole,
} from '../decorators.ts';
import { InstrumentDto } from './measureDtos.ts';

class PieceDto {
  @Identifier() sizeId!: string;
  @Millimetres(0.001, 20) thickness!: number;
  @Whole(1, 40) quantity!: number;
  @Millimetres(0, 0.1) uncertainty!: number;
}

export class PackDto {
  @Identifier() siteId!: string;
  @ListOf(40, () => PieceDto) pieces!: PieceDto[];
}

export class PackChosenDto extends PackDto {
  @Identifier() runId!: string;
}
export class PackFittedDto extends PackDto {
  @MayBeLeftOut() @IsBoolean({ message: 'must be true or false' }) trial?: boolean;
}
export class SpacerFittedDto {
  @Identifier() stationId!: string;
  @Millimetres(0.01, 500) length!: number;
  @Millimetres(0, 0.1) uncertainty!: number;
  @IsBoolean({ message: 'must be true or false' }) trial!: boolean;
}
export class SpacerFeltDto {
  @Identifier() stationId!: string;
  @OneOf(['loose', 'tight']) feel!: 'loose' | 'tight';
  @OrNull() @Millimetres(0, 20) play!: number | null;
}
class ShelfSpacerDto {
  @Identifier() id!: string;
  @Millimetres(0.01, 500) length!: number;
  @Millimetres(0, 0.1) uncertainty!: number;
}
export class SpacersListedDto {
  @Identifier() stationId!: string;
  @ListOf(40, () => ShelfSpacerDto) spacers!: ShelfSpacerDto[];
}
export class AdjusterTurnedDto {
  @Identifier() stationId!: string;
  @Degrees(-3600, 3600) angle!: number;
}
export class ClosingReadDto {
  @Identifier() stationId!: string;
  @Degrees(0, 7200) angle!: number;
  @Millimetres(0, 20) play!: number;
  @OrNull() @PlainText(40) typed!: string | null;
  @Nested(() => InstrumentDto) instrument!: InstrumentDto;
}
class PlayTermDto {
  @OneOf(PLAY_TERM_KINDS) kind!: string;
  @Millimetres(0, 200) trial!: number;
  @Millimetres(0, 200) final!: number;
  @Millimetres(0, 1) uncertainty!: number;
}
class ClampDto {
  @Bounded(0, 5000, 'N·m') trialTorque!: number;
  @Bounded(0, 5000, 'N·m') finalTorque!: number;
  @Millimetres(2, 200) thread!: number;
  @Bounded(0.05, 0.5) nutFactor!: number;
  @Millimetres(0.1, 1000) length!: number;
  @Bounded(0.1, 100_000, 'mm²') area!: number;
  @Bounded(1000, 1_000_000, 'MPa') modulus!: number;
}
export class PlayTermSetDto {
  @Identifier() axisId!: string;
  @Identifier() termId!: string;
  @PlainText(80, 1) name!: string;
  @Nested(() => PlayTermDto) term!: PlayTermDto;
  @OrNull() @Nested(() => ClampDto) clamp!: ClampDto | null;
}
export class PlayTermRemovedDto {
  @Identifier() termId!: string;
}
