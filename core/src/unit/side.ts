/** Direction along the axis, as drawn. */
export const SIDES = ['left', 'right'] as const;
export type Side = (typeof SIDES)[number];

/** The other side. */
export const opposite = (side: Side): Side => (side === 'left' ? 'right' : 'left');
