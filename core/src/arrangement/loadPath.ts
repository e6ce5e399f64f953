import type { Arrangement } from './gainTable.ts';

/**
 * How an axial push on the shaft reaches the housing, in order, for each arrangement. The drawing marks it;
 * the words are the same in every unit.
 */
export const LOAD_PATH: Readonly<Record<Arrangement, string>> = {
  faceToFace:
    'Shaft shoulder → cone back → rollers → cup, held from outside → cover or housing. Each bearing takes the push towards its own end.',
  backToBack:
    'Nut → cone → rollers → cup against the shoulder between the bearings → housing. Each bearing takes the push away from its own end.',
  plainThrust: 'Shaft face → thrust washer → housing face, one at each end.',
};
