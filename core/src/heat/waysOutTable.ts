/** One way of the trade to get a ring off its seat. `spoils`: it is not used again after that. */
export interface WayOutRow {
  readonly ring: 'outer' | 'inner';
  readonly words: string;
  readonly risks: string;
  readonly spoils?: true;
  readonly lastResort?: true;
}

/** Ways out, for rings in a bore and rings on a shaft, the gentlest first. */
export const WAYS_OUT = {
  partOven: {
    ring: 'outer',
    words: 'Case in the oven, ring down: it falls out',
    risks: 'It falls without warning: a soft catch under it. Plugs, sensors and seals out first.',
  },
  bossHeat: {
    ring: 'outer',
    words: 'Boss warmed quickly, ring still cold',
    risks: 'Seconds count: the ring warms too. Thermometer on the boss.',
  },
  pushFromBehind: {
    ring: 'outer',
    words: 'Pressed or drifted from behind, on the outer ring',
    risks: 'Square on the ring, all round: a ring that goes crooked shaves its bore.',
  },
  blindPuller: {
    ring: 'outer',
    words: 'Expanding puller, from a blind bore',
    risks: 'It grips behind the outer ring, not the balls. Warm the boss: half the pull does.',
  },
  splitOuter: {
    ring: 'outer',
    words: 'Ring split by grinding',
    risks:
      'Shields, eye protection. Ground nearly through, never into the bore, then cracked with a chisel; every other opening covered.',
    spoils: true,
    lastResort: true,
  },
  pullInner: {
    ring: 'inner',
    words: 'Puller behind the inner ring',
    risks: 'Jaws on the inner ring: pulled through the rollers it is scrap. Guard over it.',
  },
  pressInner: {
    ring: 'inner',
    words: 'Split plate under the inner ring, shaft pressed out',
    risks:
      'A soft plug takes the press at the shaft’s end; somebody holds the shaft as it comes free.',
  },
  heatInner: {
    ring: 'inner',
    words: 'Inner ring warmed quickly, shaft still cold',
    risks: 'Seconds count: the journal warms too. No flame; thermometer on the ring.',
  },
  splitInner: {
    ring: 'inner',
    words: 'Ring split by grinding',
    risks:
      'Shields, eye protection. Sheet metal round journal and seal track; ground nearly through, then cracked with a chisel.',
    spoils: true,
    lastResort: true,
  },
} as const satisfies Record<string, WayOutRow>;
export type WayOutId = keyof typeof WAYS_OUT;
