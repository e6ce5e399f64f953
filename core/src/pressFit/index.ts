export { clearanceLeft, type ClearanceInput } from './clearanceLeft.ts';
export { closingIn, type PressedBush } from './closingIn.ts';
export { drawScrew, NUT_FACTOR } from './drawScrew.ts';
export { grooveLoad } from './grooveLoad.ts';
export { pressFit, USUAL_FRICTION, type PressFit, type PressFitInput } from './pressFit.ts';
export {
  BOSS,
  RING_SHARE,
  ringForce,
  SEAT_FRICTION,
  type RingForce,
  type SeatedRing,
} from './ringForce.ts';
export { drawnCupBore, type DrawnCup } from './drawnCupBore.ts';
export { gaugeForce } from './gaugeForce.ts';
