import { isTurned, turnAdjusters } from './adjusters.ts';
import { tightenForGood } from './after.ts';
import { figureKey, type Draft } from './draft.ts';
import { ensure } from './ensure.ts';
import { joinEvent } from './model/index.ts';
import type { Stage, StageGoal } from './stage.ts';
import { packsToTry, tryPacks } from './trialPacks.ts';
import { clear, wholePlace } from './ways/index.ts';

/**
 * The figures, group by group: what drives is set and proven while what it drives is out, if that is out anyway; then the rest
 * together.
 * @returns whether anything was measured with trial packs
 */
export function runStages(draft: Draft, goal: StageGoal): boolean {
  const first = driversFirst(draft, goal);
  const early = first.map((stage) => {
    const hadTrial = runStage(draft, stage, goal);
    proveNow(draft, stage, { ...goal, hadTrial });
    return hadTrial;
  });
  const done = new Set(first.flatMap(({ axes }) => axes));
  const axes = draft.model.unit.axes.map(({ id }) => id).filter((id) => !done.has(id));
  return runStage(draft, { axes, absent: new Set() }, goal) || early.includes(true);
}

/** Drivers of what is out now, each with what stays out until it is proven. */
function driversFirst({ model, place }: Draft, { open }: StageGoal): readonly Stage[] {
  const { axes, meshes } = model.unit;
  return axes
    .filter(({ id }) => open.some(({ axisId }) => axisId === id))
    .flatMap(({ id, stations }): readonly Stage[] => {
      const own = new Set(stations.map((station) => station.id));
      const driven = (meshes ?? [])
        .filter(({ driverId }) => driverId !== null && own.has(driverId))
        .flatMap(({ drivenId }) =>
          axes.filter(
            (axis) =>
              axis.id !== id &&
              axis.sets.length > 0 &&
              axis.stations.some((station) => station.id === drivenId),
          ),
        )
        .map((axis) => axis.id);
      const apart = model.shafts
        .filter((shaft) => shaft.axes.some((axis) => driven.includes(axis)))
        .filter((shaft) => !shaft.axes.includes(id))
        .map(({ part }) => joinEvent(part))
        .filter((event) => !place.in.has(event));
      if (apart.length === 0) return [];
      const absent = apart
        .flatMap((event) => clear(model, event, wholePlace(model))?.moves ?? [])
        .map(({ event }) => event)
        .filter((event) => !place.in.has(event));
      return [{ axes: [id], absent: new Set(absent) }];
    });
}

function runStage(draft: Draft, stage: Stage, goal: StageGoal): boolean {
  const packs = packsToTry(draft, stage, goal);
  if (packs.length > 0) tryPacks(draft, stage, packs);
  turnAdjusters(draft, stage, goal);
  return packs.length > 0;
}

/** The figures of a stage that is over before the others begin. */
function proveNow(
  draft: Draft,
  { axes, absent }: Stage,
  { isOverhaul, open, hadTrial }: StageGoal & { readonly hadTrial: boolean },
): void {
  draft.waypoint = 'final';
  ensure(
    draft,
    draft.all((event) => absent.has(event)),
  );
  tightenForGood(draft, axes);
  for (const one of open.filter(({ axisId }) => axes.includes(axisId))) {
    if (isOverhaul && !hadTrial && !isTurned(draft, one.axisId))
      draft.add('measure', one.axisId, { figure: one.figure });
    if (!draft.proven.has(figureKey(one))) draft.prove(one);
  }
}
