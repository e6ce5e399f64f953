/** The phases of a job in the order in which practitioners work. */
export const PHASES = {
  bookIn: 'Book in',
  strip: 'Strip and mark',
  inspect: 'Inspect',
  compare: 'Compare and repair',
  fits: 'Plan the fits',
  seat: 'Heat and seat',
  trial: 'Trial build',
  select: 'Select',
  final: 'Final build',
  prove: 'Close and prove',
  record: 'Write down',
} as const;
export type Phase = keyof typeof PHASES;
export const PHASE_NAMES = Object.keys(PHASES) as readonly Phase[];
