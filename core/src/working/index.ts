export { line, type Term, type WorkingLine } from './working.ts';
