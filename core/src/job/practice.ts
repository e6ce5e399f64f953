/** Why a reading of a stand-in changes nothing outside practice. */
export const NOT_IN_A_REAL_JOB = 'a simulated reading does not count in a real job';
