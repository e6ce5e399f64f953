export { bandTarget, bandWidth, requireBand, type Band } from './band.ts';
export { ANGLE_TO_MEND, cosineCorrection, type CosineCorrection } from './cosine.ts';
export { driftLimit, judgeCycle, type Cycle, type CycleFlaw, type JudgedCycle } from './cycle.ts';
export { decide, decideKnown, type Decision, type DecisionWord } from './decision.ts';
export { judgeRange } from './judgeRange.ts';
export {
  doubtReading,
  READING_DOUBTS,
  type ExpectedReading,
  type ReadingDoubt,
  type ReadingDoubtId,
  type TakenIn,
} from './doubtReading.ts';
export { NORMAL_FACTOR } from './normalFactor.ts';
export type { IndicatorContact, IndicatorSetting } from './indicatorSetting.ts';
export type { Instrument } from './instrument.ts';
export { BAND_SCHEMA, INDICATOR_SCHEMA, INSTRUMENT_SCHEMA } from './schemas.ts';
export {
  contactsOf,
  INSTRUMENT_KIND_NAMES,
  INSTRUMENT_KINDS,
  instrumentKind,
  instrumentsFor,
  type InstrumentKind,
} from './instrumentKinds.ts';
export { judgeLengths, type ChainLength } from './lengths.ts';
export { whatWouldDecide, type Remedy } from './remedy.ts';
export { judgeRun, type RunInput, type RunValue, type RunVerdict } from './run.ts';
export { CYCLES_NEEDED, settle, type PositionGroup, type Settling } from './settle.ts';
export {
  stillFor,
  stillReading,
  type AwaitedReading,
  type CyclePhase,
  type SeenReading,
} from './stillReading.ts';
export { CONFIDENCE, studentFactor } from './student.ts';
export {
  combine,
  repeat,
  resolution,
  welchSatterthwaite,
  type Component,
  type ComponentName,
  type Uncertainty,
} from './uncertainty.ts';
export { uncertaintyParts } from './uncertaintyParts.ts';
export { uncertified } from './uncertified.ts';
export { MICROMETER_UNCERTAINTY } from './micrometerUncertainty.ts';
export {
  requireScatter,
  requireScatterRange,
  scatterBefore,
  scatterOf,
  scattersIn,
  USUAL_RANGE,
  USUAL_SCATTER,
  type Scatter,
  type ScatterRange,
} from './scatter.ts';
export { depthStack, type DepthStack, type StackLength } from './depthStack.ts';
