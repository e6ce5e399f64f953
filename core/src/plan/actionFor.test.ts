import { actionFor, nextAction, stageOf } from './nextAction.ts';
import { Bench } from './tests/everyKind.ts';

describe('what a step means on screen', () => {
  test('should be a page of its own, or the step’s page', () => {
    const bench = new Bench();
    const kinds = (id: string) => actionFor(bench.state, bench.step(id)).kind;
    expect(kinds('setSpec:axis:backlash')).toBe('setSpec');
    expect(kinds('drain')).toBe('step');
    expect(kinds('finish')).toBe('finishJob');
    expect(nextAction(bench.state)).toMatchObject({ kind: 'setSpec', specKind: 'backlash' });
  });

  test('should stand at the station of the line that its phase has', () => {
    const bench = new Bench();
    const stage = () => stageOf(bench.state, nextAction(bench.state));
    expect(stage()).toBe('describe');
    for (const [rule, expected] of [
      ['mark', 'strip'],
      ['inspect', 'inspect'],
      ['heat', 'seat'],
      ['torque', 'set'],
      ['fill', 'close'],
      ['finish', 'finish'],
    ] as const) {
      bench.work(rule);
      expect(stage()).toBe(expected);
    }
    bench.work();
    expect(nextAction(bench.state)).toEqual({ kind: 'done' });
    expect(stage()).toBe('finish');
  });
});
