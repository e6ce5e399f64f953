import { OVEN_ABOVE, partHeat, type HeatSettings, type PartHeat } from '../heat/index.ts';
import { secondsBetween, type Clock, type ClockKind, type JobState } from '../job/index.ts';
import { timeUntil, type Followed, type LumpedBody } from '../thermal/index.ts';
import type { Part, Station } from '../unit/index.ts';
import { partNow, ringNow, ringReadyIn } from './heatHistory.ts';
import { heatOfPart } from './jobHeat.ts';
import { ovenSeats, partLimitFor } from './ovenSeats.ts';
import { partBody } from './partEstimate.ts';

/** A ring of a part that is being worked on. */
export interface RingNow {
  readonly station: Station;
  readonly temperature: Followed;
  /** Whether it went in, by its last try. */
  readonly isIn: boolean;
}

/** How a part that is heated stands at this moment: by what it has had, not by which button was pressed. °C; s. */
export interface HeatNow {
  /** `inOven`, `out`: in the hand or on the bench; `shop`: it was in no oven since it was last all in. */
  readonly phase: 'shop' | 'inOven' | 'out';
  /** As they were set when this heat began: what is moved since does not change it. */
  readonly settings: HeatSettings;
  readonly part: Followed;
  readonly rings: readonly RingNow[];
  /** Since it came out; null while it is not out. */
  readonly outFor: number | null;
  /** Until the part is as hot as was planned, by what it has had; null where the oven does not bring it there, or it is out. */
  readonly soakLeft: number | null;
  /** Until the warmest ring is as cold as was planned; 0 where none is to be frozen. */
  readonly freezeLeft: number | null;
  /** What the open rings would do from now on; null when all are in. Times count from now. */
  readonly plan: PartHeat | null;
}

/**
 * How the heat of a part stands now. Null while its heat cannot be worked out.
 * @param now ISO 8601
 */
export function heatNow(state: JobState, part: Part, now: string): HeatNow | null {
  const heat = heatOfPart(state, part);
  const temperature = partNow(state, part, now);
  const slow = partBody(state.unit!, part, 'warms');
  const body = partBody(state.unit!, part, 'cools');
  if (
    heat === null ||
    heat.missing.length > 0 ||
    temperature === null ||
    body === null ||
    slow === null
  )
    return null;
  const oven = lastOf(state, part.id, 'oven');
  const cooling = lastOf(state, part.id, 'cooling');
  const phase = oven?.stoppedAt === null ? 'inOven' : cooling?.stoppedAt === null ? 'out' : 'shop';
  const settings = {
    ...heat.settings,
    ...(phase === 'shop' ? {} : oven?.heat),
    coolingFactor: heat.settings.coolingFactor,
  };
  const rings = ovenSeats(state, part.id).map((station): RingNow => {
    const last = state.fitting.tries[station.id]?.at(-1);
    return {
      station,
      temperature: ringNow(state, station, 'outer', now),
      isIn: last !== undefined && last.outcome !== 'stoppedHalfWay',
    };
  });
  const open = rings.filter(({ isIn }) => !isIn);
  const seats = heat.seats.flatMap((seat) => {
    const one = open.find(({ station }) => station.id === seat.id);
    return one === undefined ? [] : [{ ...seat, lies: one.temperature.temperature }];
  });
  return {
    phase,
    settings,
    part: temperature,
    rings,
    outFor: phase === 'out' ? secondsBetween(cooling!.startedAt, now) : null,
    soakLeft: phase === 'inOven' ? soakLeft(slow, temperature, settings) : null,
    freezeLeft: freezeLeft(state, open, settings),
    plan:
      seats.length === 0
        ? null
        : partHeat(
            body,
            seats,
            {
              ...settings,
              oven: Math.max(0, Math.min(300, temperature.temperature)),
              carry: phase === 'inOven' ? settings.carry : 0,
            },
            partLimitFor(state, part)!,
          ),
  };
}

/** Until a part is as hot as was planned, by the slowest it may warm. */
function soakLeft(
  slow: LumpedBody,
  { temperature, factor }: Followed,
  { medium, oven }: HeatSettings,
): number | null {
  return timeUntil(slow, temperature, {
    medium,
    temperature: oven + OVEN_ABOVE,
    target: oven,
    factor,
  });
}

/** Colder than this above the planned temperature a ring counts as frozen, K. A rule of this program. */
const FROZEN_WITHIN = OVEN_ABOVE;

/** Until the warmest of the open rings is frozen: null where one does not lie in a freezer. */
function freezeLeft(
  state: JobState,
  open: readonly RingNow[],
  { rings, ambient }: Pick<HeatSettings, 'rings' | 'ambient'>,
): number | null {
  if (rings >= ambient - FROZEN_WITHIN) return 0;
  const left = open.map(({ station, temperature: { temperature } }) =>
    temperature <= rings + FROZEN_WITHIN
      ? 0
      : ringReadyIn(state, station, 'outer', { temperature, target: rings + FROZEN_WITHIN }),
  );
  return left.some((seconds) => seconds === null) ? null : Math.max(0, ...left.map(Number));
}

const lastOf = (state: JobState, partId: string, kind: ClockKind): Clock | undefined =>
  state.heating.clocks.findLast((clock) => clock.targetId === partId && clock.kind === kind);
