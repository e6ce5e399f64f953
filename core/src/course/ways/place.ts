import { oncePerObject } from '../../memo/index.ts';
import {
  bodyEvent,
  joinEvent,
  subjectOf,
  type Body,
  type EventKey,
  type Model,
} from '../model/index.ts';

/** What is together, and which bodies lie in a part while the shaft they stand on is out. */
export interface Place {
  readonly in: ReadonlySet<EventKey>;
  readonly lies: ReadonlyMap<string, string>;
}

/** A unit as it runs: all of it together. */
export const wholePlace = oncePerObject((model: Model): Place => ({
  in: new Set(model.events),
  lies: new Map(),
}));

/** What a part hangs on, and by which join. */
interface Link {
  readonly to: string;
  readonly event: EventKey;
}

/** Every joint and shaft hangs on one other part: together they are a tree. */
const linksOf = oncePerObject(
  ({ joints, shafts }: Model): ReadonlyMap<string, Link> =>
    new Map(
      [...joints, ...shafts]
        .filter(({ part, to }) => part !== to)
        .map(({ part, to }) => [part, { to, event: joinEvent(part) }]),
    ),
);

/** A part and what it hangs on, as far as the joins stand. */
function chainOf(
  model: Model,
  start: string,
  place: Place,
  cut: EventKey | null,
): readonly { readonly part: string; readonly by: EventKey | null }[] {
  const links = linksOf(model);
  const chain: { readonly part: string; readonly by: EventKey | null }[] = [];
  let part = start;
  for (;;) {
    const link = links.get(part);
    const holds = link !== undefined && link.event !== cut && place.in.has(link.event);
    chain.push({ part, by: holds ? link.event : null });
    if (!holds) return chain;
    part = link.to;
  }
}

/** The part that carries a body now; null where it is in or on a body that lies on the bench. */
export function carrierOf(model: Model, body: Body, place: Place): string | null {
  const lying = place.lies.get(body.id);
  if (lying !== undefined) return lying;
  const host = model.bodyOf.get(body.host);
  if (host === undefined) return body.host;
  return place.in.has(bodyEvent(host.id)) ? carrierOf(model, host, place) : null;
}

/** Whether a body is in, and what carries it is no body on the bench. */
export const isThere = (model: Model, body: Body, place: Place): boolean =>
  place.in.has(bodyEvent(body.id)) && carrierOf(model, body, place) !== null;

/** The parts that hang together with one. @param cut a join that is taken as parted */
export function groupOf(
  model: Model,
  start: string,
  place: Place,
  cut: EventKey | null = null,
): ReadonlySet<string> {
  const topOf = (part: string) => chainOf(model, part, place, cut).at(-1)!.part;
  const top = topOf(start);
  const others = model.unit.parts.map(({ id }) => id).filter((id) => topOf(id) === top);
  return new Set([start, ...others]);
}

/** The joins between two parts, as they hang together; none where they do not. */
export function joinsBetween(
  model: Model,
  from: string,
  to: string,
  place: Place,
): readonly EventKey[] {
  const [up, down] = [from, to].map((part) => chainOf(model, part, place, null)) as [
    ReturnType<typeof chainOf>,
    ReturnType<typeof chainOf>,
  ];
  const meets = up.findIndex(({ part }) => down.some((one) => one.part === part));
  if (meets < 0) return [];
  const common = up[meets]!.part;
  const back = down.slice(
    0,
    down.findIndex(({ part }) => part === common),
  );
  return [...up.slice(0, meets), ...back].map(({ by }) => by!);
}

/** Parts and the axes along which they have metal, or carry something. */
const standing = oncePerObject(
  ({ unit, metal, bodies }: Model): ReadonlySet<string> =>
    new Set([
      ...unit.parts.flatMap(({ id }) =>
        unit.axes
          .filter((axis) => metal.solid(id, axis.id).length > 0)
          .map((axis) => `${id} ${axis.id}`),
      ),
      ...bodies.map(({ host, axisId }) => `${host} ${axisId}`),
    ]),
);

/** Whether a part has metal along an axis, or carries something there. */
export const standsOn = (model: Model, partId: string, axisId: string): boolean =>
  standing(model).has(`${partId} ${axisId}`);

/** A move: an event comes apart, or together. */
export interface Move {
  readonly event: EventKey;
  readonly direction: -1 | 1 | 'across';
  /** Bodies of a shaft that stay where they are while it is drawn off, or are taken up again by it. */
  readonly left: readonly string[];
  /** The part in which a body lies while its shaft is out. */
  readonly lay: string | null;
}

/** The place after a move out. */
export function afterOut(
  model: Model,
  place: Place,
  { event, left }: Pick<Move, 'event' | 'left'>,
): Place {
  const together = new Set(place.in);
  together.delete(event);
  const id = subjectOf(event);
  const lay = place.lies.has(id) && model.bodyOf.has(id);
  if (left.length === 0 && !lay) return { in: together, lies: place.lies };
  const lies = new Map(place.lies);
  if (lay) lies.delete(id);
  const to = model.shaftOf.get(id)?.to;
  if (to !== undefined) for (const one of left) lies.set(one, to);
  return { in: together, lies };
}

/** The place after a move in: of a way out read backwards. */
export function afterIn(place: Place, { event, left, lay }: Move): Place {
  const together = new Set(place.in).add(event);
  if (left.length === 0 && lay === null) return { in: together, lies: place.lies };
  const lies = new Map(place.lies);
  for (const one of left) lies.delete(one);
  if (lay !== null) lies.set(subjectOf(event), lay);
  return { in: together, lies };
}
