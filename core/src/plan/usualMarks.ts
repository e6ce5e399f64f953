import type { Station, StationKind } from '../unit/index.ts';

/**
 * What is usually written down of how something was marked, the one to take first. A punch goes on no bearing cap, no split face
 * and no bolt; across an adjuster and its housing it may. Common practice, no source.
 */
const MARKS: Readonly<Partial<Record<StationKind, readonly string[]>>> = {
  plainBearing: ['Paint numbers on cap and bed, one side', 'Numbers were on them, written down'],
  bolts: ['Paint line across the joint', 'Numbered as they lie'],
  nut: ['Paint line across nut and thread', 'Threads that show, counted'],
  adjuster: ['Paint line across ring and housing', 'Punch marks across ring and housing'],
};

/** Marks that one press writes down. */
export const usualMarks = ({ kind }: Station): readonly string[] => MARKS[kind] ?? [];
