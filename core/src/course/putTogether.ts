import type { Draft } from './draft.ts';
import {
  goesInHot,
  isCrushed,
  isGlued,
  isPrepared,
  isLocked,
  isNewNut,
  isSetter,
  isSpoiled,
  ROLLING,
} from './kinds.ts';
import { isLockedAtOnce } from './locks.ts';
import { isBolts, joinEvent, SEALS, subjectOf, type Body } from './model/index.ts';
import type { Row } from './row.ts';
import { partedAt, ringOf, rings, rowMove } from './takeApart.ts';
import { afterIn, groupOf, type Move } from './ways/index.ts';
import { preloadNutOf, type Station } from '../unit/index.ts';

type Moved = Pick<Row, 'move'>;

/** A move together, and its rows. */
export function putTogether(draft: Draft, move: Move): void {
  const id = subjectOf(move.event);
  const moved: Moved = { move: rowMove('in', move) };
  draft.place = afterIn(draft.place, move);
  draft.stir(move.event, 'in');
  if (draft.isTrial) draft.slack.add(id);
  else draft.slack.delete(id);
  const body = draft.bodyOf(move.event);
  if (body !== null) return putInBody(draft, body, { moved, isLaid: move.lay !== null });
  draft.hot = null;
  if (isBolts(move.event)) return tighten(draft, draft.boltsOf(id), moved);
  if (draft.model.shaftOf.has(id)) return joinShaft(draft, id, { moved, left: move.left });
  closeJoint(draft, id, moved);
}

/** A part is closed; a shaft that is in already is drawn into the bearings that come with it. */
function closeJoint(draft: Draft, id: string, moved: Moved): void {
  const { model } = draft;
  draft.add('close', partedAt(model, id), moved);
  for (const { part } of model.shafts) {
    if (!draft.has(joinEvent(part))) continue;
    const drawn = ringsAt(draft, part).filter(({ host }) => host === id);
    if (drawn.length > 0)
      draft.add('seat', [...drawn.map((body) => body.id), part], { ring: 'inner' });
  }
}

/** Bearings that are tight in a part and on a shaft, and in. */
const ringsAt = ({ model, place }: Draft, shaft: string): readonly Body[] =>
  rings(model, shaft, place.in);

function tighten(draft: Draft, bolts: Station, moved: Moved): void {
  if (isPrepared(bolts, draft.isTrial)) draft.note('prepare', bolts.id);
  draft.add('torque', bolts.id, moved);
  if (!draft.isTrial && isLockedAtOnce(draft, bolts)) draft.add('lock', bolts.id);
}

/** A shaft goes in; where a ring of its part is tight on it, or it takes one up again that is, it is drawn into that. */
function joinShaft(
  draft: Draft,
  id: string,
  { moved, left }: { readonly moved: Moved; readonly left: readonly string[] },
): void {
  const { model, place } = draft;
  const takenUp = left.map((one) => model.bodyOf.get(one)!).filter(({ fit }) => fit === 'tight');
  const there = groupOf(model, model.shaftOf.get(id)!.to, place);
  const tight = [...ringsAt(draft, id).filter(({ host }) => there.has(host)), ...takenUp];
  if (tight.length === 0) return draft.add('place', id, moved);
  draft.add('seat', [...tight.map((body) => body.id), id], { ...moved, ring: 'inner' });
}

interface PutIn {
  readonly moved: Moved;
  /** Laid in a part while its shaft is out. */
  readonly isLaid: boolean;
}

function putInBody(draft: Draft, body: Body, put: PutIn): void {
  const { id, station, fit } = body;
  const { kind } = station;
  const { moved } = put;
  if (draft.isToRenew(body) || isSpoiled(body)) draft.fresh.add(id);
  // What came out on the way, and is spoiled by that, was not among what was laid beside the old.
  if (isSpoiled(body)) draft.note('compare', station.id);
  const isHeated = goesInHot(draft.model, body);
  if (!isHeated && fit === 'tight') draft.hot = null;
  if (ROLLING.has(kind)) return isHeated ? dropIn(draft, body, moved) : fitRing(draft, body, put);
  if (kind === 'drawnCup' || kind === 'bush') {
    draft.add('seat', id, moved);
    return checkIt(draft, body);
  }
  if (SEALS.has(kind)) return draft.add('fitSeal', id, moved);
  if (kind === 'nut') return turnNut(draft, body, moved);
  if (kind === 'retainer') return screwOn(draft, station, moved);
  if (isSetter(body) && kind !== 'adjuster') return placeSetter(draft, body, moved);
  draft.add('place', id, moved);
}

/** A ring that went in is looked at: whether it is home, and what bore what is pressed in comes to. */
export function checkIt(draft: Draft, body: Body): void {
  const { id, fit, station, piece } = body;
  const isPressedIn = station.kind === 'drawnCup' || station.kind === 'bush';
  if (!isPressedIn && (fit !== 'tight' || piece === null)) return;
  draft.add('checkHome', id);
  if (isPressedIn) draft.add('measureSize', id);
}

const compound = (draft: Draft, { id, station }: Body): void => {
  if (station.retention === 'compound') draft.note('prepare', id);
};

function dropIn(draft: Draft, body: Body, moved: Moved): void {
  compound(draft, body);
  if (draft.hot !== body.host) {
    draft.add('heat', body.host);
    draft.hot = body.host;
  }
  draft.add('seat', body.id, { ...moved, ring: 'outer' });
  draft.add('checkHome', body.id);
}

function fitRing(draft: Draft, body: Body, { moved, isLaid }: PutIn): void {
  if (body.fit !== 'tight' || isLaid)
    return draft.add('place', body.id, { ...moved, ring: ringOf(body) });
  compound(draft, body);
  draft.add('seat', body.id, { ...moved, ring: 'inner' });
  draft.add('checkHome', body.id);
}

/** A nut is drawn to its torque, for the reading or for good; the one on a sleeve sets the preload as it crushes it. */
function turnNut(draft: Draft, { id, station, axisId, host }: Body, moved: Moved): void {
  const sleeve = draft.model.bodies.find(
    (one) => one.axisId === axisId && one.host === host && isCrushed(one),
  );
  if (isNewNut(station)) draft.note('compare', id);
  if (isPrepared(station, draft.isTrial)) draft.note('prepare', id);
  if (sleeve !== undefined && !draft.isTrial)
    return draft.add('setPreload', [sleeve.id, id], moved);
  if (!draft.isTrial && preloadNutOf(draft.axisOf(axisId))?.id === id)
    return draft.add('setPreload', id, moved);
  checkStack(draft, axisId);
  draft.add('torque', id, moved);
}

function screwOn(draft: Draft, station: Station, moved: Moved): void {
  draft.add('place', station.id, moved);
  if (isGlued(station)) draft.note('prepare', station.id);
  draft.add('torque', station.id);
  if (isLocked(station)) draft.add('lock', station.id);
}

/** A pack that was chosen is fitted; a depth shim is chosen before its cone covers it. */
function placeSetter(draft: Draft, { id, station }: Body, moved: Moved): void {
  if (draft.settled.has(id)) return draft.add('fitPack', id, moved);
  if (station.place === 'behindHeadCone') {
    draft.add('choose', id);
    draft.settled.add(id);
  }
  draft.add('place', id, moved);
}

/** Needle thrust bearings on their spacer: looked at before they are drawn together. */
export function checkStack(draft: Draft, axisId: string): void {
  const isOnAxis = draft.model.bodies.some(
    (body) => body.axisId === axisId && body.station.kind === 'needleThrust',
  );
  if (isOnAxis) draft.note('checkHome', axisId);
}
