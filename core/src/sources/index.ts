export { SOURCES, type SourceId } from './sources.ts';
