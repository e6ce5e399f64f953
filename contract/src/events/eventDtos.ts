import { Type } from 'class-transformer';
import {
  ArrayMaxSize,
  IsArray,
  IsBoolean,
  IsDefined,
  IsIn,
  IsUUID,
  ValidateNested,
} from 'class-validator';

import type { JobEventType, WorkshopEventType } from '@wendaxis/core/job';

import { Degrees, Identifier, Millimetres, OrNull, PlainText, Whole } from '../decorators.ts';
import { BandDto, IndicatorDto, InstrumentDto } from './measureDtos.ts';
import { UnitDto } from './unitDtos.ts';

/** A nested object that must be there. */
function Nested(type: () => new () => object): PropertyDecorator {
  return (target, property) => {
    IsDefined({ message: 'must be given' })(target, property);
    ValidateNested()(target, property);
    Type(type)(target, property as string);
  };
}

class PieceDto {
  @Identifier() sizeId!: string;
  @Millimetres(0.001, 20) thickness!: number;
  @Whole(1, 40) quantity!: number;
  @Millimetres(0, 0.1) uncertainty!: number;
}

class PackDto {
  @Identifier() siteId!: string;
  @IsArray({ message: 'must be a list of pieces' })
  @ArrayMaxSize(40)
  @ValidateNested({ each: true })
  @Type(() => PieceDto)
  pieces!: PieceDto[];
}

class JobOpenedDto {
  @Nested(() => UnitDto) unit!: UnitDto;
  @PlainText(2000) reason!: string;
}
class SpecSetDto {
  @Identifier() specId!: string;
  @Identifier() axisId!: string;
  @IsIn(['endPlay'], { message: 'must be endPlay' }) kind!: 'endPlay';
  @Nested(() => BandDto) band!: BandDto;
  @PlainText(300) source!: string;
}
class RunOpenedDto {
  @Identifier() runId!: string;
  @Identifier() specId!: string;
  @IsIn(['asFound', 'trial', 'final'], { message: 'must be asFound, trial or final' })
  stage!: string;
  @Nested(() => InstrumentDto) instrument!: InstrumentDto;
  @Nested(() => IndicatorDto) indicator!: IndicatorDto;
  @IsBoolean({ message: 'must be true or false' }) shaftHeld!: boolean;
}
class ReadingTakenDto {
  @Identifier() runId!: string;
  @Millimetres(-100, 100) value!: number;
  @OrNull() @PlainText(40) typed!: string | null;
  @OrNull() @Identifier() device!: string | null;
  @OrNull() @Degrees(0, 360) position!: number | null;
}
class RunClosedDto {
  @Identifier() runId!: string;
}
class RunAbandonedDto {
  @Identifier() runId!: string;
  @PlainText(300) reason!: string;
}
class PackChosenDto extends PackDto {
  @Identifier() runId!: string;
}
class NoteWrittenDto {
  @PlainText(4000, 1) text!: string;
}
class JobFinishedDto {
  @PlainText(2000) note!: string;
}
class JobReopenedDto {
  @PlainText(300) reason!: string;
}
class UndoneDto {
  @IsUUID(undefined, { message: 'must be the UUID of an event' }) eventId!: string;
}
class WorkshopNamedDto {
  @PlainText(80, 1) name!: string;
}
class SizeStockedDto {
  @Identifier() sizeId!: string;
  @Millimetres(0.001, 20) thickness!: number;
  @Millimetres(0, 0.1) uncertainty!: number;
  @Whole(0, 400) count!: number;
}
class InstrumentAddedDto {
  @Nested(() => InstrumentDto) instrument!: InstrumentDto;
  @OrNull() @Identifier() deviceId!: string | null;
}
class PersonAddedDto {
  @Identifier() personId!: string;
  @PlainText(60, 1) name!: string;
  @PlainText(60) role!: string;
}

type DtoClass = new () => object;

/** The shape of each event of a job. */
export const JOB_EVENT_DTOS: Readonly<Record<JobEventType, DtoClass>> = {
  JobOpened: JobOpenedDto,
  SpecSet: SpecSetDto,
  PackRecorded: PackDto,
  RunOpened: RunOpenedDto,
  ReadingTaken: ReadingTakenDto,
  RunClosed: RunClosedDto,
  RunAbandoned: RunAbandonedDto,
  PackChosen: PackChosenDto,
  PackFitted: PackDto,
  NoteWritten: NoteWrittenDto,
  JobFinished: JobFinishedDto,
  JobReopened: JobReopenedDto,
  Undone: UndoneDto,
};

/** The shape of each event of the workshop. */
export const WORKSHOP_EVENT_DTOS: Readonly<Record<WorkshopEventType, DtoClass>> = {
  WorkshopNamed: WorkshopNamedDto,
  SizeStocked: SizeStockedDto,
  InstrumentAdded: InstrumentAddedDto,
  PersonAdded: PersonAddedDto,
  Undone: UndoneDto,
};
