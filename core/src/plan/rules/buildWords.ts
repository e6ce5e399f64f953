import { isSeparable, isTight, preloadNutOf, sleeveOf, type Station } from '../../unit/index.ts';
import { buildOf } from '../buildEvents.ts';
import { capsOn, hasTrial } from '../buildUp.ts';
import { atFitting } from '../compound.ts';
import { nameOfRing } from '../nameOfEvent.ts';
import { orderOfBuild } from '../orderOfBuild.ts';
import type { AxisSubject } from '../rule.ts';
import { sleeveNut } from '../sleeves.ts';

const ARRANGEMENT_HOW = {
  faceToFace:
    'Cups home in their seats, shaft in; then what holds the cups, with its pack where there is one.',
  plainThrust: 'Washers in their order, oiled, faces to the load.',
} as const;

/** Back to back: by what clamps the cones. */
const CLAMPED_HOW = {
  nut: 'Cups home, spacer and shims between the cones, nut to its torque; leave its lock open.',
  other: 'Cups home, spacer and shims between the cones, and what holds the cones together home.',
} as const;

/** Between thrust faces without a washer: what is there. */
const RACES_HOW = 'Races, cages and shims in their order, oiled, faces to the load.';

const SLEEVE_HOW =
  'Cups home, new sleeve between the cones, the nut snug only: the bearings keep some play. Its last turn comes when the sleeve is crushed.';

const NUT_HOW =
  'Cups home, then the nut by hand only: the bearings keep some play. The nut is drawn up to the preload afterwards.';

/** What lies between thrust faces. */
const isWasher = ({ kind }: Station): boolean =>
  kind === 'thrustWasher' || kind === 'needleThrust' || kind === 'shimSite';

/** By how its bearings hold the shaft, and what sets its preload. */
function setUpHow(axis: AxisSubject['axis']): string {
  if (sleeveOf(axis) !== null && sleeveNut(axis) !== null) return SLEEVE_HOW;
  if (preloadNutOf(axis) !== null) return NUT_HOW;
  const has = (kind: Station['kind']): boolean => axis.stations.some((one) => one.kind === kind);
  if (axis.arrangement === 'backToBack') return CLAMPED_HOW[has('nut') ? 'nut' : 'other'];
  if (axis.arrangement === 'faceToFace') return ARRANGEMENT_HOW.faceToFace;
  if (!axis.stations.some(isWasher)) return 'The shaft in, its bearings and tracks oiled.';
  return has('thrustWasher') ? ARRANGEMENT_HOW.plainThrust : RACES_HOW;
}

/** How an axis is built up: by how its bearings hold the shaft, and what is laid in, in its order. */
export const howToBuild = (subject: AxisSubject): string =>
  `${setUpHow(subject.axis)}${inTheirOrder(subject)}${withCompound(subject)}${underCaps(subject)} Every bearing that locates the shaft is in: a shaft that tips reads more play than it has.`;

/** That caps are on for a reading, as a sentence; none where nothing lies under caps, or nothing is read. */
const underCaps = ({ unit, axis }: AxisSubject): string =>
  hasTrial(axis) && capsOn(unit, axis).length > 0
    ? ' Caps on by their marks, their bolts at their torque for the reading.'
    : '';

/** Rings that slide into their places with compound on them, as a sentence each. */
const withCompound = ({ state, axis }: AxisSubject): string =>
  axis.stations
    .filter((station) => isSeparable(station) && !isTight(station, 'outer'))
    .flatMap((station) => {
      const how = atFitting(state, station, 'outer');
      return how === null ? [] : [` ${station.name}: ${how}`];
    })
    .join('');

/** What is laid in at one build, as a sentence; none where it is one thing. */
function inTheirOrder({ state, unit, axis }: AxisSubject): string {
  const { first } = buildOf(unit, axis, orderOfBuild(state, unit));
  const names = first.map((event) => nameOfRing(unit, event));
  return names.length < 2 ? '' : ` In this order: ${names.join(', ')}.`;
}
