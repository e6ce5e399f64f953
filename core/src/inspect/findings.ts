/** What becomes of a part after inspection. */
export const VERDICTS = ['reuse', 'repair', 'replace'] as const;
export type InspectionVerdict = (typeof VERDICTS)[number];

/** How something is repaired. */
export interface Repair {
  readonly words: string;
  readonly how: string;
  /** What of it belongs to the moment at which the ring or seal goes in. */
  readonly atFitting?: string;
  readonly caution?: string;
}

/** Every repair the tool proposes. */
export const REPAIRS = {
  dress: {
    words: 'Dress the edge',
    how: 'Stone the raised edge flush, along the grain. Wash out every trace.',
  },
  deburrOilHole: {
    words: 'Break the edge of the oil hole',
    how: 'Round the edge of the hole by hand; the score in line with it comes from there.',
  },
  compound: {
    words: 'Retaining compound',
    how: 'Degrease both and let them dry. The compound goes on when the ring goes in, not before.',
    atFitting:
      'Coat both, cold, assemble once within its working time, and let it cure undisturbed. It needs heat to come apart again.',
    caution: 'Retaining compound and cleaner: gloves, fresh air, none on skin or in eyes.',
  },
  roughenCompound: {
    words: 'Roughen and retaining compound',
    how: 'Roughen the bore across with coarse cloth, then degrease both and let them dry. The compound goes on when the ring goes in, not before.',
    atFitting:
      'The gap-filling grade on both, cold; assemble once within its working time and hold the ring concentric until it has set. It needs heat to come apart again.',
    caution: 'Retaining compound and cleaner: gloves, fresh air, none on skin or in eyes.',
  },
  stake: {
    words: 'Stake the bore',
    how: 'Centre-punch marks evenly round the bore. A stop-gap: it holds on points only and spoils the next fit.',
  },
  sleeveBore: {
    words: 'Sleeve the bore',
    how: 'Bore out true to the other seat, press a sleeve in, bore it to size. Machine shop.',
  },
  sleeveShaft: {
    words: 'Thin sleeve on the seal track',
    how: 'Press a repair sleeve over the groove, or set the lip 1 to 2 mm beside it where there is room.',
  },
  buildUp: {
    words: 'Build the journal up and grind',
    how: 'Metal spray or plate, then grind to size, concentric to the other journal. Machine shop.',
  },
  weld: {
    words: 'Weld by a specialist',
    how: 'Drill the ends of the crack, prepare, weld with the right filler and preheat, test again for cracks.',
    caution: 'Magnesium and oil-soaked castings burn: specialist work only.',
  },
  thread: {
    words: 'Repair the thread',
    how: 'Drill, tap and fit a thread insert; check the torque it may take.',
  },
} as const satisfies Record<string, Repair>;
export type RepairId = keyof typeof REPAIRS;
export const REPAIR_IDS = Object.keys(REPAIRS) as readonly RepairId[];

/** Something seen, what it usually comes from, and what follows. */
export interface Finding {
  readonly words: string;
  readonly cause: string;
  readonly verdict: InspectionVerdict;
  readonly repair?: RepairId;
}

const sound: Finding = { words: 'Sound', cause: 'Nothing found.', verdict: 'reuse' };
const replace = (words: string, cause: string): Finding => ({ words, cause, verdict: 'replace' });
const repair = (words: string, cause: string, id: RepairId): Finding => ({
  words,
  cause,
  verdict: 'repair',
  repair: id,
});

/** Findings of the trade; common practice, no published source. */
export const FINDINGS = {
  sound,
  trackPitted: replace('Track pitted or flaked', 'Fatigue, or water in the oil.'),
  trackDented: replace(
    'Dents at roller spacing',
    'Blows through the rollers, or shaking while standing still.',
  ),
  ringBlued: replace(
    'Temper colour, straw to blue',
    'Ran hot, or was heated with a flame: the ring is soft. Brown oil varnish wipes off; temper colour does not.',
  ),
  ringCracked: replace('Cracked ring', 'Driven on through the wrong ring, or too tight a fit.'),
  cageDamaged: replace('Cage worn or bent', 'Starved of oil, or pulled through the rollers.'),
  rough: replace('Rough by hand, clean and oiled', 'Dirt rolled into the tracks.'),
  spunInBore: repair(
    'Outer ring has turned in its bore',
    'The fit is gone at running temperature, or was never there.',
    'compound',
  ),
  spunOnJournal: repair(
    'Inner ring has turned on its journal',
    'Fit too loose, or the nut was slack.',
    'buildUp',
  ),
  cracked: repair('Crack', 'Overload, a blow, or frost.', 'weld'),
  crackedThrough: replace(
    'Crack through a bearing wall',
    'Overload or a blow: the seat cannot be trusted.',
  ),
  scoreAtOilHole: repair(
    'Score in line with an oil hole',
    'Sharp edge of the hole.',
    'deburrOilHole',
  ),
  jointDamaged: repair('Joint face bruised', 'Levered apart.', 'dress'),
  threadDamaged: repair('Thread pulled', 'Over-tightened, or too short a bolt.', 'thread'),
  sealBoreScored: repair('Seal bore scored', 'Seal levered out over the edge.', 'compound'),
  trackGrooved: repair(
    'Lip has cut a groove',
    'Dirt under the lip; the lip ran dry.',
    'sleeveShaft',
  ),
  onceOnly: replace('Used once', 'Made to be used once.'),
  toothChipped: replace(
    'Tooth chipped or cracked',
    'Shock load, or something went through the mesh.',
  ),
  toothPitted: replace('Flank pitted', 'Fatigue; look for misalignment if it lies at one end.'),
  stretched: replace('Stretched or necked', 'Yielded by its torque.'),
  wornThin: replace('Worn thin or wiped', 'Oil film broke down: low oil, fuel or water in it.'),
  wornOneEnd: replace('Worn at one edge', 'Bent rod or shaft, or a tapered journal.'),
  wornOneSide: replace(
    'Worn on one side',
    'Cap fitted the wrong way round, or housing out of line.',
  ),
  backPolished: replace(
    'Shell polished on its back',
    'Shell moved in its seat: crush lost. The lug locates it, it does not hold it.',
  ),
  embedded: replace('Hard grains pressed in', 'Dirt in the oil.'),
  bushTurned: replace(
    'Bush has turned, oil hole closed',
    'Fit lost; the hole no longer meets its feed.',
  ),
  rollersWorn: replace('Rollers worn or marked', 'Dirt, or one roller too few.'),
  rollersSkidded: replace(
    'Flats or smears: they skidded',
    'Too much clearance or too little load: measure bore, journal and the new rollers.',
  ),
  springLost: replace('Lost its spring or shape', 'Opened too far.'),
  keySheared: replace(
    'Sheared, rolled or loose',
    'Torque went through the key instead of the fit: look at the taper, the nut and both keyways.',
  ),
  pinLoose: replace('Loose, bent or bruised', 'The joint moved on it, or was levered apart.'),
  ringGrooved: replace('Worn on one side, or stuck', 'Dirt in its groove, or a worn groove.'),
  pistonScored: replace('Scored, cracked or bent', 'Cocked in its bore, or hit its stop dry.'),
  faceWorn: replace(
    'Thrust face grooved',
    'Ran against dirt, or the wrong face was turned to the load.',
  ),
} as const satisfies Record<string, Finding>;
export type FindingId = keyof typeof FINDINGS;
export const FINDING_IDS = Object.keys(FINDINGS) as readonly FindingId[];
