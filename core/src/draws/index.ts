export { instantAt } from './instantAt.ts';
export { howMany } from './howMany.ts';
export { drawsFrom, type Draws } from './draws.ts';
export { randomLog } from './randomLog.ts';
export { randomUnit } from './randomUnit.ts';
export { buildableUnit, FAMILIES, type Family } from './families/index.ts';
export { put, unitOf } from './families/layOut.ts';
