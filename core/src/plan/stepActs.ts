import { assemblyOf, subjectOf, type EventKey } from '../assembly/index.ts';
import type { Act, ActId } from './act.ts';
import {
  isSeparable,
  isTight,
  STATION_KIND_TABLE,
  type Axis,
  type Station,
  type Unit,
} from '../unit/index.ts';
import { buildOf } from './buildEvents.ts';
import { isJoined, joinedForTrial, looseOnShaft, offForPack, shaftsOn } from './buildUp.ts';
import type { RuleId } from './ruleIds.ts';
import type { Subject } from './rule.ts';

import { comesAsOne } from './rules/seated.ts';
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

/** A build: what is laid in, the shaft, its nut, its joint, in their order. With a sleeve the nut is snug only. */
function builtUp({ unit, axis }: Extract<Subject, { about: 'axis' }>): readonly Act[] {
  const clamped = axis.arrangement === 'backToBack' && sleeveNut(axis) === null;
  const nuts = clamped ? axis.stations.filter(({ kind }) => kind === 'nut') : [];
  const joined = joinedForTrial(unit, axis).map(({ id }) => id);
  const inside = buildOf(unit, axis).filter((event) => event.startsWith('take:'));
  return [
    ...inside.flatMap((event) => onAct(unit, axis, event)),
    ...nuts.map(({ id }): Act => ({ act: 'torque', on: [id] })),
    ...(joined.length === 0 ? [] : [{ act: 'close', on: joined } as const]),
  ];
}

/** A nut that crushes a sleeve sets the preload, in one act on both. */
const crushed: Acts<'station'> = ({ axis, station }) => {
  const nut = sleeveNut(axis);
  return [{ act: 'setPreload', on: nut === null ? [station.id] : [station.id, nut.id] }];
};

/** A cone is pulled; a bush, shell or ring that stands tight in its part is pressed or drawn out. */
const takenOut: Acts<'station'> = ({ station }) =>
  station.kind === 'bush'
    ? [{ act: 'pressOut', on: [station.id] }]
    : [
        {
          act: 'pull',
          on: isSeparable(station)
            ? [station.id, `${station.id}:cone`, `${station.id}:cup`]
            : [station.id],
        },
      ];

const seatedInner: Acts<'station'> = ({ unit, axis, station }) => [
  {
    act: 'seat',
    on: comesAsOne(station) ? [station.id, ...shaftsOn(unit, axis)] : ringOf(station, 'cone'),
  },
];

const retained: Acts<'station'> = ({ station }) => [
  { act: 'place', on: [station.id] },
  ...(station.kind === 'retainer' && station.lock === 'threadlocker'
    ? [{ act: 'prepare', on: [station.id] } as const]
    : []),
  ...(station.kind === 'retainer' ? [{ act: 'torque', on: [station.id] } as const] : []),
];

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
  looseOnShaft(unit, axis).map(({ id }) => ({ act: 'place', on: [id] }));

/** Off for a pack: a joint is parted, fixings are undone, rings are pulled, a shaft is pressed out. */
function offAct(unit: Unit, event: EventKey): readonly Act[] {
  const { shafts, bodies } = assemblyOf(unit);
  const id = subjectOf(event);
  if (event.startsWith('part:')) return [{ act: 'open', on: [id] }];
  if (event.startsWith('undo:')) return [];
  if (shafts.includes(id)) return [{ act: 'pressOut', on: [id] }];
  const { station } = bodies.find((body) => body.id === id)!;
  const isFixing = station.kind === 'nut' || station.kind === 'retainer';
  return [{ act: isFixing ? 'loosen' : 'pull', on: ringIds(id, station) }];
}

/** On again: joints and nuts are closed for good at their own steps. */
function onAct(unit: Unit, axis: Axis, event: EventKey): readonly Act[] {
  const { shafts, bodies } = assemblyOf(unit);
  const id = subjectOf(event);
  if (!event.startsWith('take:')) return [];
  if (shafts.includes(id)) return [{ act: 'assemble', on: [axis.id, id] }];
  const { station } = bodies.find((body) => body.id === id)!;
  const on = ringIds(id, station);
  if (station.kind === 'nut') return [];
  if (station.kind === 'retainer')
    return [
      { act: 'place', on },
      { act: 'torque', on },
    ];
  return [{ act: isFitted(id, station) ? 'seat' : 'place', on }];
}

/** Whether a ring stands tight on its seat; what slides is placed. */
function isFitted(id: string, station: Station): boolean {
  if (STATION_KIND_TABLE[station.kind].bearing !== 'rolling') return false;
  if (id.endsWith(':cup')) return isTight(station, 'outer');
  return id.endsWith(':cone') ? isTight(station, 'inner') : true;
}

const ringIds = (id: string, station: Station): readonly string[] =>
  id === station.id ? [id] : [id, station.id];

/** A pack that is changed, with what lies over it: off before, on again after. */
const packFitted: Acts<'station'> = ({ unit, axis, station }) => {
  const off = offForPack(unit, station)
    .slice(0, -1)
    .map(({ event }) => event);
  return [
    ...off.flatMap((event) => offAct(unit, event)),
    { act: 'fitPack', on: [station.id] },
    ...off.toReversed().flatMap((event) => onAct(unit, axis, event)),
  ];
};

/** What each rule's step does, in its order. A step that only asks or writes does nothing. */
const STEP_ACTS = {
  mend: null,
  setSpec: null,
  drain: onUnit('drain'),
  asFound: onFigure('measureAsFound'),
  mark: onStation('mark'),
  loosen: onStation('loosen'),
  liftOff: onPart('open'),
  recordPack: onStation('measureSize'),
  takeOutRollers: onStation('pull'),
  loosenInside: onStation('loosen'),
  takeOffHub: onStation('pull'),
  takeOutShaft: onPart('pressOut'),
  pullSeal: onStation('draw'),
  pull: takenOut,
  clean: onUnit('clean'),
  inspectPart: onPart('inspect'),
  measureSeats: onStation('measureSize'),
  measureBolts: onStation('measureSize'),
  inspect: onStation('inspect'),
  repairPart: null,
  replacePart: null,
  repair: null,
  compare: onStation('compare'),
  measureDepth: onStation('measureSize'),
  newPart: onStation('compare'),
  fitOuter: onStation('choose'),
  fitInner: onStation('choose'),
  heat: onPart('heat'),
  seatOuter: onRing('seat', 'cup'),
  checkSeat: onRing('checkHome', 'cup'),
  checkCone: onRing('checkHome', 'cone'),
  gauge: onStation('measureSize'),
  dressShaft: dressed,
  placeShims: onStation('place'),
  seatInner: seatedInner,
  relieve: relieved,
  retain: retained,
  loadRollers: onStation('place'),
  shells: onStation('place'),
  assemble: builtUp,
  measure: onFigure('measure'),
  choosePack: onStation('choose'),
  fitPack: packFitted,
  setAdjuster: onStation('setPreload'),
  trySpacer: onStation('measureSize', 'place'),
  chooseSpacer: onStation('choose', 'fitPack'),
  turnAdjuster: onStation('setPreload'),
  checkStack: onAxis('checkHome'),
  torque: tightened,
  prove: onFigure('prove'),
  provePreload: onFigure('prove'),
  sealDrag: dragMeasured,
  crush: crushed,
  proveFigure: onFigure('prove'),
  fitSealEarly: onStation('fitSeal'),
  fitHub: onStation('place'),
  prepare: onStation('prepare'),
  lock: onStation('lock'),
  fitSeal: onStation('fitSeal'),
  fitORing: onStation('fitSeal'),
  spin: onUnit('turn'),
  leakTest: onUnit('pressureTest'),
  fill: onUnit('fill'),
  finish: onUnit('finish'),
} as const satisfies Readonly<Record<RuleId, AnyActs | null>>;

/** What a step of a rule does to what the rule is about. */
export function actsOf(rule: RuleId, subject: Subject): readonly Act[] {
  return (STEP_ACTS[rule] as ((subject: Subject) => readonly Act[]) | null)?.(subject) ?? [];
}
