import type { Draft, AxisFigure } from './draft.ts';
import { figureKey } from './draft.ts';
import { ensure } from './ensure.ts';
import { isHeavy } from './keys.ts';
import { isCrushed, isGlued, isSetter, ROLLING, THREADED } from './kinds.ts';
import {
  bodyEvent,
  boltsEvent,
  joinEvent,
  SEALS,
  type Body,
  type EventKey,
} from './model/index.ts';
import { withSpoiled } from './needs.ts';
import { checkStack } from './putTogether.ts';
import { clear, wholePlace } from './ways/index.ts';

/** What the stages of a course are told. */
export interface StageGoal {
  readonly isOverhaul: boolean;
  /** Figures that are to be proven: something moved that they rest on. */
  readonly open: readonly AxisFigure[];
}

/** One stage: the axes whose figures are set together, and what is not in yet while they are. */
interface Stage {
  readonly axes: readonly string[];
  readonly absent: ReadonlySet<EventKey>;
}

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

/** Packs and spacers that are chosen by a reading of this stage. */
function packsToTry(
  draft: Draft,
  { axes }: Stage,
  { isOverhaul, open }: StageGoal,
): readonly Body[] {
  const { bodies } = draft.model;
  const isRenewed = (axisId: string) =>
    isOverhaul ||
    bodies.some((body) => body.axisId === axisId && draft.isToRenew(body) && carries(body));
  return bodies.filter((body) => {
    const { id, axisId, station, host } = body;
    if (!isSetter(body) || station.kind === 'adjuster' || isCrushed(body)) return false;
    if (station.place === 'behindHeadCone' || draft.settled.has(id)) return false;
    const besideSleeve = bodies.some(
      (one) => isCrushed(one) && one.axisId === axisId && one.host === host,
    );
    return (
      !besideSleeve &&
      axes.includes(axisId) &&
      open.some((figure) => figure.axisId === axisId) &&
      isRenewed(axisId)
    );
  });
}

const carries = ({ station: { kind } }: Body): boolean =>
  ROLLING.has(kind) || kind === 'needleThrust' || kind === 'thrustWasher' || kind === 'spacer';

function tryPacks(draft: Draft, stage: Stage, packs: readonly Body[]): void {
  const { model } = draft;
  const skipped = leftOpen(draft);
  const isAbsent = (event: EventKey) => stage.absent.has(event);
  draft.onTrial(() => {
    ensure(
      draft,
      draft.all((event) => isAbsent(event) || skipped.has(event)),
    );
    for (const axisId of new Set(packs.map((body) => body.axisId))) {
      if (!model.bodies.some((body) => body.axisId === axisId && THREADED.has(body.station.kind)))
        checkStack(draft, axisId);
      for (const { figure } of draft.figures.filter((one) => one.axisId === axisId))
        draft.add('measure', axisId, { figure, trial: true });
    }
    for (const { id } of packs) {
      draft.add('choose', id);
      draft.settled.add(id);
    }
  });
  const again = [
    ...packs.map(({ id }) => bodyEvent(id)),
    ...glued(draft).filter((event) => draft.has(event)),
  ];
  ensure(draft, draft.all(isAbsent), [...withSpoiled(model, draft.place, again)]);
}

/** What is held by threadlocker is tightened for the reading without it, and comes out again for it. */
const glued = ({ model }: Draft): readonly EventKey[] => [
  ...model.bolts.filter(isGlued).map(({ id }) => boltsEvent(id)),
  ...model.bodies
    .filter(({ station }) => THREADED.has(station.kind) && isGlued(station))
    .map(({ id }) => bodyEvent(id)),
];

/** What stays off while a trial pack is read: outer seals, and covers that carry nothing and would only hide the shaft. */
function leftOpen(draft: Draft): ReadonlySet<EventKey> {
  const { model } = draft;
  const open = new Set<EventKey>();
  for (const { id, station } of model.bodies) {
    const event = bodyEvent(id);
    if (SEALS.has(station.kind) && !draft.has(event) && !isHeavy(model, event)) open.add(event);
  }
  for (const { part, halves, bolts } of model.joints) {
    const isNeeded = model.bodies.some(
      ({ host, under, station }) =>
        (host === part && !SEALS.has(station.kind)) ||
        (under === part && station.kind === 'shimSite'),
    );
    if (halves || isNeeded || draft.has(joinEvent(part))) continue;
    open.add(joinEvent(part));
    for (const id of bolts) open.add(boltsEvent(id));
    for (const { id, host, under } of model.bodies)
      if (host === part || under === part) open.add(bodyEvent(id));
  }
  return open;
}

/** Adjusters: all but what covers or locks them, then turned to their figure; the rest follows. */
function turnAdjusters(draft: Draft, { axes, absent }: Stage, goal: StageGoal): void {
  const { model } = draft;
  const adjusters = model.bodies.filter(
    ({ station, axisId }) => station.kind === 'adjuster' && axes.includes(axisId),
  );
  const isAsked =
    goal.isOverhaul ||
    goal.open.some(({ axisId }) => adjusters.some((body) => body.axisId === axisId));
  if (adjusters.length === 0 || !isAsked) return;
  const late = coversOf(draft, adjusters);
  draft.onTrial(() =>
    ensure(
      draft,
      draft.all((event) => absent.has(event) || (late.has(event) && !draft.has(event))),
    ),
  );
  for (const { id, axisId } of adjusters) {
    if (draft.settled.has(id)) continue;
    setAdjuster(draft, id, axisId);
    draft.settled.add(id);
  }
}

/** An adjuster is read and turned until its figure is right. */
export function setAdjuster(draft: Draft, id: string, axisId: string): void {
  const [figure] = draft.axisOf(axisId).sets;
  if (figure !== undefined) draft.add('measure', axisId, { figure });
  draft.add('setPreload', id);
}

/** What covers or locks adjusters in a unit that is whole, and every circle of bolts that holds no joint. */
function coversOf({ model }: Draft, adjusters: readonly Body[]): ReadonlySet<EventKey> {
  const own = new Set(adjusters.map(({ id }) => bodyEvent(id)));
  return new Set([
    ...[...own]
      .flatMap((event) => clear(model, event, wholePlace(model))?.moves ?? [])
      .map(({ event }) => event)
      .filter((event) => !own.has(event)),
    ...model.holds.map(({ boltsId }) => boltsEvent(boltsId)),
  ]);
}

/** The figures of a stage that is over before the others begin. */
function proveNow(
  draft: Draft,
  { axes, absent }: Stage,
  { isOverhaul, open, hadTrial }: StageGoal & { readonly hadTrial: boolean },
): void {
  ensure(
    draft,
    draft.all((event) => absent.has(event)),
  );
  for (const one of open.filter(({ axisId }) => axes.includes(axisId))) {
    if (isOverhaul && !hadTrial && !isTurned(draft, one.axisId))
      draft.add('measure', one.axisId, { figure: one.figure });
    if (!draft.proven.has(figureKey(one))) draft.prove(one);
  }
}

/** Whether the figures of an axis are set by turning: an adjuster, or the nut on a sleeve. */
export const isTurned = ({ model }: Draft, axisId: string): boolean =>
  model.bodies.some(
    (body) => body.axisId === axisId && (body.station.kind === 'adjuster' || isCrushed(body)),
  );
