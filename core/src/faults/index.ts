export { describeFault, InputError, type FaultCode, type InputFault } from './fault.ts';
export {
  refuse,
  requireInteger,
  requireNumber,
  requireOneOf,
  requireText,
  type Bounds,
} from './require.ts';
export { orRefused } from './orRefused.ts';
