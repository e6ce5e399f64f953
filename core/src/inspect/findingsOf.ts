import type { PartKind, Station, StationKind } from '../unit/index.ts';
import type { FindingId } from './findings.ts';

const ROLLING: readonly FindingId[] = [
  'sound',
  'trackPitted',
  'trackDented',
  'ringBlued',
  'ringCracked',
  'cageDamaged',
  'rough',
  'spunInBore',
  'spunOnJournal',
];
const CASTING: readonly FindingId[] = [
  'sound',
  'cracked',
  'crackedThrough',
  'scoreAtOilHole',
  'jointDamaged',
  'threadDamaged',
];
const FACE: readonly FindingId[] = ['sound', 'faceWorn', 'ringBlued'];

/** What may be found on any kind of station that has no list of its own. */
const USUAL: readonly FindingId[] = ['sound', 'cracked', 'faceWorn'];

const FINDINGS_OF: Readonly<Partial<Record<StationKind, readonly FindingId[]>>> = {
  taperedRoller: ROLLING,
  ballBearing: ROLLING,
  cylindricalRoller: ROLLING,
  drawnCup: ['sound', 'rough', 'ringBlued', 'trackPitted', 'spunInBore'],
  needleThrust: ['sound', 'rough', 'ringBlued', 'cageDamaged'],
  looseRollers: ['sound', 'rollersWorn', 'rollersSkidded', 'ringBlued'],
  plainBearing: [
    'sound',
    'wornThin',
    'wornOneEnd',
    'wornOneSide',
    'backPolished',
    'embedded',
    'scoreAtOilHole',
  ],
  bush: ['sound', 'wornThin', 'wornOneSide', 'bushTurned', 'scoreAtOilHole'],
  thrustWasher: FACE,
  seal: ['onceOnly', 'sealBoreScored', 'trackGrooved'],
  oRing: ['onceOnly'],
  shimSite: ['sound', 'faceWorn'],
  spacer: ['sound', 'onceOnly', 'faceWorn'],
  adjuster: ['sound', 'threadDamaged'],
  gear: ['sound', 'toothChipped', 'toothPitted'],
  key: ['sound', 'keySheared'],
  dowel: ['sound', 'pinLoose'],
  stud: ['sound', 'stretched', 'threadDamaged'],
  ringSeal: ['sound', 'onceOnly', 'ringGrooved'],
  piston: ['sound', 'pistonScored'],
  pistonSeal: ['onceOnly'],
  snapRing: ['sound', 'springLost'],
  retainer: ['sound', 'threadDamaged'],
  nut: ['sound', 'onceOnly', 'threadDamaged'],
  bolts: ['sound', 'stretched', 'threadDamaged'],
  housing: CASTING,
  cover: CASTING,
  shaftStep: ['sound', 'cracked', 'trackGrooved', 'spunOnJournal'],
};

type Judged = Pick<Station, 'kind' | 'spacerType' | 'lock' | 'ends' | 'use'>;

/** What is used once is not found sound: a sleeve that was crushed, a nut whose thread holds by its own grip, a ring that was stretched. */
const isUsedUp = ({ spacerType, lock, ends, use }: Judged): boolean =>
  use === 'once' || spacerType === 'collapsible' || lock === 'selfLocking' || ends === 'whole';

/**
 * What may be found on a station; first what is found where nothing is wrong.
 * @param isSpoiled by coming out, whatever it looks like
 */
export function findingsOf(station: Judged, isSpoiled = false): readonly FindingId[] {
  const findings = FINDINGS_OF[station.kind] ?? USUAL;
  if (!isSpoiled && !isUsedUp(station)) return findings;
  return ['onceOnly', ...findings.filter((id) => id !== 'sound' && id !== 'onceOnly')];
}

/** What may be found on a part as a whole. */
export const PART_FINDINGS: Readonly<Record<PartKind, readonly FindingId[]>> = {
  case: CASTING,
  caseHalf: CASTING,
  cover: CASTING,
  carrier: CASTING,
  shaft: ['sound', 'cracked', 'spunOnJournal', 'trackGrooved', 'threadDamaged', 'ringBlued'],
};
