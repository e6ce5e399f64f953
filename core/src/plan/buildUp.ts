import {
  assemblyOf,
  builtState,
  clear,
  coversOf,
  isOverSeal,
  subjectOf,
  type EventKey,
  type Move,
} from '../assembly/index.ts';
import { FIGURES } from '../figures/index.ts';
import { oncePerObject, oncePerPair } from '../memo/index.ts';
import {
  findStation,
  gearsOf,
  setsZeroPlay,
  type Axis,
  type Part,
  type Station,
  type Unit,
} from '../unit/index.ts';
import { nameOfRing } from './nameOfEvent.ts';

import { sleeveNut } from './sleeves.ts';

/** Whether an axis is built up once to be measured, before it is built up for good. */
export function hasTrial(axis: Axis): boolean {
  return axis.sets.some((kind) => FIGURES[kind].taken === 'run') && !setsZeroPlay(axis);
}

const takes = (id: string): EventKey => `take:${id}`;

/** What lies over something in the finished unit, but for seals. */
function lidOf(unit: Unit, { id }: Station): readonly EventKey[] {
  const assembly = assemblyOf(unit);
  const seals = new Set(
    assembly.bodies.filter(({ station }) => station.kind === 'seal').map((body) => takes(body.id)),
  );
  return [...coversOf(assembly, takes(id))].filter((event) => !seals.has(event));
}

/** Whether a seal can no longer go in once the unit is built up: a nut, a hub, a flange or a part lies over it. */
export const isCovered = (unit: Unit, seal: Station): boolean => lidOf(unit, seal).length > 0;

/** Whether the shaft itself lies over a seal, which then is in before the shaft is, also on trial. */
export function isUnderShaft(unit: Unit, seal: Station): boolean {
  const { shafts } = assemblyOf(unit);
  return lidOf(unit, seal).some((event) => shafts.includes(subjectOf(event)));
}

/** Whether a station is a hub that goes onto its shaft over a seal, which has to be in before it. */
export const coversSeal = (unit: Unit, { id }: Station): boolean =>
  isOverSeal(assemblyOf(unit), takes(id));

/** Gears, in the order of the shaft, but for hubs that go on over a seal later and those that are one with it. */
export function looseOnShaft(unit: Unit, axis: Axis): readonly Station[] {
  const assembly = assemblyOf(unit);
  return assembly.bodies
    .filter(
      ({ axisId, station, id }) =>
        axisId === axis.id && station.kind === 'gear' && !isOverSeal(assembly, takes(id)),
    )
    .map(({ station }) => station)
    .toSorted((a, b) => a.at - b.at);
}

/** The shafts whose steps, gears and hubs stand on an axis. */
export function shaftsOn(unit: Unit, { stations }: Axis): readonly string[] {
  const { shafts } = assemblyOf(unit);
  return shafts.filter((id) => stations.some(({ partId }) => partId === id));
}

/**
 * What has to come off a trial build before a pack can be changed; the pack itself is last. Seals and the hubs over them are not
 * in yet: on a job to renew something those that came out.
 * @param reached what such a job takes out; null where all of it is
 */
export const offForPack = (
  unit: Unit,
  site: Station,
  reached: ReadonlySet<EventKey> | null,
): readonly Move[] => movesOff(unit, site)(reached ?? ALL_OF_IT);

const ALL_OF_IT = { has: () => true } as const;

const movesOff = oncePerPair((unit: Unit, site: Station) =>
  oncePerObject((reached: Pick<ReadonlySet<EventKey>, 'has'>): readonly Move[] => {
    const assembly = assemblyOf(unit);
    const notYet = new Set(
      assembly.bodies
        .filter(({ station, id }) => station.kind === 'seal' || isOverSeal(assembly, takes(id)))
        .filter(({ id }) => reached.has(takes(id)))
        .map(({ id }) => id),
    );
    const built = builtState(assembly, notYet);
    const { moves } = clear(assembly, built, [takes(site.id)]);
    // A pinion comes out of its ring gear's way only once that is out, and a shaft under caps is lifted out for what lies beside it.
    const before = [...drivenBefore(unit, moves), ...underCaps(unit, site)];
    if (before.length === 0) return moves;
    const first = clear(assembly, built, before).moves;
    const out = new Set(first.map(({ event }) => event));
    return [...first, ...moves.filter(({ event }) => !out.has(event))];
  }),
);

/** The shafts under the caps of the axis of a site. */
function underCaps(unit: Unit, { id }: Station): readonly EventKey[] {
  const axis = findStation(unit, id)?.axis;
  const { caps } = assemblyOf(unit);
  return axis === undefined
    ? []
    : shaftsOn(unit, axis)
        .filter((shaft) => (caps.get(shaft) ?? []).length > 0)
        .map(takes);
}

/** The shafts of the gears that are driven by those which come out. */
function drivenBefore(unit: Unit, moves: readonly Move[]): readonly EventKey[] {
  const out = new Set(moves.map(({ event }) => event));
  const { shafts } = assemblyOf(unit);
  return (unit.meshes ?? []).flatMap((mesh) => {
    const { driver, driven } = gearsOf(unit, mesh);
    const [from, to] = [driver?.station.partId, driven?.station.partId];
    return from !== undefined && to !== undefined && shafts.includes(to) && out.has(takes(from))
      ? [takes(to)]
      : [];
  });
}

/** What comes off for a pack and goes on again, as a sentence; none where nothing does. */
export function offWords(unit: Unit, site: Station, reached: ReadonlySet<EventKey> | null): string {
  const names = offForPack(unit, site, reached)
    .slice(0, -1)
    .map(({ event }) => nameOfRing(unit, event));
  return names.length === 0
    ? ''
    : ` Mark what is undone. Off for it, in this order: ${[...new Set(names)].join(', ')}; on again the other way round.`;
}

/** Whether something is reached only once the unit is open or its shaft out: what stands in another part lies over it. */
export function isInside(unit: Unit, station: Station): boolean {
  const { bodies } = assemblyOf(unit);
  const homeOf = (id: string) => bodies.find((body) => body.id === id)?.host ?? id;
  return [...coversOf(assemblyOf(unit), takes(station.id))].some(
    (event) => homeOf(subjectOf(event)) !== station.partId,
  );
}

/** Bolt circles over the caps of an axis: what runs under them is lifted out across. */
export function capsOn(unit: Unit, axis: Axis): readonly Station[] {
  const { caps } = assemblyOf(unit);
  const ids = new Set(shaftsOn(unit, axis).flatMap((id) => caps.get(id) ?? []));
  return axis.stations.filter(({ id }) => ids.has(id));
}

/** Whether something stands in the bore of a part, and does not come and go with a shaft. */
export const standsInPart = (unit: Unit, { partId }: Station): boolean =>
  !assemblyOf(unit).shafts.includes(partId);

/** Nuts and end screws that clamp a trial build: at their torque before anything is measured. With a sleeve they are snug only. */
export const clampingNuts = (axis: Axis): readonly Station[] =>
  isClamped(axis) && hasTrial(axis) && sleeveNut(axis) === null
    ? axis.stations.filter((station) => station.kind === 'nut' || isEndScrew(axis, station))
    : [];

/** Whether what a nut or screw on the shaft clamps has a part in the play: cones on a spacer, thrust bearings past a plate. */
const isClamped = ({ arrangement, stations }: Axis): boolean =>
  arrangement === 'backToBack' || stations.some(isPastPlate);

/** The spacer of a stack that is clamped past a fixed plate. */
const isPastPlate = ({ place }: Station): boolean => place === 'pastFixedPlate';

/** A screw into the end of the shaft that such a stack stands on. */
const isEndScrew = ({ stations }: Axis, { kind, partId }: Station): boolean =>
  kind === 'bolts' && stations.some((one) => isPastPlate(one) && one.partId === partId);

/** Parts that bolts close on one another. */
export const isJoined = ({ kind }: Part): boolean => kind === 'cover' || kind === 'caseHalf';
