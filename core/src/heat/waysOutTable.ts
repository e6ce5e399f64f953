/** One way of the trade to get a ring, bush or drawn cup off its seat. `spoils`: it is not used again after that. */
export interface WayOutRow {
  readonly ring: 'outer' | 'inner';
  /** What it is for: a bearing's ring, or a bush or drawn cup; both where it is absent. */
  readonly body?: 'bearing' | 'pressed';
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
    body: 'bearing',
    words: 'Pressed or drifted from behind, on the outer ring',
    risks: 'Square on the ring, all round: a ring that goes crooked shaves its bore.',
  },
  blindPuller: {
    ring: 'outer',
    body: 'bearing',
    words: 'Expanding puller, from a blind bore',
    risks: 'It grips behind the outer ring, not the balls. Warm the boss: half the pull does.',
  },
  splitOuter: {
    ring: 'outer',
    body: 'bearing',
    words: 'Ring split by grinding',
    risks:
      'Shields, eye protection. Ground nearly through, never into the bore, then cracked with a chisel; every other opening covered.',
    spoils: true,
    lastResort: true,
  },
  pressOut: {
    ring: 'outer',
    body: 'pressed',
    words: 'Pressed out from behind with a stepped driver',
    risks: 'Driver smaller than the housing bore, nose in the bore; the part supported round it.',
    spoils: true,
  },
  pullOut: {
    ring: 'outer',
    body: 'pressed',
    words: 'From a blind bore: expanding puller, or a thread cut in it and a screw',
    risks:
      'The screw against a pad on the bottom of the bore. Thin shells are drawn by their far edge.',
    spoils: true,
  },
  slit: {
    ring: 'outer',
    body: 'pressed',
    words: 'Slit along, and folded inwards',
    risks:
      'The blade nearly through and no further: never into the housing. Oilways plugged, chips out.',
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
