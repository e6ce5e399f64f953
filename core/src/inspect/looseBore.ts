import type { RepairId } from './findings.ts';

/** Remedy for a ring that is loose in its bore, by the diametral gap. Common practice, no source. */
const BY_GAP: readonly {
  readonly upTo: number;
  readonly repair: RepairId;
  readonly reason: string;
}[] = [
  { upTo: 0.05, repair: 'compound', reason: 'a gap up to 0.05 mm: retaining compound fills it' },
  {
    upTo: 0.15,
    repair: 'roughenCompound',
    reason: 'a gap of 0.05 to 0.15 mm: roughen, and the gap-filling grade',
  },
  {
    upTo: Infinity,
    repair: 'sleeveBore',
    reason: 'a gap over 0.15 mm: compound no longer holds it central, sleeve the bore',
  },
];

/**
 * What to do with a seat in which the ring is loose.
 * @param gap diametral, mm, > 0
 */
export function looseBoreRemedy(gap: number): {
  readonly repair: RepairId;
  readonly reason: string;
} {
  const { repair, reason } = BY_GAP.find(({ upTo }) => gap <= upTo)!;
  return { repair, reason };
}
