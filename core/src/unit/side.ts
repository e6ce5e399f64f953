/** Direction along the axis, as drawn. */
export const SIDES = ['left', 'right'] as const;
export type Side = (typeof SIDES)[number];
