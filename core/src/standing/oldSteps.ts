import { bodyEvent, boltsEvent, joinEvent, type ActId } from '../course/index.ts';
import { FIGURE_KINDS, type FigureKind } from '../figures/index.ts';
import type { Fold } from './fold.ts';

type Piece = 'cup' | 'cone';

/** What a step that was done, or set aside as done, says of a unit. @param target what stands behind the colon of its id */
type Effect = (fold: Fold, target: string) => void;

const note =
  (act: ActId): Effect =>
  (fold, target) =>
    fold.note(act, target === '' ? fold.model.root : target);
const out: Effect = (fold, target) => fold.eventsAt(target).forEach((event) => fold.out(event));
const into =
  (piece?: Piece): Effect =>
  (fold, target) =>
    fold.eventsAt(target, piece).forEach((event) => fold.into(event));

/** What was laid beside the old one is new: whether it is in, or goes in later. */
const compared: Effect = (fold, target) => {
  fold.note('compare', target);
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

/** A shaft is brought into the rings that are tight on it, or a ring onto its shaft. */
const seatedInner: Effect = (fold, target) => {
  const bodies = fold.bodiesAt(target, 'cone');
  for (const { id, alsoOn } of bodies)
    fold.into(alsoOn === null ? bodyEvent(id) : joinEvent(alsoOn));
};

const partOff: Effect = (fold, target) => {
  const { jointOf, joints } = fold.model;
  const part = jointOf.has(target) ? target : joints[0]?.part;
  if (part !== undefined) fold.out(joinEvent(part));
};

/** Bolts or a nut at their torque: the joint that they hold is closed. */
const torqued: Effect = (fold, target) => {
  into()(fold, target);
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

/** Steps that put something in, each with the piece of a bearing in two that it is about: undone, that is out. */
export const PUTS_IN: ReadonlyMap<string, Piece | undefined> = new Map<string, Piece | undefined>([
  ['seatOuter', 'cup'],
  ['seatInner', 'cone'],
  ['placeShims', undefined],
  ['placeTube', undefined],
  ['retain', undefined],
  ['loadRollers', undefined],
  ['fitGrooveSeal', undefined],
  ['fitPiston', undefined],
  ['fitLasting', undefined],
  ['shells', undefined],
  ['fitSealEarly', undefined],
  ['fitSeal', undefined],
  ['fitORing', undefined],
  ['fitHub', undefined],
  ['fitPack', undefined],
]);

/** Steps that take something out: undone, it is in. */
export const TAKES_OUT: ReadonlySet<string> = new Set([
  'loosen',
  'loosenInside',
  'recordPack',
  'takeOutRollers',
  'takeOutRing',
  'takeOutTube',
  'takeOffHub',
  'pullSeal',
  'pull',
  'takeOutPiston',
]);

const each = (
  rules: Iterable<string>,
  effectOf: (rule: string) => Effect,
): Readonly<Record<string, Effect>> =>
  Object.fromEntries([...rules].map((rule) => [rule, effectOf(rule)]));

/** The steps of a plan by rules, each by what it says of the unit: read once from a log, and known nowhere else. */
export const OLD_STEPS: Readonly<Record<string, Effect>> = {
  drain: note('drain'),
  clean: note('clean'),
  mark: note('mark'),
  markCaps: note('mark'),
  inspectPart: note('inspect'),
  measureSeats: note('measureSize'),
  measureBolts: note('measureSize'),
  compare: compared,
  newPart: compared,
  leakTest: note('pressureTest'),
  fill: note('fill'),
  ...each(TAKES_OUT, () => out),
  ...each(PUTS_IN.keys(), (rule) => into(PUTS_IN.get(rule))),
  asFound: (fold, target) => {
    const { axisId, figure } = figureOf(target);
    fold.note('measureAsFound', axisId, figure);
  },
  liftOff: partOff,
  takeOutShaft: (fold, target) => fold.out(joinEvent(target)),
  seatInner: seatedInner,
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
