/**
 * Standard uncertainty of what is measured by micrometer at the bench and typed in without a card, mm: a shim between
 * two faces, and a spacer at three places. Rules of this program.
 */
export const MICROMETER_UNCERTAINTY = { shim: 0.001, spacer: 0.002 } as const;
