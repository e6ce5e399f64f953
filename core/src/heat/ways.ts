/** One way of the trade. `lastResort`: only where nothing else will do. */
export interface WayRow {
  readonly ring: 'outer' | 'inner';
  readonly words: string;
  readonly risks: string;
  readonly lastResort?: true;
  /** How the time is to be read; a heat gun's is that of the boss alone, before the heat runs off into the case. */
  readonly timeWords?: string;
}

/** Schools of the trade, for rings in a bore and rings on a shaft. */
export const WAYS = {
  ovenAndFreezer: {
    ring: 'outer',
    words: 'Case in the oven, ring from the freezer',
    risks: 'Frost is water: wipe it off. The ring warms in minutes.',
  },
  ovenOnly: {
    ring: 'outer',
    words: 'Case in the oven, ring as it is',
    risks: 'Even, slow; the finish must take it.',
  },
  heatGun: {
    ring: 'outer',
    words: 'Heat gun on the boss',
    timeWords: 'at least',
    risks: 'Uneven: the bore goes out of round while it is hot. Measure opposite the gun.',
  },
  torch: {
    ring: 'outer',
    words: 'Torch on the boss',
    risks: 'Fast and uneven; burns paint and seals. Never on magnesium, near fuel, or on a ring.',
    lastResort: true,
  },
  dryIce: {
    ring: 'outer',
    words: 'Ring in dry ice',
    risks: 'Frostbite, and gas that displaces air: never in a closed room.',
  },
  coldPress: {
    ring: 'outer',
    words: 'Press, cold',
    risks: 'Shaves the bore if it starts crooked. On the outer ring only.',
  },
  induction: {
    ring: 'inner',
    words: 'Ring on an induction heater',
    risks: 'Seconds too long is too hot: thermometer on the ring; demagnetise.',
  },
  oven: {
    ring: 'inner',
    words: 'Ring in oven or clean bath',
    risks: 'Oil smokes; hold it home until it grips.',
  },
  ringHeatGun: {
    ring: 'inner',
    words: 'Heat gun on the inner ring',
    risks: 'Easily too hot on one side.',
  },
  innerPress: {
    ring: 'inner',
    words: 'Press on the inner ring',
    risks: 'Ring supported on its full face; never through the rollers.',
  },
  bake: {
    ring: 'inner',
    words: 'Ring baked near 230 °C',
    risks: 'Common shop practice; it exceeds the usual limit.',
  },
} as const satisfies Record<string, WayRow>;
export type WayId = keyof typeof WAYS;
export const WAY_IDS = Object.keys(WAYS) as readonly WayId[];
