import { figureKey, noteKey, type AxisFigure, type Draft } from './draft.ts';
import { sleeveNut } from '../unit/index.ts';
import type { ActId } from './acts.ts';
import { isLockedAtOnce } from './locks.ts';
import { isCrushed, isGlued, isLocked, isNewNut, THREADED } from './kinds.ts';
import {
  bodyEvent,
  boltsEvent,
  SEALS,
  type Body,
  type EventKey,
  type Model,
} from './model/index.ts';
import { restsOn } from './rests.ts';
import { isTurned } from './adjusters.ts';
import type { Standing } from './standing.ts';

/** What holds only for a trial is done up for good: all of it, or what is on some axes. */
export function tightenForGood(draft: Draft, axes: readonly string[] | null = null): void {
  const { model } = draft;
  for (const id of draft.slack) {
    const nut = model.bodies.find((body) => body.id === id && body.station.kind === 'nut');
    const bolts = nut === undefined ? model.bolts.find((one) => one.id === id) : undefined;
    if (nut !== undefined && (axes?.includes(nut.axisId) ?? true)) turnForGood(draft, nut);
    if (bolts !== undefined && axes === null) {
      if (isGlued(bolts)) draft.note('prepare', id);
      draft.add('torque', id);
      draft.stir(boltsEvent(id), 'in');
      if (isLockedAtOnce(draft, bolts)) draft.add('lock', id);
    }
    if (axes === null || (nut !== undefined && axes.includes(nut.axisId))) draft.slack.delete(id);
  }
}

/** A nut that stands snug has its last turn: the one on a sleeve crushes it by that. */
function turnForGood(draft: Draft, { id, station, axisId }: Body): void {
  const set = setByNut(draft, axisId, id);
  if (set !== null) return draft.add('setPreload', set);
  if (isGlued(station)) draft.note('prepare', id);
  draft.add('torque', id);
}

/** What the last turn of a nut sets a preload with: the sleeve that it crushes, or itself; null where it only clamps. */
export function setByNut(
  { model }: Draft,
  axisId: string,
  nutId: string,
): readonly string[] | null {
  const axis = model.unit.axes.find(({ id }) => id === axisId);
  if (axis === undefined || sleeveNut(axis)?.id !== nutId) return null;
  const sleeve = model.bodies.find((body) => body.axisId === axisId && isCrushed(body));
  return sleeve === undefined ? [nutId] : [sleeve.id, nutId];
}

/** What was turned only for a reading and comes out again before it is turned for good: it is glued, or holds once. */
export const outForGood = (draft: Draft, { slack }: Standing): readonly EventKey[] => {
  const { model, place } = draft;
  return [
    ...model.bolts.filter(isGlued).map(({ id }) => ({ id, event: boltsEvent(id) })),
    ...model.bodies
      .filter(
        ({ station }) => THREADED.has(station.kind) && (isGlued(station) || isNewNut(station)),
      )
      .filter(({ id, axisId }) => setByNut(draft, axisId, id) === null)
      .map(({ id }) => ({ id, event: bodyEvent(id) })),
  ]
    .filter(({ id, event }) => slack.has(id) && place.in.has(event))
    .map(({ event }) => event);
};

/** A shaft that is drawn into a second ball bearing is left under side load. */
export const hasBalls = ({ bodies }: Model, axisId: string): boolean =>
  bodies.some((body) => body.axisId === axisId && body.station.kind === 'ballBearing');

/** Side load comes off every shaft in ball bearings on which something moved. */
function relieve(draft: Draft, open: readonly EventKey[], { again }: Standing): void {
  const { model } = draft;
  for (const { id } of model.unit.axes) {
    if (
      hasBalls(model, id) &&
      (again.has(noteKey('relieve', id)) || open.some((event) => restsOn(model, id, event)))
    )
      draft.note('relieve', id);
  }
}

/** Bolts that are tightened in a course: they push what they clamp. */
const tightened = ({ model, rows }: Draft): readonly EventKey[] =>
  model.bolts
    .filter(({ id }) => rows.some(({ act, on }) => act === 'torque' && on.includes(id)))
    .map(({ id }) => boltsEvent(id));

/** What the end of a course is told. */
export interface Finish {
  readonly isOverhaul: boolean;
  readonly standing: Standing;
  readonly open: ReadonlySet<EventKey>;
  /** What was together before. */
  readonly whole: ReadonlySet<EventKey>;
  readonly figures: readonly AxisFigure[];
  readonly hadTrial: boolean;
}

/** Once all of it is together: side load off, figures proven, nuts locked, turned, tried with air, filled. */
export function finishUp(
  draft: Draft,
  { isOverhaul, standing, open, whole, figures, hadTrial }: Finish,
): void {
  const { model } = draft;
  const { axes } = model.unit;
  relieve(draft, [...open, ...tightened(draft)], standing);
  for (const one of figures) {
    if (draft.proven.has(figureKey(one)) && !standing.proven.has(figureKey(one))) continue;
    if (isOverhaul && !hadTrial && !isTurned(draft, one.axisId))
      draft.add('measure', one.axisId, { figure: one.figure });
    draft.prove(one);
  }
  const moved = new Set(
    draft.rows.flatMap(
      ({ act, on: [id = ''], move }) => move?.body ?? (act === 'loosen' ? id : []),
    ),
  );
  for (const { id, station } of model.bodies) {
    const isTouched = moved.has(id) || !whole.has(bodyEvent(id));
    const isLeftOpen = standing.isBegun && !standing.locked.has(id);
    if (THREADED.has(station.kind) && isLocked(station) && (isTouched || isLeftOpen))
      draft.add('lock', id);
  }
  const actsOn = (act: ActId) =>
    new Set(draft.rows.flatMap((row) => (row.act === act ? row.on : [])));
  const [locked, turned] = [actsOn('lock'), actsOn('torque')];
  for (const bolts of model.bolts) {
    const isLeftOpen = standing.isBegun && !standing.locked.has(bolts.id);
    if (isLocked(bolts) && (turned.has(bolts.id) || isLeftOpen) && !locked.has(bolts.id))
      draft.add('lock', bolts.id);
  }
  for (const { id } of axes) draft.note('turn', id);
  const hasSeals = model.bodies.some(
    ({ id, station }) => SEALS.has(station.kind) && (isOverhaul || moved.has(id)),
  );
  if (hasSeals) draft.note('pressureTest', model.root);
  if (isOverhaul || draft.isNoted('drain', model.root)) draft.note('fill', model.root);
}
