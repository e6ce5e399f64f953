import { bodyEvent, type ActId, type Body, type EventKey, type Row } from '../course/index.ts';
import type { FigureKind } from '../figures/index.ts';
import type { Subject } from './rule.ts';
import type { RuleId } from './ruleIds.ts';

/** A row of a course at its turn: what it is about, and what is together just before it. */
export interface RowAtTurn {
  readonly row: Row;
  /** The body it is about, or the first of them; null where it is about none. */
  readonly body: Body | null;
  readonly together: ReadonlySet<EventKey>;
  /** Whether packs that were found have been recorded: what is in then is a trial pack. */
  readonly isTried: boolean;
  /** Whether it was chosen anew: what only came out on the way goes back as it was. */
  readonly isChosen: boolean;
}

/** A rule that may speak for a row, and of what; the first that is for it does. */
export interface Speaker {
  readonly rule: RuleId;
  readonly of: Subject['about'];
  /** The figure that it speaks of, where the row names none. */
  readonly figure?: FigureKind;
  readonly when?: (at: RowAtTurn) => boolean;
}

const movesPart = ({ row }: RowAtTurn): boolean => row.move?.part !== undefined;
const isPiece =
  (...pieces: readonly Body['piece'][]) =>
  ({ body }: RowAtTurn): boolean =>
    body !== null && pieces.includes(body.piece);
/** Bearings of which a shaft is drawn into one, or out of it. */
const isInner = ({ row }: RowAtTurn): boolean => row.ring === 'inner';
const isIn = ({ body, together }: RowAtTurn): boolean =>
  body !== null && together.has(bodyEvent(body.id));
const isOnTrial = ({ row }: RowAtTurn): boolean => row.trial === true;
/** A shim behind the head of a pinion, which its cone covers. */
const isForDepth = ({ body }: RowAtTurn): boolean => body?.station.place === 'behindHeadCone';
const not =
  (one: (at: RowAtTurn) => boolean) =>
  (at: RowAtTurn): boolean =>
    !one(at);

const station = (rule: RuleId, when?: Speaker['when']): Speaker => ({
  rule,
  of: 'station',
  ...(when === undefined ? {} : { when }),
});
const part = (rule: RuleId, when?: Speaker['when']): Speaker => ({
  ...station(rule, when),
  of: 'part',
});
const figure = (rule: RuleId): Speaker => ({ rule, of: 'spec' });
const unit = (rule: RuleId): Speaker => ({ rule, of: 'unit' });
const axis = (rule: RuleId): Speaker => ({ rule, of: 'axis' });

const OUT: readonly Speaker[] = [
  part('takeOutShaft', movesPart),
  part('liftOff', movesPart),
  station(
    'recordPack',
    not(({ isTried }) => isTried),
  ),
  station('takeOutPack'),
  station('takeOffHub'),
  station('takeOutRing'),
  station('takeOutRollers'),
  station('takeOutTube'),
  station('takeOutPiston'),
  station('takeOutShells'),
  station('takeOutSmallSeal'),
  station('pullInner', isPiece('cone')),
  station('pullOuter', isPiece('cup')),
  station('pull'),
  station('takeOff'),
];

/** Of every act the rules that may speak for a row of it. What none of them is for goes without a step: it is in another. */
export const SPEAKERS: Readonly<Record<ActId, readonly Speaker[]>> = {
  drain: [unit('drain')],
  measureAsFound: [figure('readWitness'), figure('asFound')],
  mark: [station('markCaps'), station('mark')],
  loosen: [station('loosenInside'), station('loosen')],
  open: [part('liftOff', movesPart)],
  draw: [station('pullSeal'), station('takeOutSmallSeal')],
  pull: OUT,
  pressOut: OUT,
  clean: [unit('clean')],
  inspect: [part('inspectPart')],
  measureSize: [
    station('gauge', isIn),
    station('gaugeShells', isIn),
    station('measureHousing', not(isIn)),
    station('measureSeats', not(isIn)),
    station('measureBolts'),
  ],
  compare: [station('compare'), station('newPart')],
  prepare: [station('prepare')],
  heat: [part('heat')],
  chill: [],
  seat: [station('seatInner', isInner), station('seatOuter', not(isInner))],
  checkHome: [
    station('checkCone', isPiece('cone')),
    station('checkSeat'),
    station('checkCone'),
    axis('checkStack'),
  ],
  place: [
    part('joinShaft', movesPart),
    station('fitHub'),
    station('placeTube'),
    station('trySpacer'),
    station('placeShims'),
    station('shells'),
    station('loadRollers'),
    station('fitPiston'),
    station('retain'),
    station('screwIn'),
    station('layInner', isPiece('cone')),
    station('layOuter', isPiece('cup', 'whole')),
    station('fitLasting'),
    station('fitOn'),
  ],
  relieve: [axis('relieve')],
  close: [part('closeJoint')],
  torque: [
    station('putOnCaps', isOnTrial),
    station('snug', isOnTrial),
    station('drawDown', isOnTrial),
    station('torque', not(isOnTrial)),
  ],
  lock: [station('lock')],
  assemble: [],
  measure: [figure('measure'), figure('readBacklash')],
  choose: [
    { rule: 'chooseDepth', of: 'spec', figure: 'depth', when: isForDepth },
    station('choosePack'),
    station('chooseSpacer'),
  ],
  fitPack: [
    station('fitPack', ({ isChosen }) => isChosen),
    station('fitSpacer'),
    station('placeShims'),
  ],
  setPreload: [station('crush'), station('turnAdjuster'), station('setAdjuster')],
  prove: [figure('provePreload'), figure('prove'), figure('proveFigure')],
  fitSeal: [station('fitORing'), station('fitGrooveSeal'), station('fitSeal')],
  pressureTest: [unit('leakTest')],
  turn: [unit('spin')],
  fill: [unit('fill')],
  finish: [unit('finish')],
};
