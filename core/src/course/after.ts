import { figureKey, type AxisFigure, type Draft } from './draft.ts';
import { isGlued, isLocked, THREADED } from './kinds.ts';
import { bodyEvent, SEALS, type EventKey } from './model/index.ts';
import { restsOn } from './rests.ts';
import { isTurned } from './adjusters.ts';
import type { Standing } from './standing.ts';

/** What holds only for a trial is done up for good. */
export function tightenForGood(draft: Draft): void {
  const { model } = draft;
  for (const id of draft.slack) {
    const station =
      model.bolts.find((one) => one.id === id) ??
      model.bodies.find((body) => body.id === id && body.station.kind === 'nut')?.station;
    if (station === undefined) continue;
    if (isGlued(station)) draft.add('prepare', id);
    draft.add('torque', id);
    if (station.kind === 'bolts' && isLocked(station)) draft.add('lock', id);
  }
  draft.slack.clear();
}

/** Side load comes off every shaft in ball bearings on which something moved. */
function relieve(draft: Draft, open: ReadonlySet<EventKey>): void {
  const { model } = draft;
  for (const { id } of model.unit.axes) {
    const hasBalls = model.bodies.some(
      ({ axisId, station }) => axisId === id && station.kind === 'ballBearing',
    );
    if (hasBalls && [...open].some((event) => restsOn(model, id, event))) draft.add('relieve', id);
  }
}

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
  relieve(draft, open);
  for (const one of figures) {
    if (draft.proven.has(figureKey(one)) && !standing.proven.has(figureKey(one))) continue;
    if (isOverhaul && !hadTrial && !isTurned(draft, one.axisId))
      draft.add('measure', one.axisId, { figure: one.figure });
    draft.prove(one);
  }
  const moved = new Set(draft.rows.flatMap(({ move }) => move?.body ?? []));
  for (const { id, station } of model.bodies) {
    const isTouched = moved.has(id) || !whole.has(bodyEvent(id));
    const isLeftOpen = standing.isBegun && !standing.locked.has(id);
    if (THREADED.has(station.kind) && isLocked(station) && (isTouched || isLeftOpen))
      draft.add('lock', id);
  }
  for (const { id } of axes) draft.add('turn', id);
  const hasSeals = model.bodies.some(
    ({ id, station }) => SEALS.has(station.kind) && (isOverhaul || moved.has(id)),
  );
  if (hasSeals) draft.note('pressureTest', model.root);
  if (isOverhaul || draft.isNoted('drain', model.root)) draft.note('fill', model.root);
}
