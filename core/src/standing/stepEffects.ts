import { bodyEvent, boltsEvent, joinEvent, type ActId, type EventKey } from '../course/index.ts';
import { FIGURE_KINDS, type FigureKind } from '../figures/index.ts';
import type { Fold } from './fold.ts';

type Piece = 'cup' | 'cone';

/** What a step that was done, or set aside as done, says of a unit. @param target what stands behind the colon of its id */
type Effect = (fold: Fold, target: string) => void;

const note =
  (act: ActId): Effect =>
  (fold, target) =>
    fold.notes.add(act, target === '' ? fold.model.root : target);

/** What was laid beside the old one is new: whether it is in, or goes in later. */
const compared: Effect = (fold, target) => {
  fold.notes.add('compare', target);
  for (const { id } of fold.bodiesAt(target)) fold.fresh.add(id);
};

/** Figure and axis of a step's target: `<axis>`, or `<axis>:<figure>`. */
function figureOf(target: string): { readonly axisId: string; readonly figure: FigureKind } {
  const at = target.lastIndexOf(':');
  const figure = FIGURE_KINDS.find((kind) => kind === target.slice(at + 1));
  return figure === undefined
    ? { axisId: target, figure: 'endPlay' }
    : { axisId: target.slice(0, at), figure };
}

const proof: Effect = ({ proven }, target) => {
  const { axisId, figure } = figureOf(target);
  proven.add(`${axisId} ${figure}`);
};
const settled: Effect = (fold, target) => void fold.settled.add(target);

/** Steps that do up bolts or a nut only for a reading, or while something is set. */
const ON_TRIAL = ['putOnCaps', 'snug', 'drawDown'] as const;
/** Steps that tighten bolts or a nut. */
export const TIGHTENS: ReadonlySet<string> = new Set([...ON_TRIAL, 'torque']);

const triedOn: Effect = (fold, target) => {
  for (const event of fold.eventsAt(target)) if (!fold.place.in.has(event)) fold.into(event);
  fold.slack.add(target);
  for (const { part, bolts } of fold.model.joints) if (bolts.includes(target)) fold.closed(part);
};

/** Bolts or a nut at their torque: the joint that they hold is closed. */
const torqued: Effect = (fold, target) => {
  for (const event of fold.eventsAt(target)) fold.into(event);
  fold.slack.delete(target);
  for (const { part, bolts } of fold.model.joints) if (bolts.includes(target)) fold.closed(part);
};

/** A sleeve is crushed by its nut. */
const crushed: Effect = (fold, target) => {
  torqued(fold, target);
  const [sleeve] = fold.bodiesAt(target);
  for (const { id, axisId, station } of fold.model.bodies)
    if (station.kind === 'nut' && axisId === sleeve?.axisId) {
      fold.into(bodyEvent(id));
      fold.slack.delete(id);
    }
};

/** What slides on a shaft, put on as one block. */
const dressed: Effect = (fold, target) => {
  for (const { id, axisId, host, fit, piece } of fold.model.bodies) {
    const event = bodyEvent(id);
    const slides = axisId === target && piece === null && fit === 'slide';
    if (slides && fold.model.metal.shafts.has(host) && !fold.place.in.has(event)) fold.into(event);
  }
};

/** A shaft with what it runs in, put together for a reading as one block. */
const assembled: Effect = (fold, target) => {
  const { shafts, bodies, joints, holds, unit } = fold.model;
  const put = (event: Parameters<Fold['handTight']>[0]) => fold.handTight(event);
  for (const { part, axes } of shafts) if (axes.includes(target)) put(joinEvent(part));
  for (const { id, axisId, piece, fit } of bodies)
    if (axisId === target && piece === 'cone' && fit === 'slide') put(bodyEvent(id));
  if ((unit.axes.find(({ id }) => id === target)?.sets.length ?? 0) > 0)
    for (const { part, bolts } of joints)
      if (fold.standsOn(part, target)) {
        put(joinEvent(part));
        bolts.forEach((id) => put(boltsEvent(id)));
      }
  for (const { boltsId, axisId, isOfCaps } of holds)
    if (isOfCaps && axisId === target) put(boltsEvent(boltsId));
};

const clamped: Effect = (fold, target) => {
  for (const { id, axisId, station } of fold.model.bodies)
    if (axisId === target && station.kind === 'nut') {
      fold.into(bodyEvent(id));
      fold.slack.add(id);
    }
};

/** What a step puts in or takes out, by what stands behind the colon of its id. */
interface MovesIt {
  readonly to: 'in' | 'out';
  readonly events: (fold: Fold, target: string) => readonly EventKey[];
}

const ofStation =
  (piece?: Piece): MovesIt['events'] =>
  (fold, target) =>
    fold.eventsAt(target, piece);
/** A cover or a half, a shaft or a carrier; of halves that which comes off the other. */
const ofPart: MovesIt['events'] = ({ model: { jointOf, shaftOf, joints } }, target) => {
  const part = jointOf.has(target) || shaftOf.has(target) ? target : joints[0]?.part;
  return part === undefined ? [] : [joinEvent(part)];
};
const inside = (events: MovesIt['events']): MovesIt => ({ to: 'in', events });
const outside = (events: MovesIt['events']): MovesIt => ({ to: 'out', events });

/** A shaft is brought into the rings that are tight on it, or a ring onto its shaft. */
const ofInner: MovesIt['events'] = (fold, target) =>
  fold.bodiesAt(target, 'cone').map(({ id, alsoOn, host }) => {
    if (alsoOn !== null) return joinEvent(alsoOn);
    return fold.place.lies.has(id) ? joinEvent(host) : bodyEvent(id);
  });

/** Steps that move one thing: what they are undone to is the other way round. */
export const MOVES_IT: Readonly<Partial<Record<string, MovesIt>>> = {
  seatOuter: inside(ofStation('cup')),
  seatInner: inside(ofInner),
  layOuter: inside(ofStation('cup')),
  layInner: inside(ofStation('cone')),
  placeShims: inside(ofStation()),
  placeTube: inside(ofStation()),
  retain: inside(ofStation()),
  loadRollers: inside(ofStation()),
  fitGrooveSeal: inside(ofStation()),
  fitPiston: inside(ofStation()),
  fitLasting: inside(ofStation()),
  fitOn: inside(ofStation()),
  fitSpacer: inside(ofStation()),
  screwIn: inside(ofStation()),
  shells: inside(ofStation()),
  fitSealEarly: inside(ofStation()),
  fitSeal: inside(ofStation()),
  fitORing: inside(ofStation()),
  fitHub: inside(ofStation()),
  fitPack: inside(ofStation()),
  joinShaft: inside(ofPart),
  closeJoint: inside(ofPart),
  loosen: outside(ofStation()),
  loosenInside: outside(ofStation()),
  recordPack: outside(ofStation()),
  takeOff: outside(ofStation()),
  takeOutPack: outside(ofStation()),
  takeOutSmallSeal: outside(ofStation()),
  takeOutShells: outside(ofStation()),
  takeOutRollers: outside(ofStation()),
  takeOutRing: outside(ofStation()),
  takeOutTube: outside(ofStation()),
  takeOffHub: outside(ofStation()),
  pullSeal: outside(ofStation()),
  pull: outside(ofStation()),
  pullOuter: outside(ofStation('cup')),
  pullInner: outside(ofStation('cone')),
  takeOutPiston: outside(ofStation()),
  liftOff: outside(ofPart),
  takeOutShaft: outside(ofPart),
};

const moved =
  ({ to, events }: MovesIt): Effect =>
  (fold, target) => {
    for (const event of events(fold, target))
      if (to === 'in') fold.into(event);
      else fold.out(event);
  };

/** Steps by their rules, each by what it says of the unit. What only old logs have, blocks of a whole build, is read here and known nowhere else. */
export const STEP_EFFECTS: Readonly<Record<string, Effect>> = {
  drain: (fold) => {
    const { root } = fold.model;
    fold.notes.add('drain', root);
    if (fold.notes.has('fill', root)) fold.notes.reopen('fill', root);
  },
  clean: note('clean'),
  mark: note('mark'),
  markCaps: note('mark'),
  inspectPart: note('inspect'),
  prepare: note('prepare'),
  measureSeats: note('measureSize'),
  measureBolts: note('measureSize'),
  compare: compared,
  newPart: compared,
  spin: (fold) => fold.model.unit.axes.forEach(({ id }) => fold.notes.add('turn', id)),
  relieve: note('relieve'),
  checkStack: note('checkHome'),
  heat: (fold, target) => {
    fold.hot = target;
  },
  leakTest: note('pressureTest'),
  fill: note('fill'),
  ...Object.fromEntries(Object.entries(MOVES_IT).map(([rule, what]) => [rule, moved(what!)])),
  layInner: (fold, target) => {
    for (const { id } of fold.bodiesAt(target, 'cone')) fold.lay(id);
  },
  asFound: (fold, target) => {
    const { axisId, figure } = figureOf(target);
    fold.notes.add('measureAsFound', axisId, figure);
  },
  ...Object.fromEntries(ON_TRIAL.map((rule) => [rule, triedOn])),
  torque: torqued,
  crush: crushed,
  dressShaft: dressed,
  assemble: assembled,
  layIn: assembled,
  clamp: clamped,
  lock: (fold, target) => {
    fold.locked.add(target);
    fold.slack.delete(target);
  },
  prove: proof,
  provePreload: proof,
  proveFigure: proof,
  setAdjuster: settled,
  turnAdjuster: settled,
  choosePack: settled,
  chooseDepth: settled,
};
