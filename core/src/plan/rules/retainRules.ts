import { SHAFT_CHECKS } from '../../seating/index.ts';
import { besideThreadlocker } from '../compound.ts';
import { standsInPart } from '../buildUp.ts';
import { numbers } from '../figures.ts';
import { nameOf, onTrial, type Rule } from '../rule.ts';
import { gaugedNumbers } from './inspectNumbers.ts';
import { orientationOf } from './orientation.ts';
import { rollerNumbers, skidNumbers } from './rollerNumbers.ts';
import { torqueNumbers } from './seatNumbers.ts';
import { isMeasured } from './measured.ts';
import { READY } from './seated.ts';
import { comesAsOne } from '../seats.ts';

/** What holds and fills the seats: side load relieved, retainers, loose rollers, shells. */
export const RETAIN_RULES: readonly Rule[] = [
  {
    id: 'relieve',
    phase: 'seat',
    on: 'axis',
    form: 'seating',
    when: ({ axis }) => axis.stations.some(comesAsOne),
    title: (subject) => `Relieve side load on ${nameOf(subject)}`,
    how: 'When the last ring has gripped and all is cold: turn it. Drag or no end play is side load. A light tap on each end of the shaft with a soft hammer, turn again, until it turns freely and has its play.',
    reason:
      'A shaft drawn into a second bearing is left under side load; that ruins the bearing within hours.',
    checks: () => SHAFT_CHECKS.sideLoad,
    done: ({ state, axis }) =>
      SHAFT_CHECKS.sideLoad.every(
        (check) => state.fitting.seating[axis.id]?.[check]?.good === true,
      ),
    tools: ['soft hammer'],
    after: [
      { rule: 'seatInner', of: 'axis' },
      { rule: 'seatOuter', of: 'axis' },
      // Bolts that are tightened push it sideways again: after the last of them, where nothing is measured before.
      { rule: 'torque', of: 'all', when: (subject) => !onTrial(subject) },
    ],
  },
  {
    id: 'retain',
    beside: besideThreadlocker,
    phase: 'seat',
    on: 'station',
    kinds: ['snapRing', 'retainer'],
    form: 'tick',
    title: (subject) => `Fit ${nameOf(subject)}`,
    how: ({ station }) =>
      station.kind === 'snapRing'
        ? 'Sharp edge away from the ring it holds. Turn it in its groove: it must seat all round.'
        : `Threads dry and clean${station.lock === 'threadlocker' ? ', threadlocker on them' : ''}, then torque.`,
    reason: 'The ring behind it is home and cold.',
    numbers: (subject) =>
      subject.station.kind === 'retainer' ? torqueNumbers(subject) : numbers(),
    orientation: ({ station }, moves) => orientationOf(station, 'outer', moves),
    consumables: ({ station }) => (station.lock === 'threadlocker' ? ['threadlocker'] : []),
    after: [
      { rule: 'checkSeat', of: 'axis' },
      { rule: 'seatInner', of: 'axis' },
      { rule: 'inspect', of: 'station' },
      { rule: 'newPart', of: 'station' },
    ],
  },
  {
    id: 'placeTube',
    phase: 'seat',
    on: 'station',
    kinds: ['spacer'],
    form: 'tick',
    when: ({ unit, station }) => standsInPart(unit, station),
    title: (subject) => `Put in ${nameOf(subject)}`,
    how: 'Ends clean and square, no burr. Up against the ring behind it, all round.',
    reason: 'The ring behind it is in; the next one closes over it.',
    after: [
      { rule: 'inspect', of: 'station' },
      { rule: 'newPart', of: 'station' },
    ],
  },
  {
    id: 'loadRollers',
    phase: 'seat',
    on: 'station',
    kinds: ['looseRollers'],
    form: 'tick',
    title: (subject) => `Load ${nameOf(subject)}`,
    how: 'Thick grease, a dummy shaft to hold them, count them aloud. The last gap is smaller than a roller.',
    reason: 'The set is complete and the bore is clean.',
    numbers: rollerNumbers,
    consumables: ['assembly grease'],
    after: READY,
  },
  {
    id: 'tryRollers',
    phase: 'seat',
    on: 'station',
    kinds: ['looseRollers'],
    form: 'seating',
    title: (subject) => `Do all of ${nameOf(subject)} go round?`,
    how: 'The journal in, or a bar of its size. Turn it slowly, a hand pressing it to one side, and watch the ends of the rollers.',
    reason: 'A roller that slides instead of rolling wears a flat, and the journal with it.',
    numbers: skidNumbers,
    checks: () => ['lastGap', 'rollersGoRound'],
    after: [{ rule: 'loadRollers', of: 'station' }],
    done: ({ state, station }) =>
      (['lastGap', 'rollersGoRound'] as const).every(
        (check) => state.fitting.seating[station.id]?.[check]?.good === true,
      ),
  },
  {
    id: 'shells',
    phase: 'seat',
    on: 'station',
    kinds: ['plainBearing'],
    form: 'tick',
    title: (subject) => `Fit ${nameOf(subject)}`,
    how: 'Backs and seats dry, faces oiled. The shell for the loaded side on the loaded side; the flanged one where the thrust is; oil holes in line. The lug locates the shell, its crush holds it.',
    reason: 'Clearance is proven.',
    orientation: ({ station }, moves) => orientationOf(station, 'outer', moves),
    after: [...READY, { rule: 'measureSeats', of: 'station' }],
  },
  {
    id: 'gaugeShells',
    phase: 'seat',
    on: 'station',
    kinds: ['plainBearing'],
    form: 'sizes',
    when: ({ state, station }) =>
      state.sheet.renew.includes(station.id) ||
      state.inspection.decisions[station.id]?.verdict === 'replace',
    title: (subject) => `Measure the bore of the new ${nameOf(subject)}, caps at their torque`,
    how: 'Without the shaft: caps on by their marks, bolts to their torque, then three angles at both ends, none of them at the joint. Caps off again. With the shaft in: a strip of gauging plastic, dry, the shaft not turned.',
    reason: 'The old shells were measured; the new ones have a clearance of their own.',
    numbers: gaugedNumbers,
    sizes: () => ['fittedBore'],
    tools: ['bore gauge', 'torque wrench'],
    after: [{ rule: 'shells', of: 'station' }],
    done: (subject) => isMeasured(subject, 'fittedBore'),
  },
];
