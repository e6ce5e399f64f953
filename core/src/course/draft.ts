import type { FigureKind } from '../figures/index.ts';
import type { Axis, Station } from '../unit/index.ts';
import type { ActId } from './acts.ts';
import { askedAgain } from './again.ts';
import {
  bodyEvent,
  isBody,
  subjectOf,
  type Body,
  type EventKey,
  type Model,
} from './model/index.ts';
import type { Row, Waypoint } from './row.ts';
import type { Standing } from './standing.ts';
import type { Place } from './ways/index.ts';

/** A figure of an axis. */
export interface AxisFigure {
  readonly axisId: string;
  readonly figure: FigureKind;
}

export const figureKey = ({ axisId, figure }: AxisFigure): string => `${axisId} ${figure}`;

/** A course as far as it is written: its rows, and what is so after them. */
export class Draft {
  readonly model: Model;
  readonly rows: Row[] = [];
  /** Events no way was found for. */
  readonly noWay: EventKey[] = [];
  /** What is done up now holds only for a reading. */
  isTrial = false;
  /** What is worked towards now. */
  waypoint: Waypoint = 'before';
  place: Place;
  /** The part that is hot now. */
  hot: string | null;
  readonly fresh: Set<string>;
  readonly settled: Set<string>;
  readonly slack: Set<string>;
  readonly proven: Set<string>;
  readonly #noted: Set<string>;
  /** Bodies that have to be changed. */
  readonly needs: ReadonlySet<EventKey>;

  constructor(model: Model, standing: Standing, needs: ReadonlySet<EventKey>) {
    this.model = model;
    this.place = standing.place;
    this.hot = standing.hot;
    this.fresh = new Set(standing.fresh);
    this.settled = new Set(standing.settled);
    this.slack = new Set(standing.slack);
    this.proven = new Set(standing.proven);
    this.#noted = new Set(standing.noted);
    this.needs = needs;
  }

  has(event: EventKey): boolean {
    return this.place.in.has(event);
  }

  /** Everything, less some of it. */
  all(but: (event: EventKey) => boolean = () => false): ReadonlySet<EventKey> {
    return new Set(this.model.events.filter((event) => !but(event)));
  }

  add(act: ActId, on: string | readonly string[], more: Partial<Row> = {}): void {
    const isHeld = this.isTrial && (act === 'torque' || act === 'close');
    this.rows.push({
      act,
      on: typeof on === 'string' ? [on] : on,
      ...(isHeld ? { trial: true as const } : {}),
      waypoint: this.waypoint,
      ...more,
    });
  }

  /** An act that moves nothing, unless it was done before. */
  note(act: ActId, on: string, more: Partial<Row> = {}): void {
    const key = noteKey(act, on, more.figure);
    if (this.#noted.has(key)) return;
    this.#noted.add(key);
    this.add(act, on, more);
  }

  /** What was done is to be done again. */
  forget(act: ActId, on: string): void {
    this.#noted.delete(noteKey(act, on));
  }

  /** Something moved, or was tightened: what is done to all of it is done again. */
  stir(event: EventKey, to: 'out' | 'in'): void {
    for (const { act, on } of askedAgain(this.model, event, to)) this.forget(act, on);
  }

  isNoted(act: ActId, on: string): boolean {
    return this.#noted.has(noteKey(act, on));
  }

  /** While something is done, what is done up holds only for a reading. */
  onTrial(work: () => void): void {
    this.isTrial = true;
    work();
    this.isTrial = false;
  }

  bodyOf(event: EventKey): Body | null {
    return isBody(event) ? this.model.bodyOf.get(subjectOf(event))! : null;
  }

  /** Whether a body is new once it goes in: it is to be changed, or its way out spoils it. */
  isToRenew({ id }: Body): boolean {
    return this.needs.has(bodyEvent(id));
  }

  boltsOf(id: string): Station {
    return this.model.bolts.find((one) => one.id === id)!;
  }

  axisOf(id: string): Axis {
    return this.model.unit.axes.find((axis) => axis.id === id)!;
  }

  /** The figures of a unit, axis by axis. */
  get figures(): readonly AxisFigure[] {
    return this.model.unit.axes.flatMap(({ id, sets }) =>
      sets.map((figure) => ({ axisId: id, figure })),
    );
  }

  prove(one: AxisFigure): void {
    this.add('prove', one.axisId, { figure: one.figure });
    this.proven.add(figureKey(one));
  }
}

/** How an act that moves nothing is remembered. */
export const noteKey = (act: ActId, on: string, figure?: FigureKind): string =>
  figure === undefined ? `${act} ${on}` : `${act} ${on} ${figure}`;
