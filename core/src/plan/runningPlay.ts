import { orRefused } from '../faults/index.ts';
import { fitAtTemperature } from '../fits/index.ts';
import { USUAL_WORK } from '../heat/index.ts';
import type { JobState } from '../job/index.ts';
import type { MaterialChoice } from '../materials/index.ts';
import { warmPlay, type WarmPlay } from '../preload/index.ts';
import { BOSS, clearanceLeft, pressFit, RING_SHARE, USUAL_FRICTION } from '../pressFit/index.ts';
import { isDrawn, SIZE_NAMES, type Axis, type Station } from '../unit/index.ts';
import { seatInterference } from './seats.ts';

/** Contact angle of a tapered bearing that nobody has described, degrees. Common practice, no source. */
export const USUAL_CONTACT_ANGLE = 15;

/** The play as the unit runs, beside the cold one. */
export interface RunningPlay extends WarmPlay {
  /** °C. */
  readonly running: number;
  /** Names of the cups that are loose in the case when it is warm. */
  readonly loose: readonly string[];
  /** Cups whose fit is not measured or classed: taken with none to give up. */
  readonly withoutFit: readonly string[];
}

/**
 * End play of a shaft on two tapered bearings at running temperature, where case and shaft are of different materials.
 * @param cold play at 20 °C, mm
 * @returns null for other arrangements, where a material is not described, or where both expand alike
 */
export function runningPlay(state: JobState, axis: Axis, cold: number): RunningPlay | null {
  const { arrangement } = axis;
  const bearings = axis.stations
    .filter(({ kind }) => kind === 'taperedRoller')
    .toSorted((a, b) => a.at - b.at);
  const [left, right] = [bearings[0], bearings.at(-1)];
  if (arrangement === 'plainThrust' || left === undefined || right === undefined || left === right)
    return null;
  if (bearings.some((station) => isDrawn(station, ...SIZE_NAMES))) return null;
  const parts = state.unit!.parts;
  const housing = parts.find(({ id }) => id === left.partId)?.material ?? null;
  const shaft = parts.find(({ kind }) => kind === 'shaft')?.material ?? null;
  if (housing === null || shaft === null || housing === shaft) return null;
  const running = state.heating.heat[left.partId]?.running ?? USUAL_WORK.running;
  const span =
    arrangement === 'faceToFace'
      ? right.at + right.width - left.at
      : right.at - (left.at + left.width);
  const fits = bearings.map((station) => ({
    station,
    fit: seatInterference(state, station, 'outer'),
  }));
  const cups = fits.map(({ station, fit }) => {
    const cold = fit === null ? 0 : Math.max(0, (fit.least + fit.most) / 2);
    const fitWarm = fitAtTemperature(cold, station.outside, {
      inner: { material: 'bearingSteel', temperature: running },
      outer: { material: housing, temperature: running },
    });
    return {
      outside: station.outside,
      contactAngle: station.contactAngle ?? USUAL_CONTACT_ANGLE,
      contractionCold: contraction(station, cold, housing),
      contractionWarm: contraction(station, Math.max(0, fitWarm), housing),
      fitWarm,
    };
  });
  const answer = orRefused(
    () =>
      warmPlay({
        cold,
        arrangement,
        span: Math.max(0, span),
        rise: running - 20,
        housing,
        shaft,
        cups,
      }),
    () => null,
  );
  if (answer === null) return null;
  return {
    ...answer,
    running,
    loose: answer.looseCups.map((at) => bearings[at]!.name),
    withoutFit: fits.flatMap(({ station, fit }) => (fit === null ? [station.name] : [])),
  };
}

/** How much the raceway of a cup closes by its press fit, mm on the diameter. */
function contraction(
  { inside, outside, width }: Station,
  interference: number,
  housing: MaterialChoice,
): number {
  const raceway = outside - RING_SHARE * (outside - inside);
  const { pressure } = pressFit({
    interference,
    diameter: outside,
    length: width,
    friction: USUAL_FRICTION,
    innerBore: raceway,
    outerOutside: BOSS * outside,
    innerMaterial: 'bearingSteel',
    outerMaterial: housing,
  });
  return clearanceLeft({
    initial: 0,
    bore: inside,
    innerRaceway: inside + RING_SHARE * (outside - inside),
    innerPressure: 0,
    outside,
    outerRaceway: raceway,
    outerPressure: pressure,
    innerRise: 0,
    outerRise: 0,
  }).outerShrinkage;
}
