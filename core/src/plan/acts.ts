import { FIGURES, type Dependency, type FigureKind } from '../figures/index.ts';
import { modelOf, restsOn, boltsEvent, bodyEvent } from '../course/index.ts';
import type { JobState } from '../job/index.ts';
import { standingNow } from '../standing/index.ts';
import { sleeveNut, type Axis } from '../unit/index.ts';

/** What is set at a station, in shims, length or turns: it moves these. */
const SET: readonly Dependency[] = ['distance', 'clamp', 'mesh'];
const CRUSHED: readonly Dependency[] = ['distance', 'clamp'];

/** When something that a figure of an axis depends on was last moved, among all that happened; 0 when nothing was. */
export function lastAct(state: JobState, axis: Axis, figure: FigureKind): number {
  const { dependsOn } = FIGURES[figure];
  const isMoved = (moves: readonly Dependency[]) =>
    moves.some((one) => dependsOn.some((other) => other === one));
  const { moved, dragged } = standingNow(state);
  const crushed = state.measured.torques.findLast(
    (row) => row.axisId === axis.id && row.stage === 'crush',
  );
  const set = axis.stations.map(({ id }) => state.setting.moved[id] ?? 0);
  return Math.max(
    0,
    moved.get(axis.id) ?? 0,
    ...(isMoved(['drag']) ? [dragged.get(axis.id) ?? 0] : []),
    ...(isMoved(SET) ? set : []),
    ...(isMoved(CRUSHED) ? [crushed?.order ?? 0] : []),
  );
}

/** Whether nuts and bolts of an axis are off, or hold only for a reading: its figures are proven once they hold for good. */
export function torqueIsOpen(state: JobState, axis: Axis): boolean {
  const model = modelOf(state.unit!);
  const { place, slack } = standingNow(state);
  const last = sleeveNut(axis)?.id;
  const nuts = axis.stations.filter(({ id, kind }) => kind === 'nut' && id !== last);
  return [
    ...nuts.map(({ id }) => ({ id, event: bodyEvent(id) })),
    ...model.bolts.map(({ id }) => ({ id, event: boltsEvent(id) })),
  ].some(
    ({ id, event }) => restsOn(model, axis.id, event) && (slack.has(id) || !place.in.has(event)),
  );
}
