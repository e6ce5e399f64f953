export { browserStreams } from './browserStreams.ts';
export { httpTransport, WORKSHOP_STREAM } from './httpTransport.ts';
export { NO_LOG, useStreams, type StreamState } from './streamStore.ts';
export type { AsideEvent, AsideReason, Reach, StreamEvent, StreamLog } from './streamTypes.ts';
export type { LiveNews, Watch } from './liveHub.ts';
