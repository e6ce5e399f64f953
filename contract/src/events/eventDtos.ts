import { ArrayMaxSize, IsArray, IsBoolean, IsIn, IsUUID } from 'class-validator';

import { FINDING_IDS, REPAIR_IDS, SIZE_FEATURES, VERDICTS } from '@wendaxis/core/inspect';
import { WAYS } from '@wendaxis/core/heat';
import {
  CLOCK_KINDS,
  JOB_SCOPES,
  SEAT_OUTCOMES,
  TORQUE_STAGES,
  type JobEventType,
  type WorkshopEventType,
} from '@wendaxis/core/job';
import { TORQUE_TOOL_KINDS } from '@wendaxis/core/preload';
import { SEATING_CHECK_IDS } from '@wendaxis/core/seating';
import { SPEC_KIND_NAMES, type SpecKind } from '@wendaxis/core/unit';

import {
  Bounded,
  CheckedByCore,
  Degrees,
  Identifier,
  MayBeLeftOut,
  Millimetres,
  Nested,
  OneOf,
  OrNull,
  PlainText,
  StepId,
  Whole,
} from '../decorators.ts';
import { BandDto, IndicatorDto, InstrumentDto } from './measureDtos.ts';
import {
  AdjusterTurnedDto,
  ClosingReadDto,
  PackChosenDto,
  PackDto,
  PackFittedDto,
  PlayTermRemovedDto,
  PlayTermSetDto,
  SpacerFeltDto,
  SpacerFittedDto,
  SpacersListedDto,
} from './settingDtos.ts';
import { BareAxisDto, PartDto, StationDto, UnitDto } from './unitDtos.ts';

class JobOpenedDto {
  @Nested(() => UnitDto) unit!: UnitDto;
  @PlainText(2000) reason!: string;
  @OneOf(JOB_SCOPES) scope!: string;
}
class StationDescribedDto {
  @Identifier() axisId!: string;
  @Nested(() => StationDto) station!: StationDto;
}
class StationRemovedDto {
  @Identifier() stationId!: string;
}
class PartDescribedDto {
  @Nested(() => PartDto) part!: PartDto;
}
class PartRemovedDto {
  @Identifier() partId!: string;
}
class AxisDescribedDto {
  @Nested(() => BareAxisDto) axis!: BareAxisDto;
}
class AxisRemovedDto {
  @Identifier() axisId!: string;
}
class ThroughPairDto {
  @Identifier() axisId!: string;
  @Bounded(0.2, 20) ratio!: number;
}
class SpecSetDto {
  @Identifier() specId!: string;
  @Identifier() axisId!: string;
  @OneOf(SPEC_KIND_NAMES) kind!: SpecKind;
  @Nested(() => BandDto) band!: BandDto;
  @MayBeLeftOut() @OneOf(['included', 'excluded']) sealDrag?: string;
  @MayBeLeftOut() @Nested(() => ThroughPairDto) through?: ThroughPairDto;
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
class MarkMadeDto {
  @Identifier() stationId!: string;
  @PlainText(300, 1) text!: string;
}
class SizeMeasuredDto {
  @Identifier() stationId!: string;
  @OneOf(SIZE_FEATURES) feature!: string;
  @Identifier() place!: string;
  @Millimetres(-100, 2000) value!: number;
  @OrNull() @PlainText(40) typed!: string | null;
  @Nested(() => InstrumentDto) instrument!: InstrumentDto;
}
class FindingRecordedDto {
  @Identifier() targetId!: string;
  @IsArray({ message: 'must be a list of findings' })
  @ArrayMaxSize(FINDING_IDS.length)
  @IsIn(FINDING_IDS, { each: true, message: `must be of ${FINDING_IDS.join(', ')}` })
  findings!: string[];
  @PlainText(500) note!: string;
}
class InspectionDecidedDto {
  @Identifier() targetId!: string;
  @OneOf(VERDICTS) verdict!: string;
  @OrNull() @OneOf(REPAIR_IDS) repair!: string | null;
  @PlainText(500) reason!: string;
}
class DimensionsDto {
  @Millimetres(0.5, 2000) bore!: number;
  @Millimetres(0.5, 3000) outside!: number;
  @Millimetres(0.5, 1000) width!: number;
}
class BearingOfferedDto {
  @Identifier() stationId!: string;
  @OrNull() @PlainText(40) designation!: string | null;
  @OrNull() @Nested(() => DimensionsDto) dimensions!: DimensionsDto | null;
}
class FigureTakenDto {
  @Identifier() specId!: string;
  @IsIn(['asFound', 'trial', 'final'], { message: 'must be asFound, trial or final' })
  stage!: string;
  @Bounded(-100, 500) value!: number;
  @OrNull() @PlainText(40) typed!: string | null;
}
class TorqueToolDto {
  @Identifier() id!: string;
  @PlainText(80, 1) name!: string;
  @Bounded(0.001, 50, 'N·m') graduation!: number;
  @Bounded(0, 50, 'N·m') calibrationUncertainty!: number;
  @Bounded(0, 2000, 'N·m') least!: number;
  @Bounded(0.001, 5000, 'N·m') most!: number;
  @MayBeLeftOut() @OneOf(TORQUE_TOOL_KINDS) kind?: string;
}
class CordPullDto {
  @Bounded(0, 2000, 'N') force!: number;
  @Millimetres(0.5, 1000) radius!: number;
  @Millimetres(0, 20) cord!: number;
}
class TorqueReadDto {
  @Identifier() axisId!: string;
  @OneOf(TORQUE_STAGES) stage!: string;
  @OneOf(['bearings', 'sealDrag']) what!: string;
  @Bounded(0, 500, 'N·m') value!: number;
  @IsBoolean({ message: 'must be true or false' }) steady!: boolean;
  @IsBoolean({ message: 'must be true or false' }) square!: boolean;
  @OrNull() @PlainText(40) typed!: string | null;
  @OrNull() @Identifier() device!: string | null;
  @Nested(() => TorqueToolDto) tool!: TorqueToolDto;
  @OrNull() @Nested(() => CordPullDto) pull!: CordPullDto | null;
  @OrNull() @Degrees(0, 7200) angle!: number | null;
  @OrNull() @Bounded(0, 5000, 'N·m') nutTorque!: number | null;
  @OrNull() @Millimetres(-5, 20) endPlay!: number | null;
}
class SleeveRenewedDto {
  @Identifier() stationId!: string;
  @PlainText(300, 1) reason!: string;
}
class PlannedHeatDto {
  @Bounded(0, 300, '°C') oven!: number;
  @OneOf(['fanOven', 'stillOven']) medium!: string;
  @Bounded(-50, 60, '°C') rings!: number;
  @Bounded(-20, 45, '°C') ambient!: number;
  @Bounded(-20, 200, '°C') running!: number;
  @Bounded(3, 600, 's') handling!: number;
}
class HeatSetDto {
  @Identifier() partId!: string;
  @Nested(() => PlannedHeatDto) settings!: PlannedHeatDto;
}
class ClockStartedDto {
  @Identifier() clockId!: string;
  @OneOf(CLOCK_KINDS) kind!: string;
  @Identifier() targetId!: string;
  @Bounded(0, 172_800, 's') seconds!: number;
}
class ClockStoppedDto {
  @Identifier() clockId!: string;
}
class TemperatureReadDto {
  @Identifier() partId!: string;
  @Bounded(-100, 400, '°C') value!: number;
  @OrNull() @PlainText(40) typed!: string | null;
  @MayBeLeftOut() @OrNull() @Identifier() device?: string | null;
}
class SeatTriedDto {
  @Identifier() stationId!: string;
  @OneOf(SEAT_OUTCOMES) outcome!: string;
}
class SeatCheckedDto {
  @Identifier() targetId!: string;
  @OneOf(SEATING_CHECK_IDS) check!: string;
  @IsBoolean({ message: 'must be true or false' }) good!: boolean;
}
class WayChosenDto {
  @Identifier() stationId!: string;
  @OneOf(['outer', 'inner']) ring!: string;
  @OneOf(Object.keys(WAYS)) way!: string;
  @Bounded(1000, 5_000_000, 'N') pressRating!: number;
}
class LimitSetDto {
  @Identifier() targetId!: string;
  @Bounded(30, 300, '°C') limit!: number;
  @PlainText(300, 5) reason!: string;
}
class StepDoneDto {
  @StepId() stepId!: string;
  @PlainText(500) note!: string;
}
class StepSetAsideDto {
  @StepId() stepId!: string;
  @PlainText(300, 1) reason!: string;
}
class PracticeMarkedDto {
  @PlainText(300) reason!: string;
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
  @MayBeLeftOut() @OrNull() @Bounded(0, 100_000) price?: number | null;
}
class SizeOrderedDto {
  @Identifier() orderId!: string;
  @Millimetres(0.001, 20) thickness!: number;
  @Whole(1, 400) count!: number;
  @OrNull() @Bounded(0, 100_000) price!: number | null;
}
class SizeReceivedDto {
  @Identifier() orderId!: string;
  @Identifier() sizeId!: string;
  @Millimetres(0.001, 20) thickness!: number;
  @Millimetres(0, 0.1) uncertainty!: number;
  @Whole(1, 400) count!: number;
}
class OrderCancelledDto {
  @Identifier() orderId!: string;
}
class InstrumentAddedDto {
  @Nested(() => InstrumentDto) instrument!: InstrumentDto;
  @OrNull() @Identifier() deviceId!: string | null;
}
class TemplateSavedDto {
  @Identifier() templateId!: string;
  @PlainText(80, 1) name!: string;
  @Nested(() => UnitDto) unit!: UnitDto;
}
class TemplateRemovedDto {
  @Identifier() templateId!: string;
}
class TorqueToolAddedDto {
  @Nested(() => TorqueToolDto) tool!: TorqueToolDto;
  @OrNull() @Identifier() deviceId!: string | null;
}
class MaterialAddedDto {
  @Identifier() materialId!: string;
  @CheckedByCore() material!: unknown;
}
class PressRatedDto {
  @Bounded(1000, 5_000_000, 'N') rating!: number;
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
  StationDescribed: StationDescribedDto,
  StationRemoved: StationRemovedDto,
  PartDescribed: PartDescribedDto,
  PartRemoved: PartRemovedDto,
  AxisDescribed: AxisDescribedDto,
  AxisRemoved: AxisRemovedDto,
  SpecSet: SpecSetDto,
  PackRecorded: PackDto,
  RunOpened: RunOpenedDto,
  ReadingTaken: ReadingTakenDto,
  RunClosed: RunClosedDto,
  RunAbandoned: RunAbandonedDto,
  PackChosen: PackChosenDto,
  PackFitted: PackFittedDto,
  SpacerFitted: SpacerFittedDto,
  SpacerFelt: SpacerFeltDto,
  SpacersListed: SpacersListedDto,
  AdjusterTurned: AdjusterTurnedDto,
  ClosingRead: ClosingReadDto,
  PlayTermSet: PlayTermSetDto,
  PlayTermRemoved: PlayTermRemovedDto,
  MarkMade: MarkMadeDto,
  SizeMeasured: SizeMeasuredDto,
  FindingRecorded: FindingRecordedDto,
  InspectionDecided: InspectionDecidedDto,
  BearingOffered: BearingOfferedDto,
  FigureTaken: FigureTakenDto,
  TorqueRead: TorqueReadDto,
  SleeveRenewed: SleeveRenewedDto,
  HeatSet: HeatSetDto,
  ClockStarted: ClockStartedDto,
  ClockStopped: ClockStoppedDto,
  TemperatureRead: TemperatureReadDto,
  SeatTried: SeatTriedDto,
  SeatChecked: SeatCheckedDto,
  LimitSet: LimitSetDto,
  WayChosen: WayChosenDto,
  StepDone: StepDoneDto,
  StepSetAside: StepSetAsideDto,
  PracticeMarked: PracticeMarkedDto,
  NoteWritten: NoteWrittenDto,
  JobFinished: JobFinishedDto,
  JobReopened: JobReopenedDto,
  Undone: UndoneDto,
};

/** The shape of each event of the workshop. */
export const WORKSHOP_EVENT_DTOS: Readonly<Record<WorkshopEventType, DtoClass>> = {
  WorkshopNamed: WorkshopNamedDto,
  SizeStocked: SizeStockedDto,
  SizeOrdered: SizeOrderedDto,
  SizeReceived: SizeReceivedDto,
  OrderCancelled: OrderCancelledDto,
  InstrumentAdded: InstrumentAddedDto,
  TemplateSaved: TemplateSavedDto,
  TemplateRemoved: TemplateRemovedDto,
  TorqueToolAdded: TorqueToolAddedDto,
  MaterialAdded: MaterialAddedDto,
  PressRated: PressRatedDto,
  PersonAdded: PersonAddedDto,
  Undone: UndoneDto,
};
