import { modelOf } from '../course/index.ts';
import { buildableUnit, howMany } from '../draws/index.ts';
import { answerStep } from '../simulate/index.ts';
import { standingNow } from '../standing/index.ts';
import type { Unit } from '../unit/index.ts';
import { compilePlan } from './compilePlan.ts';
import { isBehind } from './step.ts';
import { Bench, complete, HABITS, reel } from './tests/planOf.ts';

/** What is set or turned, and no new one laid beside. */
const KEPT: ReadonlySet<string> = new Set(['shimSite', 'adjuster', 'nut']);

const openIds = (bench: Bench) =>
  compilePlan(bench.state)
    .steps.filter((step) => !isBehind(step))
    .map(({ id }) => id);

/** To the record; what is not known is set aside. */
function finish(bench: Bench, key: string): Bench {
  for (let turn = 0; turn < 300 && bench.state.sheet.finished === null; turn += 1) {
    const { next } = compilePlan(bench.state);
    if (next === null) break;
    for (const event of answerStep(bench.state, next, HABITS, () => `${key} ${turn}`))
      bench.record(event);
    if (bench.state.sheet.finished === null && openIds(bench).includes(next.id))
      bench.record({ type: 'StepSetAside', data: { stepId: next.id, reason: 'as it is' } });
  }
  return bench;
}

describe('a finished job that is opened again', () => {
  test('should drain, turn, try with air and fill again where a finished unit is opened, and no more', () => {
    const opened = (targetId: string) => {
      const bench = new Bench(complete(reel('crankcaseHalves')), 'overhaul').work();
      bench.record({ type: 'JobReopened', data: { reason: 'noise' } });
      return bench.record({
        type: 'InspectionDecided',
        data: { targetId, verdict: 'replace', repair: null, reason: 'rough' },
      });
    };
    const ends = ['spin', 'leakTest', 'fill', 'finish'];
    const late = openIds(opened('bearing-left')).map((id) => id.replace(/#\d+$/u, ''));
    expect([late[0], late.slice(-4)]).toEqual(['drain', ends]);
    const seal = opened('seal-right');
    const due = openIds(seal).map((id) => id.replace(/#\d+$/u, ''));
    expect(due).toEqual([
      ...['drain', 'pullSeal:seal-right', 'newPart:seal-right', 'fitSeal:seal-right'],
      ...['leakTest', 'fill', 'finish'],
    ]);
    // Once it is drained it is not drained again as it is opened.
    seal.record({ type: 'StepDone', data: { stepId: openIds(seal)[0]!, note: '' } });
    expect(openIds(seal).map((id) => id.replace(/#\d+$/u, ''))).toEqual(due.slice(1));
    seal.record({ type: 'StepDone', data: { stepId: openIds(seal)[0]!, note: '' } });
    expect(openIds(seal).map((id) => id.replace(/#\d+$/u, ''))).toEqual(due.slice(2));
  });

  test('should come to its end again in units that nobody designed, drained first and filled, each body renewed', () => {
    const units: readonly (readonly [string, Unit])[] = [
      ['thrustPastPlate', complete(reel('thrustPastPlate'))],
      ...Array.from({ length: howMany('WENDAXIS_TRIALS', 4) }, (_, n) => {
        const { family, unit } = buildableUnit(n + 2);
        return [`${n + 2} ${family}`, unit] as const;
      }),
    ];
    units.forEach(([name, unit], n) => {
      const model = modelOf(unit);
      const bodies = model.bodies.filter(({ station: { kind } }) => !KEPT.has(kind));
      const { id, station } = bodies[n % bodies.length]!;
      const bench = finish(new Bench(unit, 'overhaul'), 'first');
      bench.record({ type: 'JobReopened', data: { reason: 'noise' } }).record({
        type: 'InspectionDecided',
        data: { targetId: station.id, verdict: 'replace', repair: null, reason: 'rough' },
      });
      const due = openIds(bench).map((one) => one.replace(/#\d+$/u, ''));
      if (due.includes('fill')) expect([name, id, due[0]]).toEqual([name, id, 'drain']);
      finish(bench, 'again');
      const { place, bad } = standingNow(bench.state);
      const out = model.events.filter((event) => !place.in.has(event));
      expect([name, id, openIds(bench), out, [...bad]]).toEqual([name, id, [], [], []]);
    });
  });
});
