export {
  PLAY_KINDS,
  playSite,
  setterAt,
  settersOf,
  solidSpacerOf,
  spacerSetter,
  tableGain,
  type PlayKind,
  type Setter,
} from './setters.ts';
