import type { ActId } from '../course/index.ts';
import type { JobScope } from '../job/index.ts';
import type { RuleId } from './ruleIds.ts';
import type { After } from './rule.ts';

/** Where a step that no row of a course asks for stands. */
export interface Side {
  readonly rule: RuleId;
  /** What is done at it, for the exported plan; null where nothing is. */
  readonly act: ActId | null;
  /** The anchors, the first that is there: before the first or behind the last step of some rules about the same thing. */
  readonly at: readonly Anchor[];
  /** On a job to renew something it is wanted where a step of one of these rules is about the same thing; always where none is named. */
  readonly with?: Pick<Anchor, 'of' | 'rules'>;
  /** Only in a job for this. */
  readonly only?: JobScope;
}

export interface Anchor {
  readonly side: 'before' | 'behind';
  readonly of: Extract<After['of'], 'station' | 'part' | 'axis' | 'all'> | 'figure';
  readonly rules: readonly RuleId[];
}

const before = (of: Anchor['of'], ...rules: readonly RuleId[]): Anchor => ({
  side: 'before',
  of,
  rules,
});
const behind = (of: Anchor['of'], ...rules: readonly RuleId[]): Anchor => ({
  side: 'behind',
  of,
  rules,
});
const alike = (of: Anchor['of'], ...rules: readonly RuleId[]): Side['with'] => ({ of, rules });

/** Steps that take something out. */
const OUT: readonly RuleId[] = [
  'loosen',
  'loosenInside',
  'liftOff',
  'pullSeal',
  'pull',
  'pullOuter',
  'pullInner',
  'takeOff',
  'takeOutSmallSeal',
  'takeOutShells',
  'takeOutRing',
  'takeOutRollers',
  'takeOutTube',
  'takeOffHub',
  'takeOutPiston',
  'takeOutShaft',
  'recordPack',
];
/** Sizes and looks on the bench. */
const SIZES: readonly RuleId[] = [
  'clean',
  'measureSeats',
  'measureHousing',
  'readMarks',
  'measureBolts',
];
const LOOKS: readonly RuleId[] = ['inspectPart', 'inspect'];
const NEW: readonly RuleId[] = ['compare', 'newPart', 'measureNew', 'measureDepth'];
const DECIDED: readonly RuleId[] = ['repairPart', 'replacePart', 'repair'];
/** Behind all that is done on the bench before anything goes in. */
const FROM_BENCH: readonly Anchor[] = [
  behind('all', 'fitOuter', 'fitInner', 'markLine'),
  behind('all', ...NEW, ...DECIDED),
  behind('all', ...LOOKS, ...SIZES),
  behind('all', ...OUT),
];

/**
 * Steps about something a course moves, that move nothing themselves and that it does not ask for: limits, looks, fits, sizes,
 * decisions. In this order: one may stand by another before it. Where no anchor is there it stands at the beginning.
 */
export const SIDES: readonly Side[] = [
  { rule: 'mend', act: null, at: [] },
  { rule: 'findWay', act: null, at: [behind('all', 'mend')] },
  {
    rule: 'setSpec',
    act: null,
    at: [behind('all', 'mend', 'findWay')],
    with: alike(
      'figure',
      'readWitness',
      'asFound',
      'measure',
      'readBacklash',
      'chooseDepth',
      'prove',
      'provePreload',
      'proveFigure',
    ),
  },
  // On a job to renew something it is washed where it was opened.
  {
    rule: 'clean',
    act: 'clean',
    at: [behind('all', ...OUT)],
    with: alike('all', 'liftOff', 'closeJoint'),
    only: 'renew',
  },
  // What stays in its unit is written down as it is known.
  { rule: 'recordPack', act: null, at: [behind('all', 'setSpec')], only: 'setPlay' },
  { rule: 'trySpacer', act: null, at: [behind('all', 'setSpec', 'recordPack')], only: 'setPlay' },
  {
    rule: 'markFound',
    act: 'measureAsFound',
    at: [behind('axis', 'asFound'), before('all', 'mark', 'loosen')],
    with: alike('axis', 'asFound', 'markPattern', 'proveFigure'),
  },
  {
    rule: 'recordDepth',
    act: 'measureSize',
    at: [before('station', 'pull')],
    with: alike('station', 'pull'),
  },
  {
    rule: 'readMarks',
    act: 'measureSize',
    at: [behind('all', ...SIZES), behind('all', ...OUT)],
    with: alike('station', 'pull'),
  },
  // Both the seats and the housing of what is pressed in, and on a job to renew something what is out.
  {
    rule: 'measureSeats',
    act: 'measureSize',
    at: [behind('all', ...SIZES), behind('all', ...OUT)],
    with: alike('station', 'seatOuter', 'seatInner', 'shells', 'loadRollers'),
  },
  {
    rule: 'measureHousing',
    act: 'measureSize',
    at: [behind('all', ...SIZES), behind('all', ...OUT)],
    with: alike('station', 'seatOuter'),
  },
  {
    rule: 'inspect',
    act: 'inspect',
    at: [behind('all', ...LOOKS), behind('all', ...SIZES), behind('all', ...OUT)],
    with: alike('station', 'pull', 'pullOuter', 'pullInner'),
  },
  { rule: 'repairPart', act: null, at: [behind('all', ...DECIDED), behind('all', ...LOOKS)] },
  { rule: 'replacePart', act: null, at: [behind('all', ...DECIDED), behind('all', ...LOOKS)] },
  { rule: 'repair', act: null, at: [behind('all', ...DECIDED), behind('all', ...LOOKS)] },
  {
    rule: 'measureDepth',
    act: 'measureSize',
    at: [behind('station', 'compare'), behind('all', ...NEW), ...FROM_BENCH],
    with: alike('station', 'compare', 'seatOuter'),
  },
  {
    rule: 'measureNew',
    act: 'measureSize',
    at: [behind('station', 'newPart', 'compare'), behind('all', ...NEW), ...FROM_BENCH],
    with: alike('station', 'newPart', 'compare', 'seatOuter'),
  },
  {
    rule: 'fitMockUp',
    act: null,
    at: [before('axis', 'chooseDepth')],
    with: alike('axis', 'chooseDepth'),
  },
  {
    rule: 'takeOffMockUp',
    act: null,
    at: [behind('axis', 'chooseDepth')],
    with: alike('axis', 'chooseDepth'),
  },
  { rule: 'fitOuter', act: 'choose', at: FROM_BENCH, with: alike('station', 'seatOuter') },
  { rule: 'fitInner', act: 'choose', at: FROM_BENCH, with: alike('station', 'seatInner') },
  { rule: 'markLine', act: 'mark', at: FROM_BENCH, with: alike('station', 'seatOuter') },
  {
    rule: 'finishBore',
    act: 'measureSize',
    at: [behind('station', 'gauge')],
    with: alike('station', 'gauge'),
  },
  {
    rule: 'tryLine',
    act: 'checkHome',
    at: [behind('axis', 'gauge', 'finishBore')],
    with: alike('axis', 'gauge'),
  },
  {
    rule: 'supportWebs',
    act: 'measureSize',
    at: [before('axis', 'seatInner')],
    with: alike('axis', 'seatInner'),
  },
  {
    rule: 'checkWebs',
    act: 'measureSize',
    at: [behind('axis', 'seatInner', 'checkCone')],
    with: alike('axis', 'seatInner'),
  },
  {
    rule: 'tryRollers',
    act: 'checkHome',
    at: [behind('station', 'loadRollers')],
    with: alike('station', 'loadRollers'),
  },
  {
    rule: 'measureGap',
    act: 'measureSize',
    at: [before('station', 'fitGrooveSeal'), ...FROM_BENCH],
    with: alike('station', 'fitGrooveSeal'),
  },
  {
    rule: 'checkBuild',
    act: null,
    at: [
      before('axis', 'measure'),
      // A nut on a sleeve and adjusters are read as they are turned.
      before('axis', 'crush', 'setAdjuster', 'turnAdjuster'),
      before('axis', 'prove', 'provePreload'),
    ],
    with: alike('axis', 'measure'),
  },
  {
    rule: 'sealDrag',
    act: 'measure',
    at: [before('axis', 'crush', 'chooseSpacer'), before('axis', 'proveFigure')],
    with: alike('axis', 'proveFigure'),
  },
  {
    rule: 'markPattern',
    act: 'prove',
    at: [behind('axis', 'proveFigure'), before('all', 'spin', 'finish')],
    with: alike('axis', 'proveFigure'),
  },
  {
    rule: 'tryPiston',
    act: 'pressureTest',
    at: [before('all', 'leakTest'), before('all', 'fill', 'finish')],
    with: alike('station', 'fitPiston'),
  },
];

/** What is done at the steps that no row of a course asks for. */
export const SIDE_ACTS: ReadonlyMap<RuleId, ActId> = new Map(
  SIDES.flatMap(({ rule, act }) => (act === null ? [] : [[rule, act]])),
);
