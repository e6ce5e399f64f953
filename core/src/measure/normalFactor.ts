/**
 * One-sided 95 % factor of a normal distribution, for uncertainties whose contributions are all known beforehand: the
 * Student factor of infinite degrees of freedom. JCGM 100:2008, G.6.6 and table G.2.
 */
export const NORMAL_FACTOR = 1.645;
