/** Which jobs of the list are shown. */
export const JOB_FILTERS = ['bench', 'lacking', 'finished', 'all'] as const;
export type JobFilter = (typeof JOB_FILTERS)[number];
