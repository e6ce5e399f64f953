/** Hottest a rolling bearing ring may be, °C: sealed or greased, and open. Common practice, no source. */
export const RING_LIMIT = { sealed: 80, open: 120 } as const;
