/** Direction along the axis, as drawn. */
export const SIDES = ['left', 'right'] as const;
export type Side = (typeof SIDES)[number];

/** The other way. */
export function opposite(side: Side): Side {
  return side === 'left' ? 'right' : 'left';
}
