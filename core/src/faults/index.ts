export { describeFault, InputError, type FaultCode, type InputFault } from './fault.ts';
export {
  ID_WORDS,
  isId,
  refuse,
  requireId,
  requireInteger,
  requireNumber,
  requireOneOf,
  requireText,
  type Bounds,
} from './require.ts';
export { exceeds } from './exceeds.ts';
export { orRefused } from './orRefused.ts';
export { describeError, isolated, type Isolated } from './isolated.ts';
