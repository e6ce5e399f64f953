import type { Clock, JobState } from '../job/index.ts';
import { secondsBetween } from '../job/index.ts';
import { USUAL_HEAT } from '../heat/index.ts';
import { MEDIA, temperatureAfter, timeConstant } from '../thermal/index.ts';

/** How much faster the virtual part cools than its lumped body says. Invented. */
export const HIDDEN_COOLING = 1.3;

/**
 * True temperature of a part of a virtual assembly, °C: warmed while its oven clock runs, cooling outside ever since, by
 * its lumped body and a hidden factor.
 *
 * @param now ISO 8601
 * @returns the air of the shop for a part that is not described or was never heated
 */
export function partTemperature(state: JobState, partId: string, now: string): number {
  const part = state.unit?.parts.find(({ id }) => id === partId);
  const settings = { ...USUAL_HEAT, ...state.heating.heat[partId] };
  if (part?.material == null || part.mass === null || part.area === null) return settings.ambient;
  const body = { material: part.material, mass: part.mass, area: part.area };
  const warming = timeConstant(body, MEDIA[settings.medium].transfer);
  const cooling = timeConstant(body, MEDIA.stillAir.transfer * HIDDEN_COOLING);
  let temperature = settings.ambient;
  let at = state.sheet.openedAt ?? now;
  for (const { startedAt, stoppedAt } of ovens(state.heating.clocks, partId)) {
    temperature = temperatureAfter(
      secondsBetween(at, startedAt),
      temperature,
      settings.ambient,
      cooling,
    );
    at = stoppedAt ?? now;
    temperature = temperatureAfter(
      secondsBetween(startedAt, at),
      temperature,
      settings.oven,
      warming,
    );
  }
  return temperatureAfter(
    Math.max(0, secondsBetween(at, now)),
    temperature,
    settings.ambient,
    cooling,
  );
}

function ovens(clocks: readonly Clock[], partId: string): readonly Clock[] {
  return clocks.filter(({ kind, targetId }) => kind === 'oven' && targetId === partId);
}
