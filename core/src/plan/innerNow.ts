import { dropInClearance } from '../fits/index.ts';
import { RING_HANDLING, USUAL_WORK, type SeatWord } from '../heat/index.ts';
import { secondsBetween, type Clock, type JobState } from '../job/index.ts';
import { ringBody, seatWindow, type Followed, type SeatWindow } from '../thermal/index.ts';
import type { Part, Station } from '../unit/index.ts';
import { partNow, ringNow, ringReadyIn } from './heatHistory.ts';
import { bodyOf, lacksForHeat } from './heatSeat.ts';
import { partWithSeat } from './ringWays.ts';
import { seatInterference } from './seats.ts';

/** A ring that was taken off its heater is looked after for this long, s. */
const LOOKED_AFTER = 900;

/** How an inner ring that is warmed, or a shaft that is cooled, stands at this moment. °C; s. */
export interface InnerNow {
  readonly phase: 'warming' | 'out';
  readonly ring: Followed;
  /** Of the shaft; null where it was not cooled, or nobody knows how heavy it is: it is as warm as the shop then. */
  readonly shaft: Followed | null;
  /** What it is to be brought to, and until it is there; null where that was not said. */
  readonly target: number | null;
  readonly readyIn: number | null;
  /** From now on, as if it were taken off now where it still lies there. */
  readonly window: SeatWindow;
  /** What it would do if it went on within the time that it takes. */
  readonly word: SeatWord;
}

/**
 * How an inner ring stands that is, or was a moment ago, on a heater or in an oven. Null where none is, or its fit is not known.
 * @param now ISO 8601
 */
export function innerNow(state: JobState, station: Station, now: string): InnerNow | null {
  const clock = clockOf(state, station, now);
  const fit = seatInterference(state, station, 'inner');
  const part = partWithSeat(state.unit!, station, 'inner');
  if (clock === null || fit === null || lacksForHeat(station).length > 0) return null;
  const ring = ringNow(state, station, 'inner', now);
  const shaft = part === null ? null : cooledShaftNow(state, part, now);
  const { inside: diameter, outside, width } = station;
  const ambient = state.heating.heat[station.partId]?.ambient ?? USUAL_WORK.ambient;
  const shaftBody = (part === null ? null : bodyOf(part)) ?? HEAVY_SHAFT;
  const window = seatWindow({
    diameter,
    width,
    interference: fit.most,
    loosest: fit.least,
    clearance: dropInClearance(diameter),
    ambient,
    outer: {
      ...ringBody({ bore: diameter, outside, width }, 'inner'),
      temperature: ring.temperature,
    },
    inner: { ...shaftBody, temperature: shaft?.temperature ?? ambient },
    ring: 'outer',
  });
  const target = clock.target ?? null;
  const isOut = clock.stoppedAt !== null;
  return {
    phase: isOut ? 'out' : 'warming',
    ring,
    shaft,
    target,
    readyIn:
      isOut || target === null
        ? null
        : ringReadyIn(state, station, 'inner', { temperature: ring.temperature, target }),
    window,
    word: wordOf(window),
  };
}

/** A shaft of which nobody knows how heavy it is takes heat without getting warm. Of steel, at the shop's temperature. */
const HEAVY_SHAFT = { material: 'carbonSteel', mass: 1000, area: 1 } as const;

function wordOf({ lastSafe, lastFree }: SeatWindow): SeatWord {
  if (lastFree === null) return 'tight';
  if (lastFree < RING_HANDLING) return 'grabs';
  return lastSafe !== null && lastSafe >= RING_HANDLING ? 'drops' : 'slides';
}

/** A shaft that was in the freezer, by what it has had. */
function cooledShaftNow(state: JobState, part: Part, now: string): Followed | null {
  const wasCooled = state.heating.clocks.some(
    ({ kind, targetId }) => kind === 'freezer' && targetId === part.id,
  );
  return wasCooled ? partNow(state, part, now) : null;
}

/** The clock of a ring that is warming, or came off a moment ago. */
function clockOf(state: JobState, { id }: Station, now: string): Clock | null {
  const last = state.heating.clocks.findLast(
    ({ kind, targetId }) => kind === 'ringWarming' && targetId === id,
  );
  if (last === undefined) return null;
  const isOld = last.stoppedAt !== null && secondsBetween(last.stoppedAt, now) > LOOKED_AFTER;
  return isOld ? null : last;
}

/** Whether a ring of a station is on its heater at this moment. */
export const isOnHeater = ({ heating: { clocks } }: JobState, stationId: string): boolean =>
  clocks.some(
    ({ kind, targetId, stoppedAt }) =>
      kind === 'ringWarming' && targetId === stationId && stoppedAt === null,
  );
