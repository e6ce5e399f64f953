/** Where a formula, limit or value comes from. Shown beside every figure that uses it. */
export interface Source {
  readonly title: string;
  /** `standard`: published; `practice`: common practice, no source; `geometry`: follows from the drawing; `house`: our own rule. */
  readonly standing: 'standard' | 'practice' | 'geometry' | 'house';
}

/** Every source the core refers to. */
export const SOURCES = {
  jcgm100: {
    title: 'JCGM 100:2008 (GUM), uncertainty of measurement',
    standing: 'standard',
  },
  jcgm100Resolution: {
    title: 'JCGM 100:2008 (GUM), F.2.2.1: resolution of an indication, a/√12',
    standing: 'standard',
  },
  jcgm100Welch: {
    title: 'JCGM 100:2008 (GUM), G.4.1: effective degrees of freedom (Welch–Satterthwaite)',
    standing: 'standard',
  },
  iso14253: {
    title: 'ISO 14253-1: decision rules for proving conformity or nonconformity',
    standing: 'standard',
  },
  bipmInch: {
    title: '1 in = 25.4 mm exactly (international yard and pound agreement, 1959)',
    standing: 'standard',
  },
  cosine: { title: 'Angle between plunger or lever and the travel', standing: 'geometry' },
  loop: { title: 'Axial chain of the arrangement', standing: 'geometry' },
  bevelGeometry: {
    title: 'Bevel pair: axial shift resolved along the tooth flank',
    standing: 'geometry',
  },
  usualBacklashFactor: {
    title:
      'Backlash moves about 0.7 of the shift of the ring gear; pairs lie between 0.56 and 0.98',
    standing: 'practice',
  },
  backlashPlaces: {
    title: 'Backlash at four places or more; the smallest governs',
    standing: 'practice',
  },
  depthChain: {
    title: 'Axial chain of the pinion, from its seat to its mark',
    standing: 'geometry',
  },
  patternRules: {
    title: 'Where contact marks move to; directions common practice, sizes learned from the tries',
    standing: 'practice',
  },
  driftRule: {
    title: 'Return to zero within one graduation or a tenth of the tolerance, the larger',
    standing: 'practice',
  },
  agreeRule: {
    title: 'Three cycles that agree within one graduation, or as near as a shaft comes home',
    standing: 'practice',
  },
  fitSizes: { title: 'Difference of the two sizes, worst case of both', standing: 'geometry' },
  thermalFit: {
    title: 'Linear expansion of both parts; drop-in clearance the larger of 0.010 mm and 0.0005·D',
    standing: 'practice',
  },
  timeAllowed: {
    title: 'Lumped body in still air; twice the time that the work takes is allowed',
    standing: 'house',
  },
  usualLoss: {
    title: '10 K for the way from oven to bench, where mass and surface are not known',
    standing: 'practice',
  },
  usualHeat: {
    title: 'Usual for aluminium and magnesium cases; check with a drop test',
    standing: 'practice',
  },
  rootSumSquare: {
    title: 'Root of the sum of squares of limits that do not depend on one another',
    standing: 'practice',
  },
  seatFriction: {
    title: 'Lamé; friction 0.08 to 0.16 as it is pressed, 0.10 to 0.20 as it lets go',
    standing: 'practice',
  },
  threeSigma: { title: 'Each tolerance zone taken as ±3σ', standing: 'practice' },
  rollingAgree: {
    title: 'Two readings in steady turning that agree within 10 %',
    standing: 'practice',
  },
  sleeveLead: {
    title: 'A turn of the nut closes no more than the lead of its thread; 0.95 of the way is taken',
    standing: 'geometry',
  },
  sleeveRise: {
    title: '0.03 to 0.08 mm from the last play to the middle of the limits, by usual tapered pairs',
    standing: 'practice',
  },
  sleeveLaw: {
    title: 'Rise of rolling torque from contact, exponent held between 1 and 1.5',
    standing: 'house',
  },
  twoTrials: { title: 'Straight line through a loose and a tight trial', standing: 'geometry' },
  learnedPlay: {
    title:
      'Straight line by Bayes; gain and scatter held to what is usual until the builds say more',
    standing: 'house',
  },
  creepUp: { title: 'Three quarters of a computed cut first', standing: 'practice' },
  playTerms: {
    title: 'What differs between trial and final build, by its gain',
    standing: 'geometry',
  },
  bracket: { title: 'Half way between a loose and a tight trial', standing: 'practice' },
  closingPlay: {
    title: 'Play against nut angle, straight while the sleeve yields',
    standing: 'house',
  },
  lame: { title: 'Lamé, thick-walled cylinders', standing: 'standard' },
  roughness: { title: 'Handbook rule for ground seats, d/(d + 2)', standing: 'practice' },
  iso5753: { title: 'ISO 5753-1, radial internal clearance', standing: 'standard' },
  grooveLoad: {
    title: 'Groove wall, π·D·t·σ/(1.2·2), as for retaining rings',
    standing: 'practice',
  },
  lumped: { title: 'Lumped body, τ = ρ·c·V/(h·A)', standing: 'geometry' },
  gapConductance: {
    title: 'Heat through the air gap: k/gap, at least the contact conductance once closed',
    standing: 'practice',
  },
  iso286: { title: 'ISO 286-1:2010, table 1: standard tolerances', standing: 'standard' },
  iso492: { title: 'ISO 492: Normal class, mean diameter', standing: 'standard' },
  roundnessRule: {
    title: 'A seat may be out of round, or taper, by half of IT7 of its size',
    standing: 'house',
  },
  rollerGeometry: { title: 'Rollers side by side on their pitch circle', standing: 'geometry' },
  circleGeometry: { title: 'Area common to two circles', standing: 'geometry' },
  clearanceSizes: { title: 'Bore less journal, caps torqued', standing: 'geometry' },
  stack: {
    title: 'Lengths added up; worst case and root of the sum of squares',
    standing: 'geometry',
  },
  ram: { title: 'Pressure on the area of a piston', standing: 'geometry' },
  drawnCup: {
    title:
      'A drawn cup takes the size of its bore; its own bore is stated in a ring gauge (ISO 3245)',
    standing: 'practice',
  },
  rollingFriction: {
    title:
      'Equivalent load by ISO 281; friction of tapered rollers 0.0018 (catalogue value, from memory), within a factor of two',
    standing: 'practice',
  },
  bushClearance: {
    title: 'Running fit H7/f7 (ISO 286-1), where the manual is silent',
    standing: 'standard',
  },
  usualClearance: {
    title: '0.00075 to 0.001 of the journal, where the manual is silent',
    standing: 'practice',
  },
  sealGap: { title: 'At least 1 mm between seal and bearing', standing: 'practice' },
  torqueStages: {
    title: 'Rounds at 50, 75 and 100 %; the middle of the limits',
    standing: 'practice',
  },
  leakPressure: {
    title: 'Air test at 0.2 to 0.3 bar, never above the seal’s rating',
    standing: 'practice',
  },
  asBookedIn: { title: 'As described when the unit was booked in', standing: 'house' },
  asMeasured: { title: 'As measured on this job', standing: 'house' },
  packRule: {
    title: 'Nearest to target, then fewest pieces, then keep scarce sizes',
    standing: 'house',
  },
  conservativePieces: {
    title: 'Every piece taken at the largest measuring uncertainty in the stock',
    standing: 'house',
  },
} as const satisfies Record<string, Source>;

/** Key of a row of {@link SOURCES}. */
export type SourceId = keyof typeof SOURCES;
