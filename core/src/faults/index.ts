export { describeFault, InputError, type FaultCode, type InputFault } from './fault.ts';
export {
  isId,
  refuse,
  requireId,
  requireInteger,
  requireNumber,
  requireOneOf,
  requireText,
} from './require.ts';
export { plainAmount, type Amount, type Bounds, type TellAmount } from './amount.ts';
export { WANTED, wantedWords, type Wanted, type WantedId } from './wanted.ts';
export { exceeds } from './exceeds.ts';
export { orRefused } from './orRefused.ts';
export { describeError, isolated, type Isolated } from './isolated.ts';
