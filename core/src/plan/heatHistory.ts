import { FREEZER, OVEN_ABOVE, USUAL_WORK } from '../heat/index.ts';
import { secondsBetween, type Clock, type ClockKind, type JobState } from '../job/index.ts';
import {
  followBody,
  ringBody,
  RING_SHARE_OF_MASS,
  timeUntil,
  type BearingSize,
  type Followed,
  type LumpedBody,
  type Medium,
  type Stay,
} from '../thermal/index.ts';
import { isSeparable, type Part, type Station } from '../unit/index.ts';
import { partBody } from './partEstimate.ts';

/** What a clock of each kind says of where its target lies. */
type Lies = (clock: Clock) => Pick<Stay, 'medium' | 'temperature'>;

const IN_OVEN: Lies = ({ heat }) => ({
  medium: heat?.medium ?? USUAL_WORK.medium,
  // Without a logged heat nobody knows how warm the oven is: a part in it is taken to stay as it is until it is measured.
  temperature: heat === null ? USUAL_WORK.ambient : heat.oven + OVEN_ABOVE,
});
const IN_FREEZER: Lies = ({ heat, target }) => ({
  medium: 'freezer',
  temperature: Math.min(target ?? heat?.rings ?? FREEZER, FREEZER),
});
/** On a heater nobody knows how warm a ring is until it is measured; in an oven it follows the air. */
const ON_HEATER: Lies = ({ target }) => ({
  medium: 'fanOven',
  temperature: target === undefined ? USUAL_WORK.ambient : target + OVEN_ABOVE,
});

const WHERE: Readonly<Partial<Record<ClockKind, Lies>>> = {
  oven: IN_OVEN,
  freezer: IN_FREEZER,
  ringFreezing: IN_FREEZER,
  ringWarming: ON_HEATER,
};

/** Where a part, or the rings of a part, lay by the clocks that ran: in the shop before, between and after them. */
function staysOf(state: JobState, clocks: readonly Clock[], ambient: number): readonly Stay[] {
  const shop = { medium: 'stillAir' as const, temperature: ambient };
  const zero = startOf(state);
  const runs = clocks.flatMap((clock) => {
    const lies = WHERE[clock.kind];
    return lies === undefined
      ? []
      : [
          { from: secondsBetween(zero, clock.startedAt), ...lies(clock) },
          ...(clock.stoppedAt === null
            ? []
            : [{ from: secondsBetween(zero, clock.stoppedAt), ...shop }]),
        ];
  });
  return [{ from: Math.min(0, ...runs.map(({ from }) => from)), ...shop }, ...runs].toSorted(
    (a, b) => a.from - b.from,
  );
}

/** Any moment to count from: the first clock or reading. */
const startOf = ({ sheet, heating: { clocks } }: JobState): string =>
  sheet.openedAt ?? clocks[0]?.startedAt ?? '1970-01-01T00:00:00Z';

interface Followable {
  readonly body: LumpedBody;
  readonly id: string;
  readonly clocks: readonly Clock[];
  readonly ambient: number;
  readonly factors?: Readonly<Partial<Record<Medium, number>>>;
}

function followed(state: JobState, now: string, one: Followable): Followed {
  const zero = startOf(state);
  const readings = (state.heating.temperatures[one.id] ?? [])
    .map(({ value, at }) => ({ value, at: secondsBetween(zero, at) }))
    .toSorted((a, b) => a.at - b.at);
  return followBody(one.body, {
    start: one.ambient,
    stays: staysOf(state, one.clocks, one.ambient),
    readings,
    now: secondsBetween(zero, now),
    ...(one.factors === undefined ? {} : { factors: one.factors }),
  });
}

const ambientOf = (state: JobState, partId: string): number =>
  state.heating.heat[partId]?.ambient ?? USUAL_WORK.ambient;

const ofTarget = (state: JobState, id: string, kinds: readonly ClockKind[]): readonly Clock[] =>
  state.heating.clocks.filter(({ targetId, kind }) => targetId === id && kinds.includes(kind));

/**
 * How warm a part is by what it has had: its clocks, and every thermometer reading, which goes before them. Null while its
 * mass and surface are not known.
 * @param now ISO 8601
 */
export function partNow(state: JobState, part: Part, now: string): Followed | null {
  const seen = coolingSeen(state, part);
  return seen === null
    ? followedPart(state, part, now, {})
    : followedPart(state, part, now, { stillAir: seen.factor });
}

function followedPart(
  state: JobState,
  part: Part,
  now: string,
  factors: Readonly<Partial<Record<Medium, number>>>,
): Followed | null {
  const body = partBody(state.unit!, part, 'follows');
  return body === null
    ? null
    : followed(state, now, {
        body,
        id: part.id,
        // A shaft goes into the freezer itself; of another part its rings do.
        clocks: ofTarget(state, part.id, part.kind === 'shaft' ? ['oven', 'freezer'] : ['oven']),
        ambient: ambientOf(state, part.id),
        factors,
      });
}

/**
 * How cold or warm a ring of a part is: as long as it has lain in the freezer, by the clock of its part or its own. A ring
 * that was never put in is as warm as the shop.
 */
export function ringNow(
  state: JobState,
  station: Station,
  ring: 'outer' | 'inner',
  now: string,
): Followed {
  const { id, partId } = station;
  return followed(state, now, {
    body: ringBody(sizeOf(station), ring),
    id,
    clocks: clocksOf(state, station, ring),
    ambient: ambientOf(state, partId),
    factors: wholeFactors(station, ring),
  });
}

/** Until a ring is as cold or as warm as it is to be, s; null where it lies neither in a freezer nor in an oven. */
export function ringReadyIn(
  state: JobState,
  station: Station,
  ring: 'outer' | 'inner',
  { temperature, target }: { readonly temperature: number; readonly target: number },
): number | null {
  const running = clocksOf(state, station, ring).find(({ stoppedAt }) => stoppedAt === null);
  const lies = running === undefined ? undefined : WHERE[running.kind];
  return running === undefined || lies === undefined
    ? null
    : timeUntil(ringBody(sizeOf(station), ring), temperature, {
        ...lies(running),
        target,
        factor: wholeFactors(station, ring).freezer,
      });
}

const sizeOf = ({ inside: bore, outside, width }: Station): BearingSize => ({
  bore,
  outside,
  width,
});

/** A whole bearing freezes and warms as slowly as it is heavy; in the hand its ring alone is taken, the safe side of both. */
function wholeFactors(station: Station, ring: 'outer' | 'inner') {
  const factor = isSeparable(station) ? 1 : RING_SHARE_OF_MASS[ring];
  return { freezer: factor, fanOven: factor };
}

/** Clocks of what a ring lay in, by time: the freezer with its part's rings, or by itself; the heater of an inner ring. */
const clocksOf = (
  state: JobState,
  { id, partId }: Station,
  ring: 'outer' | 'inner',
): readonly Clock[] =>
  [
    ...(ring === 'outer' ? ofTarget(state, partId, ['freezer']) : []),
    ...ofTarget(state, id, ring === 'outer' ? ['ringFreezing'] : ['ringWarming']),
  ]
    .map((clock) => ({ ...clock, stoppedAt: outAt(state, id, clock) }))
    .toSorted((a, b) => secondsBetween(b.startedAt, a.startedAt));

/** When a ring left what a clock is about: at the latest when it was tried in its seat. */
function outAt(state: JobState, stationId: string, { startedAt, stoppedAt }: Clock): string | null {
  const tried = (state.fitting.tries[stationId] ?? []).find(
    ({ at }) => secondsBetween(startedAt, at) >= 0,
  );
  if (tried === undefined) return stoppedAt;
  return stoppedAt === null || secondsBetween(tried.at, stoppedAt) > 0 ? tried.at : stoppedAt;
}

/** How fast a part of this kind was seen to cool in the shop: its own last heat, else another half's. Null while none was. */
export function coolingSeen(
  state: JobState,
  part: Part,
): { readonly factor: number; readonly on: string } | null {
  const at = state.log.lastAt;
  if (at === null) return null;
  const cooled = state
    .unit!.parts.filter(({ id }) => ofTarget(state, id, ['cooling']).length > 0)
    .flatMap((one) => {
      const seen = followedPart(state, one, at, {});
      const isCooling = ofTarget(state, one.id, ['oven']).at(-1)?.stoppedAt !== null;
      return seen === null || seen.readings === 0 || !isCooling
        ? []
        : [{ factor: seen.factor, on: one.name, id: one.id, kind: one.kind }];
    });
  return (
    cooled.findLast(({ id }) => id === part.id) ??
    cooled.findLast(({ kind }) => kind === part.kind) ??
    null
  );
}
