export { clear, type Cleared } from './clear.ts';
export { peel, type Peeled, type PeelKey } from './peel.ts';
export {
  afterIn,
  afterOut,
  carrierOf,
  groupOf,
  standsOn,
  wholePlace,
  type Move,
  type Place,
} from './place.ts';
export { isFree, type Obstacle, type Way } from './way.ts';
export { shutBy, type Shut } from './shutBy.ts';
export { waysOf } from './waysOf.ts';
