export { LEAST_GAP, sealDepth, type SealDepth } from './sealDepth.ts';
