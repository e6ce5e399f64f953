import { RULE_IDS, type RuleId } from './ruleIds.ts';
import type { Step } from './step.ts';

/** Acts of one kind, on one screen, a row each. */
export interface Round {
  readonly title: string;
  /** Whose steps are its rows. */
  readonly rules: readonly RuleId[];
  /** What it is called where all its rows are of some rules only. */
  readonly titles?: readonly (readonly [rules: readonly RuleId[], title: string])[];
  /** What is said of all its rows at once; absent where each row wants a look of its own. */
  readonly all?: string;
  /** Its rows are in one part: work in another is another round. */
  readonly ofOnePart?: true;
}

/** What is taken out by itself. */
const TAKEN = [
  'pullSeal',
  'recordDepth',
  'pull',
  'pullOuter',
  'pullInner',
  'takeOff',
  'takeOutSmallSeal',
  'takeOutShells',
  'takeOutTube',
  'recordPack',
  'takeOutPack',
] as const;

/** What goes in or on until it is read or proven. */
const BUILT = [
  'supportWebs',
  'seatInner',
  'checkCone',
  'checkWebs',
  'placeShims',
  'placeTube',
  'retain',
  'loadRollers',
  'tryRollers',
  'measureGap',
  'fitGrooveSeal',
  'fitPiston',
  'fitLasting',
  'shells',
  'gaugeShells',
  'fitOn',
  'fitHub',
  'layOuter',
  'layInner',
  'screwIn',
  'joinShaft',
  'closeJoint',
  'fitSpacer',
  'fitORing',
  'fitSeal',
  'putOnCaps',
  'snug',
  'checkStack',
  'checkBuild',
  'prepare',
  'torque',
  'lock',
  'relieve',
] as const;

/** The rounds of a job. Where a rule is in several, its steps go with the round that is under way. */
export const ROUNDS = {
  limits: { title: 'Enter the limits', rules: ['setSpec'] },
  undo: { title: 'Mark and undo', rules: ['mark', 'markCaps', 'loosen'], all: 'All undone' },
  open: {
    title: 'Take it apart',
    rules: [
      'liftOff',
      'takeOffHub',
      'takeOutShaft',
      'takeOutRing',
      'takeOutRollers',
      'loosenInside',
      'takeOutPiston',
      ...TAKEN,
      'loosen',
    ],
    all: 'All apart',
  },
  sizes: {
    title: 'Sizes',
    rules: [
      'measureSeats',
      'measureHousing',
      'readMarks',
      'measureBolts',
      'measureDepth',
      'gauge',
      'gaugeShells',
      'measureGap',
    ],
  },
  look: { title: 'Inspect every part', rules: ['inspectPart', 'inspect'], all: 'All as usual' },
  newOld: {
    title: 'Compare new with old',
    rules: ['compare', 'newPart', 'measureNew', 'measureDepth'],
  },
  fits: { title: 'The fits', rules: ['fitOuter', 'fitInner', 'markLine'] },
  seat: {
    title: 'Fit the rings',
    rules: ['heat', 'seatOuter', 'placeTube', 'checkSeat', 'gauge', 'finishBore', 'tryLine'],
    all: 'Build up',
    ofOnePart: true,
  },
  build: {
    title: 'Put it together',
    rules: BUILT,
  },
  tighten: {
    title: 'Tighten',
    rules: ['prepare', 'torque', 'lock', 'relieve', 'checkStack'],
  },
  seals: {
    title: 'Lock and seal',
    titles: [
      [['lock'], 'Lock it'],
      [['fitSeal', 'fitORing', 'fitHub'], 'Seal it'],
    ],
    rules: ['lock', 'fitSeal', 'fitORing', 'fitHub'],
  },
  close: { title: 'Turn, test and fill', rules: ['spin', 'tryPiston', 'leakTest', 'fill'] },
} as const satisfies Readonly<Record<string, Round>>;
export type RoundId = keyof typeof ROUNDS;

/** What is done on one screen: a step, or a round of several. */
export interface Screen {
  /** Of its first step. */
  readonly id: string;
  /** Null where it is one step by itself. */
  readonly round: RoundId | null;
  readonly title: string;
  /** Ids of its steps, in their order. */
  readonly steps: readonly string[];
}

const ROUND_IDS = Object.keys(ROUNDS) as readonly RoundId[];

/** Of each rule the rounds that its steps can be rows of. */
const ROUNDS_OF: ReadonlyMap<RuleId, readonly RoundId[]> = new Map(
  RULE_IDS.map((rule) => [
    rule,
    ROUND_IDS.filter((id) => (ROUNDS[id].rules as readonly RuleId[]).includes(rule)),
  ]),
);

/** The screens of a plan: steps of one round with nothing between them are one. */
export function screensOf(steps: readonly Step[]): readonly Screen[] {
  const screens: { possible: readonly RoundId[]; steps: Step[] }[] = [];
  for (const step of steps) {
    const possible = ROUNDS_OF.get(step.rule)!;
    const last = screens.at(-1);
    const both = (last?.possible ?? []).filter(
      (id) => possible.includes(id) && isInPlace(ROUNDS[id], last!.steps[0]!, step),
    );
    if (last === undefined || both.length === 0) screens.push({ possible, steps: [step] });
    else {
      last.possible = both;
      last.steps.push(step);
    }
  }
  return screens.map(({ possible, steps: rows }) => ({
    id: rows[0]!.id,
    round: rows.length > 1 ? possible[0]! : null,
    title: rows.length > 1 ? titleOf(ROUNDS[possible[0]!], rows) : rows[0]!.title,
    steps: rows.map(({ id }) => id),
  }));
}

const titleOf = ({ title, titles = [] }: Round, rows: readonly Step[]): string =>
  titles.find(([rules]) => rows.every(({ rule }) => rules.includes(rule)))?.[1] ?? title;

const isInPlace = ({ ofOnePart }: Round, first: Step, step: Step): boolean =>
  ofOnePart !== true || first.partId === step.partId;
