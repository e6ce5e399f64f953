import 'reflect-metadata';

export type {
  AppendAnswer,
  ErrorAnswer,
  EventsAnswer,
  JobRow,
  JobsAnswer,
  StockUse,
} from './apiTypes.ts';
export { checkShape } from './checkShape.ts';
export { HandsDto } from './handsDto.ts';
export { JOB_FILTERS, type JobFilter } from './jobFilter.ts';
export { MOST_WATCHED, WatchDto, WatchesDto } from './watchDto.ts';
export { MOST_EVENTS, parseEvents, type NewEvent, type StreamKind } from './parseEvents.ts';
