import type { BearingDimensions } from '../bearings/index.ts';
import { placesOf, type TemplateInput } from './layouts/layout.ts';
import { SIZE_NAMES, type SizeName } from './unit.ts';
import { STATION_KIND_TABLE } from './stationKinds.ts';
import type { Station } from './unit.ts';

/** Lengths and diameters closer than this are the same, mm: what was typed comes back through sums. */
const SAME = 1e-6;

/**
 * A station of a layout with what is only drawn in it. Known is what follows from what was typed: the sizes of both
 * bearings, the distance between them, the steps and bores that they stand on and in, and where those end. Walls, seals,
 * spacers and everything else stands there in proportion.
 */
export function withDrawn(station: Station, input: TemplateInput): Station {
  const typed = [input.left.dimensions, input.right.dimensions];
  if (typed.some((bearing) => isOf(station, bearing))) return station;
  const isBody = STATION_KIND_TABLE[station.kind].form === 'body';
  const known = isBody ? knownOfBody(station, input) : new Set<SizeName>();
  const drawn = SIZE_NAMES.filter((name) => !known.has(name));
  return drawn.length === 0 ? station : { ...station, drawn };
}

/** Whether it is what was typed, at the place that follows from it. */
const isOf = (
  { inside, outside, width }: Station,
  { bore, outside: over, width: wide }: BearingDimensions,
): boolean => same(inside, bore) && same(outside, over) && same(width, wide);

function knownOfBody(
  { at, width, inside, outside }: Station,
  input: TemplateInput,
): ReadonlySet<SizeName> {
  const { left, leftEnd, right, rightEnd } = placesOf(input);
  const isFace = (place: number) =>
    [left, leftEnd, right, rightEnd].some((one) => same(one, place));
  const isSeat = (diameter: number) =>
    [input.left.dimensions, input.right.dimensions].some(
      ({ bore, outside: over }) => same(bore, diameter) || same(over, diameter),
    );
  const known: Readonly<Record<SizeName, boolean>> = {
    at: isFace(at),
    width: isFace(at) && isFace(at + width),
    inside: inside === 0 || isSeat(inside),
    outside: isSeat(outside),
  };
  return new Set(SIZE_NAMES.filter((name) => known[name]));
}

const same = (a: number, b: number): boolean => Math.abs(a - b) < SAME;
