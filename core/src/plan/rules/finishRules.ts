import { SOURCES } from '../../sources/index.ts';
import { hasKind, holdsOil, type Unit } from '../../unit/index.ts';
import { numbers, range } from '../figures.ts';
import { afterAll, nameOf, type Numbers, type Rule } from '../rule.ts';

/** Air test pressure, MPa. Common practice, no source. */
const TEST_PRESSURE = { least: 0.02, most: 0.03 } as const;

/**
 * The air that a unit is tested with: as its maker tests it, where that is described of every seal, which none of them exceeds; else
 * what a usual lip seal stands, never above the rating of one.
 */
function testPressure({ axes }: Unit): Numbers {
  const seals = axes.flatMap(({ stations }) => stations).filter(({ kind }) => kind === 'seal');
  const tested = seals.filter(({ testMost }) => testMost !== undefined);
  if (tested.length > 0 && tested.length === seals.length) {
    const most = Math.min(
      ...tested.map(({ testMost, rating }) => Math.min(testMost!, rating ?? Infinity)),
    );
    const least = Math.max(...tested.map(({ testLeast }) => testLeast ?? TEST_PRESSURE.least));
    return numbers(
      range(
        'Air pressure',
        'pressure',
        { least: Math.min(least, most), most },
        SOURCES.asBookedIn.title,
      ),
    );
  }
  const most = Math.min(TEST_PRESSURE.most, ...seals.map(({ rating }) => rating ?? Infinity));
  return numbers(
    range(
      'Air pressure',
      'pressure',
      { least: Math.min(TEST_PRESSURE.least, most), most },
      SOURCES.leakPressure.title,
    ),
  );
}

/** Whether gears of several shafts can be engaged one after the other. */
const isGearbox = ({ axes }: Unit): boolean =>
  axes.filter(({ stations }) => stations.filter(({ kind }) => kind === 'gear').length > 1).length >
  1;

/** Turning, testing, filling, and the end of the record. */
export const FINISH_RULES: readonly Rule[] = [
  {
    id: 'spin',
    phase: 'prove',
    on: 'unit',
    form: 'tick',
    when: ({ unit }) => holdsOil(unit),
    title: ({ unit }) => `Turn it by hand${isGearbox(unit) ? ', through every gear' : ''}`,
    how: 'Even drag, no tight spot, no noise. Feel each bearing boss.',
    reason: 'A fault found now is still quick to reach.',
    cautions: ['turning'],
    after: afterAll('all', 'fitSeal', 'fitORing', 'lock', 'torque', 'prove', 'proveFigure'),
  },
  {
    id: 'tryPiston',
    phase: 'prove',
    on: 'station',
    kinds: ['piston'],
    form: 'tick',
    title: (subject) => `Try ${nameOf(subject)} with air`,
    how: 'What holds it in is fitted; hands and face clear of it. Through its own feed, the regulator from zero up and no more than moves it, a rag over the other ports: it moves, holds, and comes back. A hiss that does not stop is a lip that has turned over.',
    reason: 'A fault found now is still quick to reach.',
    cautions: ['airTest'],
    tools: ['regulator, relief valve and gauge'],
    after: [
      { rule: 'fitPiston', of: 'station' },
      { rule: 'retain', of: 'axis' },
      { rule: 'torque', of: 'axis' },
    ],
  },
  {
    id: 'leakTest',
    phase: 'prove',
    on: 'unit',
    form: 'tick',
    when: ({ unit }) => holdsOil(unit) && hasKind(unit, ['seal', 'oRing']),
    title: () => 'Test it with air for leaks',
    how: ({ unit }) =>
      `Breather closed, gauge on, soap on every ${hasKind(unit, ['seal']) ? 'seal and joint' : 'joint'}. The pressure moves with the temperature: let it settle first.`,
    reason: 'Before oil hides a leak.',
    numbers: ({ unit }) => testPressure(unit),
    cautions: ['airTest'],
    tools: ['regulator, relief valve and gauge', 'soap'],
    after: afterAll('all', 'spin', 'torque', 'fitSeal', 'fitORing'),
  },
  {
    id: 'fill',
    phase: 'prove',
    on: 'unit',
    form: 'tick',
    when: ({ unit }) => holdsOil(unit),
    title: () => 'Flush, fill and run it in',
    how: 'Flushing oil, turn, drain, look; then the final oil to its level. Feel for heat after the first run.',
    reason: 'Tight and turning.',
    consumables: ['flushing oil', 'oil as the manual says', 'new plug rings'],
    cautions: ['turning'],
    after: [
      { rule: 'leakTest', of: 'all' },
      { rule: 'spin', of: 'all' },
      { rule: 'tryPiston', of: 'all' },
    ],
  },
  {
    id: 'finish',
    phase: 'record',
    on: 'unit',
    always: true,
    form: 'finish',
    title: () => 'Finish the record',
    how: 'Note what the next person to open it should know.',
    reason: 'Everything before it is done.',
    after: afterAll(
      'all',
      'fill',
      'spin',
      'prove',
      'proveFigure',
      'lock',
      'mend',
      'setSpec',
      'recordPack',
      'measure',
    ),
    done: ({ state }) => state.sheet.finished !== null,
  },
];
