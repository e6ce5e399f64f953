import {
  bodyEvent,
  boltsEvent,
  clear,
  afterOut,
  isBolts,
  isFree,
  isSetter,
  isSpoiled,
  joinEvent,
  noteKey,
  restsOn,
  standsOn,
  subjectOf,
  waysOf,
  wholePlace,
  wholeStanding,
  type ActId,
  type Body,
  type EventKey,
  type Model,
  type Place,
  type Standing,
} from '../course/index.ts';
import type { FigureKind } from '../figures/index.ts';

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
  readonly noted: Set<string>;

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
    this.noted = new Set(whole.noted);
  }

  standing(): Standing {
    const { place, fresh, bad, slack, locked, settled, proven, noted, isBegun } = this;
    return { place, fresh, bad, slack, locked, settled, proven, noted, isBegun };
  }

  note(act: ActId, on: string, figure?: FigureKind): void {
    this.noted.add(noteKey(act, on, figure));
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
    this.slack.delete(id);
    this.locked.delete(id);
    if (!this.place.in.has(event)) return;
    this.isBegun = true;
    const body = this.model.bodyOf.get(id);
    if (body !== undefined && isSpoiled(body)) this.fresh.delete(id);
    const ways = this.model.shaftOf.has(id) ? waysOf(this.model, event, this.place) : [];
    const free = ways.filter(isFree).toSorted((a, b) => a.left.length - b.left.length)[0];
    this.place = afterOut(this.model, this.place, { event, left: free?.left ?? [] });
  }

  /** Something went in: new, or passed. */
  into(event: EventKey): void {
    const id = subjectOf(event);
    this.#unprove(event);
    if (this.model.bodyOf.has(id)) {
      this.fresh.add(id);
      this.bad.delete(id);
    }
    const lies = new Map(this.place.lies);
    for (const one of lies.keys()) if (this.model.bodyOf.get(one)!.host === id) lies.delete(one);
    lies.delete(id);
    this.place = { in: new Set(this.place.in).add(event), lies };
  }

  /** It is together, and no act said how hard it is held. */
  handTight(event: EventKey): void {
    if (this.place.in.has(event)) return;
    this.into(event);
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

  /** What sets a figure of an axis: a depth shim the depth, all else the rest. */
  settersOf(axisId: string, figure: FigureKind): readonly Body[] {
    return this.model.bodies.filter(
      (body) =>
        body.axisId === axisId &&
        isSetter(body) &&
        (body.station.place === 'behindHeadCone') === (figure === 'depth'),
    );
  }

  standsOn(part: string, axisId: string): boolean {
    return standsOn(this.model, part, axisId);
  }

  #unprove(event: EventKey): void {
    for (const key of this.proven)
      if (restsOn(this.model, key.slice(0, key.lastIndexOf(' ')), event)) this.proven.delete(key);
  }
}
