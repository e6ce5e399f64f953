/** How the bearings of an axis hold the shaft against axial load. */
export type Arrangement = 'faceToFace' | 'backToBack' | 'plainThrust';

/** A place nobody knows: the gain is found by two trial builds. It is in no row of the table. */
export const UNKNOWN_PLACE = 'notKnown';

/** Where a thickness can sit. Each other than {@link UNKNOWN_PLACE} is a row of {@link GAIN_TABLE}. */
export type ShimPlace =
  | typeof UNKNOWN_PLACE
  | 'underCoverFlange'
  | 'outboardOfCup'
  | 'betweenShoulderAndCone'
  | 'betweenClampedCups'
  | 'betweenConeBacks'
  | 'betweenClampedCones'
  | 'behindCupInHousing'
  | 'betweenCups'
  | 'behindHeadCone'
  | 'outsideClampingNut'
  | 'fillsThrustGap'
  | 'pastFixedPlate'
  | 'besideRetainedGear'
  | 'gearSleeve'
  | 'adjusterCupInwards'
  | 'adjusterNutInwards';

/** One row of the gain table. */
export interface GainRow {
  readonly arrangement: Arrangement;
  readonly place: ShimPlace;
  /** ∂(end play)/∂(thickness), dimensionless: +1, 0 or −1. For an adjuster, per mm screwed inwards. */
  readonly gain: -1 | 0 | 1;
  /** ∂(side clearance of a gear retained on the shaft)/∂(thickness). */
  readonly sideGain: -1 | 0 | 1;
  /** The place in a mechanic's words. */
  readonly words: string;
  /** What a thicker piece does, as one sentence. */
  readonly effect: string;
}

/**
 * Which way a thicker shim moves the end play. `gain` = ∂(end play)/∂(thickness); end play > 0 is free
 * travel, < 0 is preload. Source: the axial chain of each arrangement (geometry), checked in the tests
 * against an independent chain of rigid lengths.
 */
export const GAIN_TABLE: readonly GainRow[] = [
  row('faceToFace', 'underCoverFlange', 1, 'under the cover flange',
    'Thicker holds the cover, and the cup on its spigot, further out: more play.'),
  row('faceToFace', 'outboardOfCup', -1, 'outside a cup, between it and its cover',
    'Thicker pushes the cup in against its rollers: less play.'),
  row('faceToFace', 'betweenShoulderAndCone', -1, 'between the shoulder of the shaft and the back of a cone',
    'Thicker pushes the cone out towards its cup: less play.'),
  row('faceToFace', 'betweenClampedCups', 1, 'between the two cups, which are clamped on it',
    'Longer keeps the cups further apart: more play.'),
  row('faceToFace', 'betweenConeBacks', -1, 'between the backs of the two cones',
    'Longer pushes the cones apart into their cups: less play.'),
  row('backToBack', 'betweenClampedCones', 1, 'between the two cones, clamped by the nut',
    'Longer keeps the cones further apart, away from their cups: more play.'),
  row('backToBack', 'behindCupInHousing', -1, 'between the back of a cup and its shoulder in the housing',
    'Thicker pushes the cup out towards its cone: less play.'),
  row('backToBack', 'betweenCups', -1, 'between the two cups',
    'Longer pushes the cups apart into their cones: less play.'),
  row('backToBack', 'behindHeadCone', 0, 'behind the head cone, for its depth',
    'Thicker moves the whole shaft, both cones with it: play stays as it is.'),
  row('backToBack', 'outsideClampingNut', 0, 'outside the clamping nut',
    'It lies outside the clamped stack: play stays as it is.'),
  row('plainThrust', 'fillsThrustGap', -1, 'between the thrust faces, filling their gap',
    'Thicker takes up the gap: less play.'),
  row('plainThrust', 'pastFixedPlate', 1, 'through a fixed plate, thrust bearings clamped on its ends',
    'Longer keeps the thrust bearings further apart than the plate is thick: more play.'),
  row('faceToFace', 'gearSleeve', [-1, 1], 'between the shoulder of the shaft and a cone, a gear turning on it',
    'Longer gives the gear more side clearance and pushes the cone out: less play of the shaft.'),
  row('backToBack', 'gearSleeve', [1, 1], 'between the shoulder of the shaft and a cone, a gear turning on it',
    'Longer gives the gear more side clearance and keeps the cones apart: more play of the shaft.'),
  row('plainThrust', 'gearSleeve', [-1, 1], 'between the shoulder of the shaft and a cone, a gear turning on it',
    'Longer gives the gear more side clearance and takes up the gap: less play of the shaft.'),
  ...(['faceToFace', 'backToBack', 'plainThrust'] as const).map((arrangement) =>
    row(arrangement, 'besideRetainedGear', [0, -1], 'beside a gear that is retained on the shaft',
      'Thicker takes up the side clearance of the gear: the shaft’s play stays as it is.')),
  row('faceToFace', 'adjusterCupInwards', -1, 'threaded adjuster against a cup, screwed inwards',
    'Inwards pushes the cup on to its rollers: less play.'),
  row('backToBack', 'adjusterNutInwards', -1, 'nut on the shaft that draws a cone inwards',
    'Inwards draws the cone on to its cup: less play.'),
  // A row a line, as printed: pulled apart it could not be checked against its table.
]; // prettier-ignore

function row(
  arrangement: Arrangement,
  place: ShimPlace,
  gain: GainRow['gain'] | readonly [play: GainRow['gain'], side: GainRow['sideGain']],
  words: string,
  effect: string,
): GainRow {
  const [play, side] = typeof gain === 'number' ? [gain, 0 as const] : gain;
  return { arrangement, place, gain: play, sideGain: side, words, effect };
}
