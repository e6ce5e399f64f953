import { ringForce, type SeatedRing } from '../pressFit/index.ts';
import { materialOf } from '../materials/index.ts';
import { FREEZER, USUAL_WORK } from './heatSettings.ts';
import { sizeOf, type KnownInput } from './heatedPart.ts';
import { kilonewtons, pressLimit, withinForce } from './pressLimit.ts';
import { NO_COST, type WayCost } from './wayIn.ts';
import { ringFreezeTime } from './wayTimes.ts';

/** A seat of a way, as what is pressed. */
export function seatedRing({
  ring,
  diameter,
  other,
  width,
  material,
  bush,
  partSize,
}: KnownInput): SeatedRing {
  const size = partSize === undefined ? {} : { partSize };
  return { ring, diameter, other, width, material, bush: bush ?? null, ...size };
}

/**
 * Pressing a ring home, or drawing it: the force with its spread, against the press and against what it is pressed on.
 * A press that stands the usual force and not the most is told so.
 */
export function pressedRing(input: KnownInput): WayCost {
  const { fit, forceLimit, pressRating } = input;
  if (fit.most <= 0)
    return {
      ...NO_COST,
      stands: true,
      force: 0,
      forceMost: 0,
      stress: 0,
      limit: 'nothing to press: it is loose',
    };
  const { usual, most, stress } = ringForce(seatedRing(input), fit, 'in');
  const press = pressLimit(pressRating);
  const bound = forceLimit !== undefined && forceLimit.limit < press.limit ? forceLimit : press;
  return {
    ...NO_COST,
    ...withinForce({ usual, most }, bound),
    force: usual,
    forceMost: most,
    stress,
  };
}

/**
 * Pressing a ring home that comes from the freezer: as a rule with what is left of its fit while it is cold, at the most as if it
 * had warmed on the way.
 */
export function frozenRing(input: KnownInput): WayCost {
  const { fit, diameter, work, bush } = input;
  const size = sizeOf(input);
  const ambient = work?.ambient ?? USUAL_WORK.ambient;
  const { expansion } = materialOf(bush ?? 'bearingSteel');
  const shrinks = Math.max(0, diameter * expansion * (ambient - FREEZER));
  const cold = pressedRing({
    ...input,
    fit: { least: fit.least - shrinks, mean: fit.mean - shrinks, most: fit.most - shrinks },
  });
  const warmed = pressedRing(input);
  return {
    ...warmed,
    ringTemperature: FREEZER,
    seconds: ringFreezeTime(size, FREEZER, ambient),
    force: cold.force,
    limit:
      cold.force === 0
        ? `drops in while it is frozen; warmed on the way it is pressed, ${warmed.limit}`
        : warmed.limit,
  };
}

/** Drawing a shaft into a ring: the force is the same; what bears it is the screw of the tool. */
export function drawnShaft(input: KnownInput): WayCost {
  const pressed = pressedRing({ ...input, pressRating: Number.MAX_VALUE });
  return pressed.force === 0
    ? pressed
    : { ...pressed, limit: `the screw of the tool has to bear ${kilonewtons(pressed.forceMost!)}` };
}
