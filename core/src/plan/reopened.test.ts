import { compilePlan } from './compilePlan.ts';
import { isBehind } from './step.ts';
import { Bench, complete, reel } from './tests/planOf.ts';

const openIds = (bench: Bench) =>
  compilePlan(bench.state)
    .steps.filter((step) => !isBehind(step))
    .map(({ id }) => id);

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
});
