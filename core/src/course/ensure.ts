import type { Draft } from './draft.ts';
import { classOut, lastKey, outKey } from './keys.ts';
import { bodyEvent, joinEvent, type EventKey } from './model/index.ts';
import { putTogether } from './putTogether.ts';
import { takeApart } from './takeApart.ts';
import { afterOut, clear, peel, type Peeled, type PeelKey, type Place } from './ways/index.ts';

/** No move before another: what is asked is only whether there is a way. */
const ANY: PeelKey = () => [0];
/** How often it is looked for what shuts something out, and for what lies astray. */
const MOST_TURNS = 30;
const MOST_ASTRAY = 4;

/**
 * Bring a unit from what is together to a target: rows out, then rows in. What is dirty comes out on the way, and what has to for
 * either; the way in is a peel of the target, read backwards.
 */
export function ensure(
  draft: Draft,
  target: ReadonlySet<EventKey>,
  dirty: readonly EventKey[] = [],
): void {
  const goes = leaving(draft, target, dirty);
  shutOut(draft, target, goes);
  strip(draft, goes.apart);
  const up = wayIn(draft, target);
  for (const move of up.moves.toReversed()) putTogether(draft, move);
  draft.noWay.push(...up.forced);
}

/** As {@link ensure}, but nothing goes in. */
export function ensureApart(draft: Draft, target: ReadonlySet<EventKey>): void {
  strip(draft, leaving(draft, target, []).apart);
}

/** What comes apart, and the place once it has. */
interface Goes {
  readonly apart: Set<EventKey>;
  place: Place;
}

/** What has to go: peeled, leaving nothing behind; what that leaves stuck asks what else is in its way. */
function leaving(draft: Draft, target: ReadonlySet<EventKey>, dirty: readonly EventKey[]): Goes {
  const { model, place } = draft;
  const wanted = [...dirty, ...[...place.in].filter((event) => !target.has(event))].toSorted(
    (a, b) => classOut(model, a) - classOut(model, b),
  );
  const first = peel(model, place, wanted, {
    key: ({ event }) => [classOut(model, event)],
    mayLeave: false,
  });
  const goes: Goes = { apart: new Set(first.moves.map(({ event }) => event)), place: first.place };
  const stuck = new Set(first.stuck);
  for (const event of wanted) if (stuck.has(event)) goOut(draft, event, goes);
  return goes;
}

/** Take an event apart in thought, with all that is in its way. */
function goOut({ model, noWay }: Draft, event: EventKey, goes: Goes): void {
  if (!goes.place.in.has(event)) return;
  const cleared = clear(model, event, goes.place);
  if (cleared === null) {
    noWay.push(event);
    goes.apart.add(event);
    goes.place = afterOut(model, goes.place, { event, left: [] });
    return;
  }
  for (const move of cleared.moves) goes.apart.add(move.event);
  goes.place = cleared.place;
}

/** What shuts out something that is wanted in goes out too. */
function shutOut(draft: Draft, target: ReadonlySet<EventKey>, goes: Goes): void {
  const { model } = draft;
  const missing = [...target].filter((event) => !draft.has(event));
  const full = (): Place => filled(draft, goes.place, missing);
  for (let turn = 0; turn < MOST_TURNS && missing.length > 0; turn += 1) {
    if (peel(model, full(), missing, { key: ANY }).stuck.length === 0) return;
    const grew = missing.some((event) => {
      const inTheWay = (clear(model, event, full())?.moves ?? []).filter((move) =>
        goes.place.in.has(move.event),
      );
      for (const move of inTheWay) goOut(draft, move.event, goes);
      return inTheWay.length > 0;
    });
    if (!grew) return;
  }
}

/** A place once more is in: what lay where its shaft was out is on it again. */
function filled({ model }: Draft, { in: together, lies }: Place, more: readonly EventKey[]): Place {
  const all = new Set([...together, ...more]);
  const isTakenUp = (id: string) => all.has(joinEvent(model.bodyOf.get(id)!.host));
  return { in: all, lies: new Map([...lies].filter(([id]) => !isTakenUp(id))) };
}

function strip(draft: Draft, apart: ReadonlySet<EventKey>): void {
  const { model } = draft;
  const down = peel(model, draft.place, apart, { key: outKey(model), force: true });
  for (const move of down.moves) takeApart(draft, move);
  draft.noWay.push(...down.forced);
}

/** The way in, to be read backwards: it has to end with what is. What would lie elsewhere than it lies now is taken out before. */
function wayIn(draft: Draft, target: ReadonlySet<EventKey>): Peeled {
  const { model } = draft;
  for (let turn = 0; ; turn += 1) {
    const open = [...target].filter((event) => !draft.has(event));
    const up = peel(model, filled(draft, draft.place, open), open, {
      key: lastKey(model),
      force: true,
    });
    const astray = turn < MOST_ASTRAY ? lyingElsewhere(draft, up.place) : [];
    if (astray.length === 0) return up;
    for (const id of astray)
      for (const move of clear(model, bodyEvent(id), draft.place)?.moves ?? [])
        takeApart(draft, move);
  }
}

const lyingElsewhere = ({ place }: Draft, { in: together, lies }: Place): readonly string[] =>
  [...new Set([...lies.keys(), ...place.lies.keys()])].filter((id) => {
    const event = bodyEvent(id);
    return place.in.has(event) && together.has(event) && lies.get(id) !== place.lies.get(id);
  });
