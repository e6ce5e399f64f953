export { turned, type Turned } from './turned.ts';
export { TURNS, type TurnName } from './turnKinds.ts';
