export { oncePerObject } from './oncePerObject.ts';
export { oncePerPair } from './oncePerPair.ts';
