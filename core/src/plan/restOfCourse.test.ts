import { buildableUnit, howMany } from '../draws/index.ts';
import { answerStep } from '../simulate/index.ts';
import type { Unit } from '../unit/index.ts';
import { compilePlan } from './compilePlan.ts';
import { isBehind } from './step.ts';
import { Bench, complete, HABITS, reel } from './tests/planOf.ts';

/** Units that nobody designed; the long form is asked for by the environment. */
const DRAWN = howMany('WENDAXIS_TRIALS', 3);

const openIds = (bench: Bench) =>
  compilePlan(bench.state)
    .steps.filter((step) => !isBehind(step))
    .map(({ id }) => id);

/** Steps by whose answer a plan may change: what is kept is not compared, what is right not opened again. */
const TELLS: ReadonlySet<string> = new Set([
  ...['setSpec', 'inspect', 'inspectPart', 'measureSeats', 'measureNew', 'measure'],
  ...['choosePack', 'chooseSpacer', 'chooseDepth', 'prove', 'proveFigure'],
]);

describe('a plan that is worked step by step', () => {
  test('should be at each step the rest of what it was before, but where something is decided or measured', () => {
    const whole: [string, Unit][] = [
      ...(['thrustPastPlate', 'carrierAdjusters', 'blockShells'] as const).map(
        (template): [string, Unit] => [template, complete(reel(template))],
      ),
      ...Array.from({ length: DRAWN }, (_, n): [string, Unit] => {
        const { family, unit } = buildableUnit(8 + n);
        return [`${8 + n} ${family}`, unit];
      }),
    ];
    for (const [name, unit] of whole) {
      const bench = new Bench(unit, 'overhaul');
      let plan = compilePlan(bench.state);
      for (let turn = 0; plan.next !== null && bench.state.sheet.finished === null; turn += 1) {
        const step = plan.next;
        const due = openIds(bench).filter((id) => id !== step.id);
        for (const event of answerStep(bench.state, step, HABITS, () => `${name} ${turn}`))
          bench.record(event);
        if (openIds(bench).includes(step.id))
          bench.record({ type: 'StepSetAside', data: { stepId: step.id, reason: 'as it is' } });
        plan = compilePlan(bench.state);
        if (!TELLS.has(step.rule))
          expect([name, step.id, openIds(bench)]).toEqual([name, step.id, due]);
      }
      expect([name, bench.state.sheet.finished === null]).toEqual([name, false]);
    }
  });
});
