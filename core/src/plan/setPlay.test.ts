import { checkPlan } from '../checker/index.ts';
import { compilePlan } from './compilePlan.ts';
import type { Step } from './step.ts';
import { Bench, complete, HABITS, reel } from './tests/planOf.ts';

const whole = () => new Bench(complete(reel('coverShims')), 'setPlay');

const actsOf = (steps: readonly Step[]) =>
  steps.flatMap(({ act, on, figure, rows }) =>
    act === null ? rows : [{ act, on, ...(figure === null ? {} : { figure }) }],
  );

describe('a job that only sets the play', () => {
  test('should open what the pack lies under, and close it again for good', () => {
    const bench = whole();
    const { steps } = compilePlan(bench.state);
    expect(steps.map(({ id }) => id)).toEqual([
      'setSpec:axis:endPlay',
      'recordPack:shims',
      'measure:axis:endPlay',
      'choosePack:shims',
      'drain',
      'mark:bolts',
      'loosen:bolts',
      'liftOff:cover',
      'takeOutPack:shims',
      'fitPack:shims',
      'closeJoint:cover',
      'prepare:bolts',
      'torque:bolts',
      'prove:axis:endPlay',
      'lock:bolts',
      'spin',
      'fill',
      'finish',
    ]);
  });

  test('should leave alone what need not come off, where the play is in its limits as it is', () => {
    const bench = whole();
    bench.work('choosePack', {
      ...HABITS,
      bands: { endPlay: { lower: 0, upper: 1, target: 0.5 } },
    });
    const rules = compilePlan(bench.state).steps.map(({ rule }) => rule);
    expect(rules).not.toContain('torque');
    expect(rules).not.toContain('drain');
  });

  /** A pinion whose flange goes on over its seal, under the nut. */
  test('should put a flange on after the new seal that it goes over', () => {
    const { unit } = new Bench(complete(reel('pinionSpacer')), 'setPlay').state;
    const { steps } = compilePlan(new Bench(unit!, 'setPlay').state);
    const ids = steps.map(({ id }) => id);
    expect(ids.indexOf('fitSeal:seal-right')).toBeGreaterThan(ids.indexOf('fitPack:shims'));
    expect(ids.indexOf('fitHub:flange')).toBeGreaterThan(ids.indexOf('fitSeal:seal-right'));
    expect(checkPlan(unit!, actsOf(steps))).toEqual([]);
  });

  test('should let the oil out only of a unit that came with it', () => {
    const rowsOf = (start: 'running' | 'drained') => {
      const bench = whole().record({ type: 'ScopeSet', data: { scope: 'setPlay', start } });
      const ids = compilePlan(bench.state).steps.map(({ id }) => id);
      return ids.indexOf('drain') >= 0 && ids.indexOf('drain') < ids.indexOf('liftOff:cover');
    };
    expect(rowsOf('running')).toBe(true);
    expect(rowsOf('drained')).toBe(false);
  });

  test('should be carried out without a refusal for every unit that is set by a pack', () => {
    for (const template of [
      'coverShims',
      'retainedGear',
      'pinionSpacer',
      'coneSpacerShims',
    ] as const) {
      const { unit } = new Bench(complete(reel(template)), 'setPlay').state;
      const { steps } = compilePlan(new Bench(unit!, 'setPlay').state);
      expect([template, checkPlan(unit!, actsOf(steps))]).toEqual([template, []]);
    }
  });
});
