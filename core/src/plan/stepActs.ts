import { assemblyOf, eventsOfStation, stripOrder, subjectOf } from '../assembly/index.ts';
import type { Act, ActId } from '../course/index.ts';
import { isSeparable, type Station } from '../unit/index.ts';
import { buildOf, dressedWith, joinedWith, type Build } from './buildEvents.ts';
import { offAct, onAct, ringIds } from './offAndOn.ts';
import { orderOfBuild } from './orderOfBuild.ts';
import { isOpenedWet, reachedIn } from './reached.ts';
import { isOut } from './scope.ts';
import { capsOn, clampingNuts, hasTrial, isJoined, offForPack, shaftsOn } from './buildUp.ts';
import type { RuleId } from './ruleIds.ts';
import type { Subject } from './rule.ts';

import { comesAsOne } from './seats.ts';
import { sleeveNut } from './sleeves.ts';

type Acts<About extends Subject['about']> = (
  subject: Extract<Subject, { readonly about: About }>,
) => readonly Act[];

type AnyActs = Acts<'unit'> | Acts<'axis'> | Acts<'spec'> | Acts<'part'> | Acts<'station'>;

const onUnit =
  (act: ActId): Acts<'unit'> =>
  ({ unit }) => [{ act, on: unit.parts.map(({ id }) => id) }];
const onPart =
  (act: ActId): Acts<'part'> =>
  ({ part }) => [{ act, on: [part.id] }];
const onAxis =
  (act: ActId): Acts<'axis'> =>
  ({ axis }) => [{ act, on: [axis.id] }];
const onStation =
  (...acts: readonly ActId[]): Acts<'station'> =>
  ({ station }) =>
    acts.map((act) => ({ act, on: [station.id] }));
const onFigure =
  (act: ActId): Acts<'spec'> =>
  ({ axis, specKind }) => [{ act, on: [axis.id], figure: specKind }];

/** A ring as its own body where cup and cone part; the whole bearing otherwise. */
function ringOf(station: Station, ring: 'cup' | 'cone'): readonly string[] {
  return isSeparable(station) ? [`${station.id}:${ring}`, station.id] : [station.id];
}

/** What a bolt circle closes: its cover, or both halves. */
function closed({ unit, part }: Extract<Subject, { about: 'station' }>): readonly Act[] {
  if (part === null || !isJoined(part)) return [];
  const halves = unit.parts.filter(({ kind }) => kind === 'caseHalf').map(({ id }) => id);
  return [{ act: 'close', on: part.kind === 'caseHalf' ? halves : [part.id] }];
}

/** A build: what is laid in, the shaft, its joint, in their order. */
const builtUp =
  (part: keyof Build): Acts<'axis'> =>
  ({ state, unit, axis }) => {
    const order = orderOfBuild(state, unit);
    const build = buildOf(unit, axis, order);
    const joined = hasTrial(axis) ? joinedWith(unit, axis, order.places).map(({ id }) => id) : [];
    const isLast = part === 'then' || build.then.length === 0;
    return [
      ...build[part].flatMap((event) => onAct(unit, axis, event)),
      ...(joined.length === 0 || !isLast ? [] : [{ act: 'close', on: joined } as const]),
      ...(hasTrial(axis) && isLast
        ? capsOn(unit, axis).map(({ id }) => ({ act: 'torque', on: [id] }) as const)
        : []),
    ];
  };

/** Nuts that are drawn down for measuring. */
const clamped: Acts<'axis'> = ({ axis }) =>
  clampingNuts(axis).map(({ id }) => ({ act: 'torque', on: [id] }));

/** A nut that crushes a sleeve sets the preload, in one act on both. */
const crushed: Acts<'station'> = ({ axis, station: { id } }) => [
  { act: 'setPreload', on: [...new Set([id, sleeveNut(axis)?.id ?? id])] },
];

/** A cone is pulled; a bush, shell or ring that stands tight in its part is pressed or drawn out. Cup and cone each in their turn. */
const takenOut: Acts<'station'> = ({ state, unit, station }) => {
  const assembly = assemblyOf(unit);
  const { places } = stripOrder(assembly);
  const act = station.kind === 'bush' ? 'pressOut' : 'pull';
  return eventsOfStation(assembly, station.id)
    .filter((event) => isOut(state, event))
    .toSorted((a, b) => places.get(a)! - places.get(b)!)
    .map((event) => ({ act, on: ringIds(subjectOf(event), station) }));
};

/** A pack that stays in its unit is written down as it is known; it is measured once it is out, and may have come so. */
const packMeasured: Acts<'station'> = (subject) => {
  const { scope, start } = subject.state.sheet;
  const acts = onStation('pull', 'measureSize')(subject);
  return scope === 'setPlay' ? [] : start === 'bare' ? acts.slice(1) : acts;
};

const seatedInner: Acts<'station'> = ({ unit, axis, station }) => [
  {
    act: 'seat',
    on: comesAsOne(station) ? [station.id, ...shaftsOn(unit, axis)] : ringOf(station, 'cone'),
  },
];

const retained: Acts<'station'> = ({ station: { id, kind, lock } }) => {
  const screwed: readonly ActId[] = lock === 'threadlocker' ? ['prepare', 'torque'] : ['torque'];
  const acts: readonly ActId[] = ['place', ...(kind === 'retainer' ? screwed : [])];
  return acts.map((act) => ({ act, on: [id] }));
};

const onRing =
  (act: ActId, ring: 'cup' | 'cone'): Acts<'station'> =>
  ({ station }) => [{ act, on: ringOf(station, ring) }];

const relieved: Acts<'axis'> = ({ unit, axis }) => [
  { act: 'relieve', on: [axis.id, ...shaftsOn(unit, axis)] },
];

const dragMeasured: Acts<'axis'> = ({ axis }) => [
  { act: 'measure', on: [axis.id], figure: 'rollingTorque' },
];

/** Bolts that hold a joint close it first. */
const tightened: Acts<'station'> = (subject) => [
  ...(subject.station.kind === 'bolts' ? closed(subject) : []),
  { act: 'torque', on: [subject.station.id] },
];

const dressed: Acts<'axis'> = ({ unit, axis }) =>
  dressedWith(unit, axis).map(({ id }) => ({ act: 'place', on: [id] }));

/** What is changed, with what lies over it: off before, on again after. */
const changed =
  (...before: readonly ActId[]): Acts<'station'> =>
  ({ state, unit, axis, station }) => {
    const moves = offForPack(unit, station, reachedIn(state)).slice(0, -1);
    const off = moves.map(({ event }) => event);
    return [
      ...before.map((act): Act => ({ act, on: [station.id] })),
      ...(isOpenedWet(state, moves)
        ? [{ act: 'drain', on: unit.parts.map(({ id }) => id) } as const]
        : []),
      ...off.flatMap((event) => offAct(unit, event)),
      { act: 'fitPack', on: [station.id] },
      ...off.toReversed().flatMap((event) => onAct(unit, axis, event)),
    ];
  };

/** What each rule's step does, in its order. A step that only asks or writes does nothing. */
const STEP_ACTS = {
  mend: null,
  findWay: null,
  setSpec: null,
  drain: onUnit('drain'),
  asFound: onFigure('measureAsFound'),
  mark: onStation('mark'),
  markCaps: onStation('mark'),
  loosen: onStation('loosen'),
  liftOff: onPart('open'),
  recordPack: packMeasured,
  takeOutRollers: onStation('pull'),
  takeOutRing: onStation('pull'),
  takeOutTube: onStation('pull'),
  loosenInside: onStation('loosen'),
  takeOffHub: onStation('pull'),
  takeOutShaft: onPart('pressOut'),
  readWitness: onFigure('measureAsFound'),
  markFound: onFigure('measureAsFound'),
  pullSeal: onStation('draw'),
  recordDepth: onStation('measureSize'),
  pull: takenOut,
  takeOutPiston: onStation('pull'),
  clean: onUnit('clean'),
  inspectPart: onPart('inspect'),
  measureSeats: onStation('measureSize'),
  measureBolts: onStation('measureSize'),
  readMarks: onStation('measureSize'),
  measureHousing: onStation('measureSize'),
  inspect: onStation('inspect'),
  repairPart: null,
  replacePart: null,
  repair: null,
  compare: onStation('compare'),
  measureDepth: onStation('measureSize'),
  fitMockUp: null,
  chooseDepth: onFigure('choose'),
  takeOffMockUp: null,
  newPart: onStation('compare'),
  measureNew: onStation('measureSize'),
  fitOuter: onStation('choose'),
  fitInner: onStation('choose'),
  heat: onPart('heat'),
  markLine: onStation('mark'),
  seatOuter: onRing('seat', 'cup'),
  checkSeat: onRing('checkHome', 'cup'),
  checkCone: onRing('checkHome', 'cone'),
  gauge: onStation('measureSize'),
  finishBore: onStation('measureSize'),
  tryLine: onAxis('checkHome'),
  dressShaft: dressed,
  placeShims: onStation('place'),
  supportWebs: onStation('measureSize'),
  seatInner: seatedInner,
  checkWebs: onStation('measureSize'),
  relieve: relieved,
  placeTube: onStation('place'),
  retain: retained,
  loadRollers: onStation('place'),
  tryRollers: onStation('checkHome'),
  measureGap: onStation('measureSize'),
  fitGrooveSeal: onStation('fitSeal'),
  fitPiston: onStation('place'),
  fitLasting: onStation('seat'),
  shells: onStation('place'),
  gaugeShells: onStation('measureSize'),
  assemble: builtUp('first'),
  layIn: builtUp('then'),
  checkBeforeClamp: onAxis('checkHome'),
  clamp: clamped,
  measure: onFigure('measure'),
  readBacklash: onFigure('measure'),
  choosePack: onStation('choose'),
  fitPack: changed(),
  setAdjuster: onStation('setPreload'),
  trySpacer: onStation('measureSize', 'place'),
  chooseSpacer: changed('choose'),
  turnAdjuster: onStation('setPreload'),
  checkStack: onAxis('checkHome'),
  torque: tightened,
  relieveAgain: relieved,
  prove: onFigure('prove'),
  provePreload: onFigure('prove'),
  sealDrag: dragMeasured,
  crush: crushed,
  proveFigure: onFigure('prove'),
  markPattern: onFigure('prove'),
  fitSealEarly: onStation('fitSeal'),
  fitHub: onStation('place'),
  prepare: onStation('prepare'),
  lock: onStation('lock'),
  fitSeal: onStation('fitSeal'),
  fitORing: onStation('fitSeal'),
  spin: onUnit('turn'),
  tryPiston: onStation('pressureTest'),
  leakTest: onUnit('pressureTest'),
  fill: onUnit('fill'),
  finish: onUnit('finish'),
} as const satisfies Readonly<Record<RuleId, AnyActs | null>>;

/** What a step of a rule does to what the rule is about. */
export function actsOf(rule: RuleId, subject: Subject): readonly Act[] {
  return (STEP_ACTS[rule] as ((subject: Subject) => readonly Act[]) | null)?.(subject) ?? [];
}
