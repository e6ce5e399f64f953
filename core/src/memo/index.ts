export { oncePerObject } from './oncePerObject.ts';
