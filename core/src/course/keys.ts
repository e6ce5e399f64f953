import { oncePerObject } from '../memo/index.ts';
import type { Station } from '../unit/index.ts';
import {
  bodyEvent,
  isBody,
  isBolts,
  isJoin,
  SEALS,
  subjectOf,
  type Body,
  type EventKey,
  type Model,
} from './model/index.ts';
import { clear, wholePlace, type Move, type PeelKey } from './ways/index.ts';

/** What is preferred of what is free: rules of this program. They are keys and never edges: an order that cannot be stays impossible. */
const OUT = {
  bolts: 0,
  screw: 0.5,
  joint: 1,
  holder: 2,
  seal: 2.5,
  cupOnCone: 2.9,
  loose: 3,
  shaft: 4,
  leaving: 4.5,
  innerSeal: 4.8,
  ring: 5,
} as const;

const HOLDERS: ReadonlySet<Station['kind']> = new Set(['nut', 'snapRing', 'retainer', 'adjuster']);

/** In which class something comes apart. */
export function classOut(model: Model, event: EventKey): number {
  if (isBolts(event)) return OUT.bolts;
  const id = subjectOf(event);
  if (isJoin(event)) return model.shaftOf.has(id) ? OUT.shaft : OUT.joint;
  const { station, host, isInBody } = model.bodyOf.get(id)!;
  if (innerSeals(model).has(event)) return OUT.innerSeal;
  if (HOLDERS.has(station.kind)) return OUT.holder;
  if (SEALS.has(station.kind)) return OUT.seal;
  if (comesAcross(model, model.bodyOf.get(id)!)) return OUT.cupOnCone;
  return model.metal.shafts.has(host) || isInBody ? OUT.loose : OUT.ring;
}

/** A cup that comes out on its cone, with the shaft, from under caps: it is off before the cone, and on after it. */
const comesAcross = ({ shafts }: Model, { piece, axisId }: Body): boolean =>
  piece === 'cup' && shafts.some(({ across, axes }) => across !== null && axes.includes(axisId));

/** Shaft seals that come out only once a joint is open or a shaft is out. */
export const innerSeals = oncePerObject(
  (model: Model): ReadonlySet<EventKey> =>
    new Set(
      model.bodies
        .filter(({ station }) => station.kind === 'seal')
        .map(({ id }) => bodyEvent(id))
        .filter((event) => isHeavy(model, event)),
    ),
);

/** Whether a joint or a shaft has to come apart for it. */
export const isHeavy = (model: Model, event: EventKey): boolean =>
  (clear(model, event, wholePlace(model))?.moves ?? []).some((move) => isJoin(move.event));

/** The part or body that an event is about: where the hands are. */
function hostOf(model: Model, event: EventKey): string {
  const id = subjectOf(event);
  if (isBody(event)) return model.bodyOf.get(id)!.host;
  return isBolts(event) ? model.bolts.find((one) => one.id === id)!.partId : id;
}

/** How far a circle of bolts lies from the middle of all of them: taken off from the ends in, done up from the middle. mm. */
function fromMiddle({ bolts }: Model, event: EventKey): number {
  if (!isBolts(event)) return 0;
  const at = bolts.map((one) => one.at);
  const middle = (Math.min(...at) + Math.max(...at)) / 2;
  return Math.abs(bolts.find(({ id }) => id === subjectOf(event))!.at - middle);
}

/** What comes apart first: by class, then on the same part, bolts from the ends in. */
export function outKey(model: Model): PeelKey {
  const screws = new Set(
    model.holds.filter(({ isOfCaps }) => !isOfCaps).map(({ boltsId }) => boltsId),
  );
  return ({ event, left }, before) => {
    const isScrew = isBolts(event) && screws.has(subjectOf(event));
    const own = left.length > 0 ? OUT.leaving : isScrew ? OUT.screw : classOut(model, event);
    const isBeside = before !== null && hostOf(model, before) === hostOf(model, event);
    return [own, isBeside ? 0 : 1, -fromMiddle(model, event)];
  };
}

const LAST = {
  bolts: -7,
  joint: -6,
  outerSeal: -4,
  snapRing: -3.5,
  holdsShaft: -3.2,
  shaft: -3,
  cupOnCone: -2.1,
  onShaft: -2,
  freeInPart: -1.5,
  takesUp: -1.25,
  holdsRing: -1.1,
  ring: -1,
  inBody: 0,
} as const;

/** What goes in last comes off first of a unit that is whole; read backwards it is the way in. */
export function lastKey(model: Model): PeelKey {
  return (move, before) => {
    const { event } = move;
    const own = classIn(model, move);
    // What is described besides sways nothing: neither what was there before of another class, nor one outer seal the next.
    const isBeside =
      own !== LAST.outerSeal &&
      before !== null &&
      hostOf(model, before) === hostOf(model, event) &&
      classIn(model, { ...move, event: before }) === own;
    return [
      isSameHeat(model, event, before) ? 0 : 1,
      own,
      isBeside ? 0 : 1,
      -fromMiddle(model, event),
    ];
  };
}

function classIn(model: Model, { event, left }: Move): number {
  if (isBolts(event)) return LAST.bolts;
  const id = subjectOf(event);
  if (isJoin(event)) {
    if (!model.shaftOf.has(id)) return LAST.joint;
    return left.length > 0 ? LAST.takesUp : LAST.shaft;
  }
  const body = model.bodyOf.get(id)!;
  const { kind } = body.station;
  const onShaft = model.metal.shafts.has(body.host);
  if (kind === 'snapRing' && !onShaft) return LAST.snapRing;
  if (kind === 'retainer') return holdsRing(model, body) ? LAST.holdsRing : LAST.holdsShaft;
  if (SEALS.has(kind) && !body.isInBody && body.under === null) return LAST.outerSeal;
  if (comesAcross(model, body)) return LAST.cupOnCone;
  if (body.isInBody) return LAST.inBody;
  if (onShaft) return LAST.onShaft;
  return body.fit === 'tight' ? LAST.ring : LAST.freeInPart;
}

/** Rings of one part, one after the other: from one heat. */
function isSameHeat(model: Model, event: EventKey, before: EventKey | null): boolean {
  if (before === null || !isBody(event) || !isBody(before)) return false;
  const [one, other] = [event, before].map((key) => model.bodyOf.get(subjectOf(key))!);
  const isRing = ({ fit, station }: Body) => fit === 'tight' && station.kind !== 'seal';
  return one!.host === other!.host && isRing(one!) && isRing(other!);
}

/** A plate lies against a ring within this, mm. A rule of this program. */
const AGAINST = 2;

/** Whether a plate holds a ring of its own part, and not what is on a shaft. */
const holdsRing = ({ bodies }: Model, plate: Body): boolean =>
  bodies.some(
    (body) =>
      body.piece !== null &&
      body.host === plate.host &&
      body.axisId === plate.axisId &&
      body.rings.some((ring) =>
        plate.rings.some(
          (one) =>
            Math.min(Math.abs(one.from - ring.to), Math.abs(ring.from - one.to)) < AGAINST &&
            one.outer > ring.inner &&
            ring.outer > one.inner,
        ),
      ),
  );
