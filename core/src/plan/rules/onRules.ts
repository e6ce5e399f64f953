import { modelOf } from '../../course/index.ts';
import { FIGURES } from '../../figures/index.ts';
import {
  isSeparable,
  type Part,
  type Station,
  type StationKind,
  type Unit,
} from '../../unit/index.ts';
import { atFitting, besideCompound } from '../compound.ts';
import { ringWords } from '../seats.ts';
import { sleeveNut } from '../../unit/index.ts';
import { nameOf, type PartSubject, type Rule, type StationSubject } from '../rule.ts';
import { boltNumbers } from './boltNumbers.ts';
import { orientationOf } from './orientation.ts';
import { buildChecks } from './spacerRules.ts';

/** Whether a gear is bolted to a flange of the body that turns, as a crown wheel is to its carrier. */
const isBoltedGear = ({ unit, station: { kind, partId } }: StationSubject): boolean =>
  kind === 'gear' && unit.parts.some(({ id, kind: part }) => id === partId && part === 'carrier');

/** Common practice, no source. */
const BOLTED_GEAR =
  'Flange and back face clean, dry and free of burrs; no oil between them, or the gear creeps. Warm the gear or draw it on evenly by its bolts; the bolts dry, oiled or with threadlocker as the maker says.';

/** How what is loose goes on or in, by what it is. Common practice, no source. */
const ON_HOW: Readonly<Partial<Record<StationKind, string>>> = {
  gear: 'Oil its bore and its teeth. Slide it on the same way round as before.',
  thrustWasher:
    'Oil both faces. Its grooves or its plain bearing face towards what turns, its tab in its lock.',
  needleThrust:
    'Races and cage in their order, oiled: the smooth faces of the races towards the needles. See that it lies flat and centred on its spacer or shoulder.',
  spacer: 'Ends clean and square, no burr. Slide it on the same way round as before.',
  key: 'Seat clean. Tap it down flat and level, tight at its sides and clear at its top.',
  dowel: 'Its hole clean. Straight in, to the depth of the old one.',
  stud: 'Two nuts locked on it, to its depth; threads as the maker says.',
};

/** What closes over a joint besides the part: what is looked at before it is brought down. */
function lyingIn(unit: Unit, { id }: Part): readonly Station[] {
  return unit.axes
    .flatMap(({ stations }) => stations)
    .filter((one) => one.partId === id && (one.kind === 'oRing' || one.kind === 'dowel'));
}

/** How a joint is closed. Common practice, no source. */
function closeHow({ unit, part }: PartSubject): string {
  const inside = lyingIn(unit, part).map(({ name }) => name);
  const first =
    part.kind === 'carrier'
      ? 'Set it down straight, its marks in line, and hold it until its caps or bolts take it.'
      : 'Wipe both faces dry and clean. Gasket, sealant or nothing between them as it was and as the maker says; sealant in one thin bead, inside of the bolt holes.';
  const rest =
    part.kind === 'carrier'
      ? ''
      : ` Bring it down straight over its dowels by hand${inside.length === 0 ? '' : `, ${inside.join(' and ')} in place`}. Never pull it down by its bolts: if it does not go by hand, find out what it stands on.`;
  return `${first}${rest}`;
}

/** Caps in whose thread, with that of the case, adjusters run: snug while these are turned. */
const sharesThread = ({ unit, axis, station }: StationSubject): boolean =>
  axis.stations.some(({ kind }) => kind === 'adjuster') &&
  modelOf(unit).holds.some(({ boltsId, isOfCaps }) => isOfCaps && boltsId === station.id);

/** What goes on or in by hand, the shaft, the joints over it, and what is drawn down only to measure. */
export const ON_RULES: readonly Rule[] = [
  {
    id: 'fitOn',
    phase: 'seat',
    on: 'station',
    kinds: ['gear', 'thrustWasher', 'needleThrust', 'spacer', 'key', 'dowel', 'stud'],
    form: 'tick',
    title: (subject) => `${subject.station.kind === 'gear' ? 'Put on' : 'Fit'} ${nameOf(subject)}`,
    how: (subject) => (isBoltedGear(subject) ? BOLTED_GEAR : (ON_HOW[subject.station.kind] ?? '')),
    reason: 'What goes on after it holds it.',
    orientation: ({ station }, moves) => orientationOf(station, 'outer', moves),
    consumables: (subject) =>
      isBoltedGear(subject) || ['key', 'dowel', 'stud', 'spacer'].includes(subject.station.kind)
        ? []
        : ['the unit’s own oil'],
  },
  {
    id: 'layOuter',
    beside: besideCompound('outer'),
    ring: 'outer',
    phase: 'seat',
    on: 'station',
    kinds: ['taperedRoller', 'cylindricalRoller', 'ballBearing'],
    form: 'tick',
    title: ({ station, part }) =>
      `Slide ${station.name}${isSeparable(station) ? `, ${ringWords(station).outer},` : ''} into ${part?.name ?? 'its bore'}`,
    how: ({ state, station }) =>
      atFitting(state, station, 'outer') ??
      'Bore and ring clean and oiled. Straight in by hand, until it stops.',
    reason: 'It slides in its bore: nothing is heated for it.',
    orientation: ({ station }, moves) => orientationOf(station, 'outer', moves),
    consumables: ['the unit’s own oil'],
  },
  {
    id: 'layInner',
    phase: 'seat',
    on: 'station',
    kinds: ['taperedRoller', 'cylindricalRoller'],
    form: 'tick',
    title: ({ station }) => `Lay in ${station.name}, ${ringWords(station).inner}`,
    how: ({ station }) =>
      station.tightRing === 'outer'
        ? 'Oil it, and slide it on by hand to where it stops. Rollers clean, not dropped.'
        : 'Oil it, and lay it in its outer ring. The shaft is drawn into it afterwards: it cannot be put in behind what comes next.',
    reason: 'What goes in after it would shut it out.',
    orientation: ({ station }, moves) => orientationOf(station, 'inner', moves),
    consumables: ['the unit’s own oil'],
  },
  {
    id: 'screwIn',
    phase: 'seat',
    on: 'station',
    kinds: ['adjuster'],
    form: 'tick',
    title: (subject) => `Screw in ${nameOf(subject)}`,
    how: 'Thread clean and oiled. By hand, straight, until it just touches what it holds; a thread that goes hard is crossed: out again.',
    reason: 'It is turned to its figure once everything it holds is in.',
    consumables: ['the unit’s own oil'],
  },
  {
    id: 'fitSpacer',
    phase: 'select',
    on: 'station',
    kinds: ['spacer'],
    form: 'tick',
    title: (subject) => `Put in ${nameOf(subject)} at its length`,
    how: 'Ends clean and square, no burr. Measure it once more before it goes in.',
    reason: 'Its length is settled.',
    tools: ['micrometer'],
  },
  {
    id: 'joinShaft',
    phase: 'seat',
    on: 'part',
    form: 'tick',
    when: ({ part }) => part.kind === 'shaft' || part.kind === 'carrier',
    title: (subject) => `Lay in ${nameOf(subject)}`,
    how: ({ rows }) =>
      (rows ?? []).some(({ move }) => move?.direction === 'across')
        ? 'Lower it straight in by both ends. What lies in its beds stays where it is; oil its tracks.'
        : 'Straight, with what is on it, its tracks oiled. Guide it past seals and threads; do not force it. It turns by hand once it is in.',
    reason: 'Everything that could not go in behind it is in.',
    cautions: ['heavyFalls'],
    consumables: ['the unit’s own oil'],
  },
  {
    id: 'closeJoint',
    phase: 'seat',
    on: 'part',
    form: 'tick',
    title: (subject) => `Put on ${nameOf(subject)}`,
    how: closeHow,
    reason: 'Everything under it is in.',
    cautions: ['heavyFalls'],
    consumables: ({ part }) =>
      part.kind === 'carrier' ? [] : ['cleaner', 'gasket or sealant as the maker says'],
  },
  {
    id: 'putOnCaps',
    phase: 'trial',
    on: 'station',
    kinds: ['bolts'],
    form: 'tick',
    when: sharesThread,
    title: ({ station: { name } }) => `Put the caps on, ${name} snug`,
    // Common practice, no source.
    how: 'Each cap on its own side, the same way round as before, by its marks. Turn the bolts in by hand, then only until the caps sit. Turn each adjuster by hand: one that binds has its thread crossed. Then take its cap off and set it anew.',
    reason:
      'The adjusters run in the threads of case and caps together. Tight caps would hold them.',
    tools: ['socket with its handle'],
  },
  {
    id: 'snug',
    phase: 'trial',
    on: 'station',
    kinds: ['bolts'],
    form: 'tick',
    title: (subject) => `Tighten ${nameOf(subject)} for the reading`,
    how: 'In rounds, in this order, to the torque for good: play is read as the joint will be. Dry, without threadlocker; bolts that may be tightened only once are the old ones.',
    reason: 'It is undone once more when the figure is known.',
    numbers: boltNumbers,
    tools: ['torque wrench'],
  },
  {
    id: 'drawDown',
    phase: 'trial',
    on: 'station',
    kinds: ['nut'],
    form: 'tick',
    title: (subject) => `Draw down ${nameOf(subject)} for the reading`,
    how: ({ axis, station }) =>
      sleeveNut(axis)?.id === station.id
        ? 'By hand only, so that the bearings keep some play: its last turn comes when the preload is set.'
        : 'To its torque, the shaft held against it; turned between the pulls, so that the rollers settle. Leave its lock open: it is turned again. A nut that holds only once is the old one.',
    reason: 'Play is measured with the rings clamped as they will be.',
    numbers: boltNumbers,
    cautions: ['turning'],
    tools: ['torque wrench'],
  },
  {
    id: 'checkBuild',
    beside: ['playTerms'],
    phase: 'trial',
    on: 'axis',
    form: 'seating',
    when: ({ axis }) => axis.sets.some((kind) => FIGURES[kind].taken === 'run'),
    title: ({ axis }) => `Is ${axis.name} built up for measuring?`,
    how: 'Every bearing that locates the shaft is in: a shaft that tips reads more play than it has. Turn it both ways until it runs evenly.',
    reason: 'Readings of a build that is not whole agree as well as honest ones.',
    checks: ({ axis }) => buildChecks(axis),
    done: ({ state, axis }) =>
      buildChecks(axis).every((check) => state.fitting.seating[axis.id]?.[check]?.good === true),
  },
];
