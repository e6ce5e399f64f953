import type { Draft } from './draft.ts';
import { ensure } from './ensure.ts';
import { hasBalls } from './after.ts';
import { isHeavy } from './keys.ts';
import { isCrushed, chosenSites, isGlued, isSetter, ROLLING, THREADED } from './kinds.ts';
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
import type { Stage, StageGoal } from './stage.ts';

/** Packs and spacers that are chosen by a reading of this stage. */
export function packsToTry(
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
    if (!isSetter(body) || !chosenSites(draft.model).has(station.id)) return false;
    if (station.kind === 'adjuster' || isCrushed(body)) return false;
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

/** The packs of a stage: put together with them on trial, read, chosen, and apart again as far as they ask for. */
export function tryPacks(draft: Draft, stage: Stage, packs: readonly Body[]): void {
  const { model } = draft;
  const skipped = leftOpen(draft);
  const isAbsent = (event: EventKey) => stage.absent.has(event);
  draft.waypoint = 'trial';
  draft.onTrial(() => {
    ensure(
      draft,
      draft.all((event) => isAbsent(event) || skipped.has(event)),
    );
    for (const axisId of new Set(packs.map((body) => body.axisId))) {
      if (hasBalls(model, axisId)) draft.note('relieve', axisId);
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
  draft.waypoint = 'final';
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
