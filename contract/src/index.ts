import 'reflect-metadata';

export type {
  AppendAnswer,
  ErrorAnswer,
  EventsAnswer,
  JobRow,
  WorkshopAnswer,
} from './apiTypes.ts';
export { checkShape } from './checkShape.ts';
export { HandsDto } from './handsDto.ts';
export { MOST_EVENTS, parseEvents, type NewEvent, type StreamKind } from './parseEvents.ts';
