/** One thing that is looked at, heard or felt to know that a ring is home, or a shaft free of side load. */
export interface SeatingCheck {
  /** What is true when all is well. */
  readonly words: string;
  /** What to do when it is not. */
  readonly remedy: string;
}

/** The thinnest feeler that a workshop has: a ring is home where it does not enter, mm. Common practice, no source. */
export const SHOULDER_FEELER = 0.03;

/** Checks of a seat and of a shaft. Common practice, no source. */
export const SEATING_CHECKS = {
  note: {
    words: 'The note changed when it came home',
    remedy: 'A note that stays dull says it is not home. Reheat, push it down, listen again.',
  },
  bottom: {
    words: 'It was felt to bottom; nothing springs back',
    remedy: 'Reheat and push it home while it is free. A chip or burr under it is taken out first.',
  },
  behind: {
    words: 'From behind it lies on its shoulder all round',
    remedy: 'A gap on one side: take it out hot, look for a burr or dirt, and put it in straight.',
  },
  turns: {
    words: 'It turns freely by hand',
    remedy:
      'Drag or a rough spot: brinelled, crooked or its clearance is gone. Do not build on it.',
  },
  inLine: {
    words: 'Mark on mark: what has to line up stands at its place',
    remedy:
      'It turned as it went in. It is not turned in its bore: press it out, and a new one in by its marks.',
  },
  rollersGoRound: {
    words: 'Turned by hand under side load, every roller goes round with it',
    remedy:
      'One that slides skids when it runs: too little grease film, too much clearance, or one roller of another size. Measure the rollers, look for flats.',
  },
  lastGap: {
    words: 'The gap that is left is smaller than a roller',
    remedy: 'One roller is missing: count them again, and look for it in the case.',
  },
  shoulderGap: {
    words: `A feeler of ${SHOULDER_FEELER} mm does not enter between ring and shoulder`,
    remedy: 'It crept back while it cooled. Warm it again and hold it home until it grips.',
  },
  free: {
    words: 'The shaft turns without drag after the last ring gripped',
    remedy:
      'Side load: a light tap on each end of the shaft with a soft hammer, turn, check again.',
  },
  play: {
    words: 'The shaft still has its end play',
    remedy:
      'Side load, or a ring that is not home: tap the shaft back, check again, then the seats.',
  },
  everyBearing: {
    words: 'Every bearing that locates the shaft is in and home',
    remedy: 'A shaft without one of its bearings tips and reads more play than it has.',
  },
  oRingOut: {
    words: 'No O-ring, gasket or burr holds the joint apart',
    remedy: 'Leave the O-ring out for the trial, or see that its groove takes it; wipe both faces.',
  },
  evenJoint: {
    words: 'The joint is drawn down evenly: the same feeler at four places',
    remedy: 'Slacken, then draw down crosswise in rounds while the shaft is turned.',
  },
  washersInOrder: {
    words: 'Every washer is in its place, oil grooves to the load',
    remedy: 'Set the stack again by the drawing: a washer in the wrong place is measured with.',
  },
  stackOnSpacer: {
    words: 'Each thrust bearing sits on its spacer, seen all round',
    remedy:
      'Slacken before anything is torqued, lift, set it back on its spacer with grease, look again.',
  },
  stackRaces: {
    words: 'Races are the right way round: the lip over the cage, the flat to the spacer',
    remedy: 'Turn the race over. The wrong way round it clamps the cage.',
  },
  stackTurns: {
    words: 'With the nut only snug the stack turns freely and lies flat',
    remedy: 'Something has slipped off: do not torque it, take it apart and look.',
  },
} as const satisfies Record<string, SeatingCheck>;
export type SeatingCheckId = keyof typeof SEATING_CHECKS;
export const SEATING_CHECK_IDS = Object.keys(SEATING_CHECKS) as readonly SeatingCheckId[];

/** What is looked at together on a shaft: it is looked at once all of them are good. */
export const SHAFT_CHECKS = {
  stack: ['stackOnSpacer', 'stackRaces', 'stackTurns'],
  sideLoad: ['free', 'play'],
} as const satisfies Record<string, readonly SeatingCheckId[]>;
