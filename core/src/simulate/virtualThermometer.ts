import type { Clock, JobState } from '../job/index.ts';
import { secondsBetween } from '../job/index.ts';
import { OVEN_ABOVE, USUAL_WORK } from '../heat/index.ts';
import {
  bearingBody,
  MEDIA,
  temperatureAfter,
  timeConstant,
  type LumpedBody,
  type Medium,
} from '../thermal/index.ts';
import { findStation } from '../unit/index.ts';

/** How much faster the virtual part cools than its lumped body says. Invented. */
export const HIDDEN_COOLING = 1.3;

/** What is touched, and the clocks that say where it lay: what is around it while one runs. */
interface Touched {
  readonly body: LumpedBody;
  readonly ambient: number;
  readonly clocks: readonly Clock[];
  readonly around: (clock: Clock) => { readonly medium: Medium; readonly temperature: number };
}

/**
 * True temperature of a part, or of a ring, of a virtual assembly, °C: warmed while its oven or heater runs, cooling outside ever
 * since, by its lumped body and a hidden factor.
 *
 * @param id of a part, or of the station of a ring
 * @param now ISO 8601
 * @returns the air of the shop for what is not described or was never heated
 */
export function touchedTemperature(state: JobState, id: string, now: string): number {
  const touched = touchedPart(state, id) ?? touchedRing(state, id);
  if (touched === null) return USUAL_WORK.ambient;
  const { body, ambient, clocks, around } = touched;
  const cooling = timeConstant(body, MEDIA.stillAir.transfer * HIDDEN_COOLING);
  let temperature = ambient;
  let at = state.sheet.openedAt ?? now;
  for (const clock of clocks) {
    const { medium, temperature: outside } = around(clock);
    temperature = temperatureAfter(
      secondsBetween(at, clock.startedAt),
      temperature,
      ambient,
      cooling,
    );
    at = clock.stoppedAt ?? now;
    temperature = temperatureAfter(
      secondsBetween(clock.startedAt, at),
      temperature,
      outside,
      timeConstant(body, MEDIA[medium].transfer),
    );
  }
  return temperatureAfter(Math.max(0, secondsBetween(at, now)), temperature, ambient, cooling);
}

function touchedPart({ unit, heating }: JobState, partId: string): Touched | null {
  const part = unit?.parts.find(({ id }) => id === partId);
  if (part?.material == null || part.mass === null || part.area === null) return null;
  const { ambient } = { ...USUAL_WORK, ...heating.heat[partId] };
  return {
    body: { material: part.material, mass: part.mass, area: part.area },
    ambient,
    clocks: heating.clocks.filter(({ kind, targetId }) => kind === 'oven' && targetId === partId),
    around: ({ heat }) => ({
      medium: heat?.medium ?? USUAL_WORK.medium,
      temperature: heat === null ? ambient : heat.oven + OVEN_ABOVE,
    }),
  };
}

function touchedRing({ unit, heating }: JobState, stationId: string): Touched | null {
  const found = unit === null ? null : findStation(unit, stationId);
  if (found === null) return null;
  const { inside: bore, outside, width } = found.station;
  return {
    body: bearingBody({ bore, outside, width }),
    ambient: USUAL_WORK.ambient,
    clocks: heating.clocks.filter(
      ({ kind, targetId }) => kind === 'ringWarming' && targetId === stationId,
    ),
    around: ({ target = USUAL_WORK.ambient }) => ({
      medium: 'fanOven',
      temperature: target + OVEN_ABOVE,
    }),
  };
}
