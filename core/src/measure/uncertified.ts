/** What is left where an instrument has no certificate: half a graduation, standard. Common practice, no source. */
const SHARE = 0.5;
/** And no less than this, mm: dials of a thousandth are off by up to 5 µm over their range (ISO 463, from memory). */
const LEAST = 0.002;
/** What a certificate usually leaves of a dial, in graduations, standard. Common practice, no source. */
const CERTIFIED = 0.15;

/**
 * How far an instrument is taken to be off that has no certificate, standard, mm.
 * @param graduation mm
 * @example uncertified(0.01) // 0.005
 */
export const uncertified = (graduation: number): number => Math.max(SHARE * graduation, LEAST);

/** How far an instrument is usually off once it has one, standard, mm. */
export const certified = (graduation: number): number => CERTIFIED * graduation;
