import {
  bodyEvent,
  boltsEvent,
  clear,
  afterOut,
  askedAgain,
  isBolts,
  isFree,
  isSpoiled,
  joinEvent,
  restsOn,
  SEALS,
  spoiledBy,
  standsOn,
  subjectOf,
  waysOf,
  wholePlace,
  wholeStanding,
  type Body,
  type EventKey,
  type Model,
  type Place,
  type Standing,
} from '../course/index.ts';
import { laidIn } from './laidIn.ts';
import { Notes } from './notes.ts';

/** What is so of a unit by its log. */
export interface StandingNow extends Standing {
  /** By axis: which event last moved what its figures rest on, among those that stand, from 1. */
  readonly moved: ReadonlyMap<string, number>;
  /** As `moved`, of what only drags on it. */
  readonly dragged: ReadonlyMap<string, number>;
}

/** What is so of a unit, as far as a log was read: changed by what was recorded, and never by what was planned. */
export class Fold {
  readonly model: Model;
  place: Place;
  isBegun = false;
  readonly fresh: Set<string>;
  readonly bad: Set<string>;
  readonly slack: Set<string>;
  readonly locked: Set<string>;
  readonly settled: Set<string>;
  readonly proven: Set<string>;
  readonly notes: Notes;
  readonly putIn = new Set<string>();
  readonly chosen = new Set<string>();
  hot: string | null = null;
  /** Which event is read, among those that stand, from 1. */
  order = 0;
  /** By axis: when something that its figures rest on, and when something that only drags, was last moved. */
  readonly moved = new Map<string, number>();
  readonly dragged = new Map<string, number>();

  constructor(model: Model) {
    const whole = wholeStanding(model);
    this.model = model;
    this.place = whole.place;
    this.fresh = new Set(whole.fresh);
    this.bad = new Set(whole.bad);
    this.slack = new Set(whole.slack);
    this.locked = new Set(whole.locked);
    this.settled = new Set(whole.settled);
    this.proven = new Set(whole.proven);
    this.notes = new Notes(whole.noted);
  }

  standing(): StandingNow {
    const { place, fresh, bad, slack, locked, settled, proven, isBegun } = this;
    const { putIn, hot, moved, dragged, chosen } = this;
    const { noted, again } = this.notes;
    return {
      ...{ place, fresh, bad, slack, locked, settled, proven, noted, again, isBegun },
      ...{ putIn, hot, moved, dragged, chosen },
    };
  }

  /** Bodies of a station; of one whose rings part, the one that is meant. */
  bodiesAt(stationId: string, piece?: 'cup' | 'cone'): readonly Body[] {
    return this.model.bodies.filter(
      (body) =>
        body.station.id === stationId &&
        (piece === undefined ||
          body.piece === null ||
          body.piece === 'whole' ||
          body.piece === piece),
    );
  }

  /** What a station is: its bodies, or its circle of bolts. */
  eventsAt(stationId: string, piece?: 'cup' | 'cone'): readonly EventKey[] {
    return this.model.bolts.some(({ id }) => id === stationId)
      ? [boltsEvent(stationId)]
      : this.bodiesAt(stationId, piece).map(({ id }) => bodyEvent(id));
  }

  /** Something came apart. What a shaft does not pass through stays behind. */
  out(event: EventKey): void {
    const id = subjectOf(event);
    this.#unprove(event);
    const isSlack = this.slack.delete(id);
    this.locked.delete(id);
    if (!this.place.in.has(event)) return;
    // Under a nut that was only snug no sleeve was crushed.
    if (!isSlack)
      for (const spoiled of spoiledBy(this.model, new Set([event])))
        this.fresh.delete(subjectOf(spoiled));
    const isNew = this.putIn.delete(id);
    this.#opens(event, 'out');
    this.isBegun = true;
    if (this.notes.has('prepare', id)) this.notes.reopen('prepare', id);
    const body = this.model.bodyOf.get(id);
    if (body !== undefined && isSpoiled(body)) {
      this.fresh.delete(id);
      if (isNew && this.notes.has('compare', body.station.id))
        this.notes.reopen('compare', body.station.id);
    }
    const ways = this.model.shaftOf.has(id) ? waysOf(this.model, event, this.place) : [];
    const free = ways.filter(isFree).toSorted((a, b) => a.left.length - b.left.length)[0];
    this.place = afterOut(this.model, this.place, { event, left: free?.left ?? [] });
  }

  /** Something went in: new, or passed. */
  into(event: EventKey): void {
    const id = subjectOf(event);
    this.#unprove(event);
    this.#opens(event, 'in');
    const own = this.model.bodyOf.get(id);
    const host = own?.host;
    if (own?.station.retention === 'compound') this.notes.add('prepare', id);
    if (host !== this.hot) this.hot = null;
    if (this.order > 0 && host !== undefined) this.putIn.add(id);
    if (this.model.bodyOf.has(id)) {
      this.fresh.add(id);
      this.bad.delete(id);
    }
    const lies = new Map(this.place.lies);
    for (const one of lies.keys()) if (this.model.bodyOf.get(one)!.host === id) lies.delete(one);
    lies.delete(id);
    const part = this.order > 0 ? laidIn(this.model, this.place, event) : null;
    if (part !== null) lies.set(id, part);
    this.place = { in: new Set(this.place.in).add(event), lies };
  }

  /** The inner ring of a bearing that parts is laid in the outer one, as long as its shaft is out. */
  lay(id: string): void {
    const body = this.model.bodyOf.get(id);
    this.into(bodyEvent(id));
    const cup = body === undefined ? undefined : this.model.bodyOf.get(`${body.station.id}:cup`);
    if (cup === undefined || this.place.in.has(joinEvent(body!.host))) return;
    if (this.place.in.has(bodyEvent(cup.id)))
      this.place = { in: this.place.in, lies: new Map(this.place.lies).set(id, cup.host) };
  }

  /** It is together, and no act said how hard it is held. */
  handTight(event: EventKey): void {
    if (this.place.in.has(event)) return;
    // That it is in was seen, not done: no figure is moved by it.
    const { order } = this;
    this.order = 0;
    this.into(event);
    this.order = order;
    const id = subjectOf(event);
    if (isBolts(event) || this.model.bodyOf.get(id)?.station.kind === 'nut') this.slack.add(id);
  }

  /** What was read is a witness: all that it rests on is together. */
  witness(axisId: string): void {
    for (const event of this.model.events)
      if (restsOn(this.model, axisId, event)) this.handTight(event);
  }

  /** A part is closed: what can only go in while it is open is in. */
  closed(part: string): void {
    const whole = wholePlace(this.model);
    const join = joinEvent(part);
    if (!this.place.in.has(join)) this.into(join);
    for (const event of this.model.events) {
      if (this.place.in.has(event) || isBolts(event)) continue;
      const moves = clear(this.model, event, whole)?.moves ?? [];
      if (moves.some((move) => move.event === join)) this.into(event);
    }
  }

  /** What something lies under was off for it, and is on again: hand-tight; and what its way spoils is to be renewed. */
  wasUnder(event: EventKey): void {
    for (const move of clear(this.model, event, wholePlace(this.model))?.moves ?? []) {
      if (move.event === event || !this.place.in.has(move.event)) continue;
      const id = subjectOf(move.event);
      const body = this.model.bodyOf.get(id);
      this.#unprove(move.event);
      if (isBolts(move.event) || body?.station.kind === 'nut') {
        this.slack.add(id);
        this.locked.delete(id);
      } else if (body !== undefined && isSpoiled(body)) this.bad.add(id);
    }
  }

  standsOn(part: string, axisId: string): boolean {
    return standsOn(this.model, part, axisId);
  }

  /** What is done to a whole axis, or to the unit, is done again once something of it has moved. */
  #opens(event: EventKey, to: 'out' | 'in'): void {
    if (this.order === 0) return;
    for (const { act, on } of askedAgain(this.model, event, to)) this.notes.reopen(act, on);
  }

  #unprove(event: EventKey): void {
    for (const { id } of this.model.unit.axes)
      if (this.order > 0 && restsOn(this.model, id, event)) this.moved.set(id, this.order);
    const body = this.model.bodyOf.get(subjectOf(event));
    if (this.order > 0 && body !== undefined && SEALS.has(body.station.kind))
      this.dragged.set(body.axisId, this.order);
    for (const key of this.proven)
      if (restsOn(this.model, key.slice(0, key.lastIndexOf(' ')), event)) this.proven.delete(key);
  }
}
