import { ringForce, type SeatedRing } from '../pressFit/index.ts';
import type { KnownInput } from './heatedPart.ts';
import { kilonewtons, pressLimit, withinForce } from './pressLimit.ts';
import { NO_COST, type WayCost } from './wayIn.ts';

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

/** Drawing a shaft into a ring: the force is the same; what bears it is the screw of the tool. */
export function drawnShaft(input: KnownInput): WayCost {
  const pressed = pressedRing({ ...input, pressRating: Number.MAX_VALUE });
  return pressed.force === 0
    ? pressed
    : { ...pressed, limit: `the screw of the tool has to bear ${kilonewtons(pressed.forceMost!)}` };
}
