/** How far a pan reaches to each side of its middle; it is twice as wide as it is high. */
const HALF = 0.75;
const HIGH = HALF / 2;

/**
 * Where the bolts of a pan lie, evenly round its edge, clockwise from its upper left corner and in this order numbered; the middle of
 * the pan is 0, 0, y is up. For the picture and for the order alike.
 */
export function panPlaces(count: number): readonly { readonly x: number; readonly y: number }[] {
  return Array.from({ length: count }, (_, at) => {
    const along = ((at + 0.5) / count) * (4 * HALF + 4 * HIGH);
    if (along <= 2 * HALF) return { x: along - HALF, y: HIGH };
    if (along <= 2 * HALF + 2 * HIGH) return { x: HALF, y: HIGH - (along - 2 * HALF) };
    if (along <= 4 * HALF + 2 * HIGH) return { x: HALF - (along - 2 * HALF - 2 * HIGH), y: -HIGH };
    return { x: -HALF, y: along - 4 * HALF - 3 * HIGH };
  });
}
