/**
 * One way of the trade. `place`: whether the ring lies on the bench, or is in its part already; both where it is absent.
 * `lastResort`: only where nothing else will do.
 */
export interface WayRow {
  readonly ring: 'outer' | 'inner';
  readonly place?: RingPlace;
  readonly words: string;
  readonly risks: string;
  readonly lastResort?: true;
  /** How the time is to be read. */
  readonly timeWords?: string;
}

/** Where a ring is when it is to be joined with its seat: by itself on the bench, or in its part already. */
export type RingPlace = 'bench' | 'inPart';

/** Schools of the trade, for rings in a bore and rings on a shaft. */
export const WAYS = {
  ovenOnly: {
    ring: 'outer',
    words: 'Case in the oven, ring as it is',
    risks: 'Even, slow; the finish must take it.',
  },
  ovenAndFreezer: {
    ring: 'outer',
    words: 'Case in the oven, ring from the freezer',
    risks: 'Frost is water: wipe it off. The ring warms in minutes.',
  },
  heatGun: {
    ring: 'outer',
    words: 'Heat gun on the boss',
    risks: 'Uneven: the bore goes out of round while it is hot. Measure opposite the gun.',
  },
  torch: {
    ring: 'outer',
    words: 'Torch on the boss',
    risks: 'Fast and uneven; burns paint and seals. Never on magnesium, near fuel, or on a ring.',
    lastResort: true,
  },
  freezerOnly: {
    ring: 'outer',
    words: 'Ring from the freezer, case as it is',
    risks: 'Enough for light fits only. Frost is water: wipe it off.',
  },
  dryIce: {
    ring: 'outer',
    words: 'Ring in dry ice',
    risks: 'Frostbite, and gas that displaces air: never in a closed room.',
  },
  frozenPress: {
    ring: 'outer',
    words: 'Ring from the freezer, pressed or driven home cold',
    risks:
      'It warms in a minute or two: wipe the frost off, start it square, drive it without a pause. A hardened ring splinters: a soft-faced driver, eye protection.',
  },
  coldPress: {
    ring: 'outer',
    words: 'Press, cold',
    risks: 'Shaves the bore if it starts crooked. On the outer ring only.',
  },
  induction: {
    ring: 'inner',
    place: 'bench',
    words: 'Ring on an induction heater',
    risks: 'Seconds too long is too hot: thermometer on the ring; demagnetise.',
  },
  oven: {
    ring: 'inner',
    place: 'bench',
    words: 'Ring in oven or clean bath',
    risks: 'Oil smokes; hold it home until it grips.',
  },
  warmAndCold: {
    ring: 'inner',
    place: 'bench',
    words: 'Ring in the oven, shaft from the freezer',
    risks: 'The shaft takes hours to freeze. Frost is water: wipe journal and seal track dry.',
  },
  partOven: {
    ring: 'inner',
    place: 'inPart',
    words: 'The case with the ring in it in the oven',
    risks: 'The outer ring loosens too: hold it in until all is cold.',
  },
  ringHeatGun: {
    ring: 'inner',
    words: 'Heat gun on the inner ring',
    risks: 'Easily too hot on one side: keep it moving, thermometer on the ring.',
  },
  coolShaft: {
    ring: 'inner',
    words: 'Shaft from the freezer, ring as it is',
    risks: 'Hours in the freezer; minutes to work in. Wipe the frost off, oil it afterwards.',
  },
  drawTool: {
    ring: 'inner',
    place: 'inPart',
    words: 'Draw the shaft in, the tool on the inner ring',
    risks:
      'The tube stands on the inner ring only; the bolts of the joint never pull it. Web gap supported first.',
  },
  innerPress: {
    ring: 'inner',
    words: 'Press on the inner ring',
    risks: 'Ring supported on its full face; never through balls or rollers.',
  },
  bake: {
    ring: 'inner',
    place: 'bench',
    words: 'Ring baked near 230 °C',
    risks:
      'Refused: above the limit of the ring it loses hardness and size, whatever is done in some shops.',
  },
} as const satisfies Record<string, WayRow>;
export type WayId = keyof typeof WAYS;
export const WAY_IDS = Object.keys(WAYS) as readonly WayId[];
