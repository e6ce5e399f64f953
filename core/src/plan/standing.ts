import { assemblyOf, eventOfPart, type Assembly, type EventKey } from '../assembly/index.ts';
import { isolated } from '../faults/index.ts';
import type { JobState } from '../job/index.ts';
import type { Unit } from '../unit/index.ts';
import { oncePerPair } from '../memo/index.ts';
import { motionOf, type Motion } from './motions.ts';
import { orderFor } from './orderOfBuild.ts';
import type { Subject } from './rule.ts';
import type { Step } from './step.ts';

/** What a step is about, as its rule asks; null where that is no axis, station or part. */
export function subjectFor(state: JobState, unit: Unit, step: Step): Subject | null {
  const { axisId, stationId, partId } = step;
  const bare = { state, unit };
  const axis = unit.axes.find(({ id }) => id === axisId) ?? null;
  const part = unit.parts.find(({ id }) => id === partId) ?? null;
  if (stationId !== null && axis !== null) {
    const station = axis.stations.find(({ id }) => id === stationId);
    return station === undefined
      ? null
      : { ...bare, about: 'station', axis, station, part, faults: [] };
  }
  if (axis !== null) return { ...bare, about: 'axis', axis };
  return part === null ? null : { ...bare, about: 'part', part };
}

/** What is there at a step, and the parts that lie together with what it is about; null for all of them. */
export interface Standing {
  readonly isThere: (event: EventKey) => boolean;
  readonly parts: ReadonlySet<string> | null;
}

/** What is there while a motion is made; the part that something goes into or comes out of lies on the bench. */
export function whileMoving(assembly: Assembly, motion: Motion): Standing {
  const host = hostOf(assembly, motion.events);
  if (host === null) return { isThere: (event) => stays(motion, event), parts: null };
  const own = eventOfPart(assembly, host);
  const parts = lyingWith(assembly, host, (event) => stays(motion, event));
  return { isThere: (event) => event === own || stays(motion, event), parts };
}

/** The parts that lie with one: a shaft alone, until it is in; null for all of them. */
function lyingWith(
  assembly: Assembly,
  host: string,
  isThere: (event: EventKey) => boolean,
): ReadonlySet<string> | null {
  if (!assembly.shafts.includes(host)) return togetherWith(assembly, host, isThere);
  return isThere(`take:${host}`) ? null : new Set([host]);
}

/** What something stands in or on: a part before a shaft; null where nothing of it does, or the shaft itself moves. */
function hostOf({ bodies, shafts }: Assembly, events: readonly EventKey[]): string | null {
  if (shafts.some((id) => events.includes(`take:${id}`))) return null;
  const hosts = bodies.filter(({ id }) => events.includes(`take:${id}`)).map(({ host }) => host);
  return hosts.find((host) => !shafts.includes(host)) ?? hosts[0] ?? null;
}

/** The parts that lie together with one: over joints that are closed; shafts and what no joint holds are where they are. */
function togetherWith(
  { joints, shafts, unit }: Assembly,
  partId: string,
  isClosed: (event: EventKey) => boolean,
): ReadonlySet<string> {
  const together = new Set([partId]);
  const closed = joints.filter(({ part }) => isClosed(`part:${part}`));
  for (let size = 0; size !== together.size;) {
    size = together.size;
    for (const { part, to } of closed) {
      if (together.has(part)) together.add(to);
      if (together.has(to)) together.add(part);
    }
  }
  const jointed = new Set(joints.flatMap(({ part, to }) => [part, to]));
  const loose = unit.parts.map(({ id }) => id).filter((id) => !jointed.has(id));
  return new Set([...together, ...shafts, ...loose]);
}

/** Whether something is in its place while a motion is made: it goes in before, or comes out after; what the job leaves stays. */
function stays({ to, order, at }: Motion, event: EventKey): boolean {
  const place = order.places.get(event);
  if (place === undefined) return true;
  return to === 'in' ? place < at : place > at;
}

/** What stands in its place at a step that moves nothing: all of it, until something has gone in. */
export function standing(
  state: JobState,
  unit: Unit,
  step: Step,
  steps: readonly Step[],
): Standing {
  const assembly = assemblyOf(unit);
  const last = lastIn(
    state,
    unit,
    steps.slice(
      0,
      steps.findIndex(({ id }) => id === step.id),
    ),
  );
  const heated = step.act === 'heat' ? step.partId : null;
  const subject = subjectFor(state, unit, step);
  if (last === null && (heated === null || subject === null))
    return { isThere: () => true, parts: null };
  const order = last?.order ?? orderFor(subject!, 'in');
  const isIn = (event: EventKey) => (order.places.get(event) ?? -1) <= (last?.upTo ?? -1);
  // A part that is heated is there, whatever closes it later.
  const host = heated ?? homeOf(assembly, step, isIn) ?? last?.host ?? null;
  const own = host === null ? null : eventOfPart(assembly, host);
  const parts = host === null ? null : lyingWith(assembly, host, isIn);
  return {
    isThere: (event) => event === own || isIn(event),
    parts: heated === null ? parts : new Set([heated]),
  };
}

/** What the rings of a step's station stand in or on, as far as they are in: what was fitted elsewhere since is not looked at. */
function homeOf(
  { bodies, shafts }: Assembly,
  { stationId }: Step,
  isIn: (event: EventKey) => boolean,
): string | null {
  const hosts = bodies
    .filter(({ id, station }) => station.id === stationId && isIn(`take:${id}`))
    .map(({ host }) => host);
  return hosts.find((host) => !shafts.includes(host)) ?? hosts[0] ?? null;
}

/** What a step moves; null where it moves nothing. Worked out once for a step of a state. */
export const motionAt = oncePerPair((state: JobState, step: Step): Motion | null => {
  const subject = state.unit === null ? null : subjectFor(state, state.unit, step);
  const moved = subject === null ? null : isolated(() => motionOf(step.rule, subject));
  return moved?.ok === true ? moved.value : null;
});

/** The last of some steps that puts something in, and how far its order has come with it; null where none does. */
function lastIn(state: JobState, unit: Unit, steps: readonly Step[]) {
  for (const step of steps.toReversed()) {
    const motion = motionAt(state, step);
    if (motion?.to === 'out') return null;
    if (motion === null) continue;
    const { order, events, at } = motion;
    const host = hostOf(assemblyOf(unit), events);
    return {
      order,
      host,
      upTo: Math.max(at, ...events.map((event) => order.places.get(event) ?? at)),
    };
  }
  return null;
}
