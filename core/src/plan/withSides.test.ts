import { buildableUnit, howMany } from '../draws/index.ts';
import { UNIT_TEMPLATES, type Unit } from '../unit/index.ts';
import { compilePlan } from './compilePlan.ts';
import type { Step } from './step.ts';
import { Bench, complete, reel } from './tests/planOf.ts';

/** Units that nobody designed; the long form is asked for by the environment. */
const DRAWN = howMany('WENDAXIS_TRIALS', 16);

/** What is decided on the bench. */
const DECIDES: ReadonlySet<string> = new Set(['fitOuter', 'fitInner', 'setSpec', 'inspectPart']);

const planOf = (unit: Unit): readonly Step[] =>
  compilePlan(new Bench(unit, 'overhaul').state).steps;
/** A cover whose O-ring is spoiled as it comes off again for the pack under it. */
function withJointRing(): Unit {
  const unit = complete(reel('coverShims'));
  const axis = unit.axes[0]!;
  const shims = axis.stations.find(({ kind }) => kind === 'shimSite')!;
  const ring = { ...shims, id: 'ring', kind: 'oRing', name: 'Cover O-ring', width: 2 } as const;
  const { partId, at } = axis.stations.find(({ kind }) => kind === 'bolts')!;
  const stations = [...axis.stations, { ...ring, partId: partId ?? null, at }];
  return { ...unit, axes: [{ ...axis, stations }, ...unit.axes.slice(1)] };
}

describe('steps that no row of a course asks for', () => {
  test('should stand on the bench where they decide on what goes in, in any unit', () => {
    const units: readonly (readonly [string, Unit])[] = [
      ['cover with an O-ring', withJointRing()],
      ...UNIT_TEMPLATES.map((template) => [template, complete(reel(template))] as const),
      ...Array.from({ length: DRAWN }, (_, n) => {
        const { family, unit } = buildableUnit(n + 1);
        return [`${n + 1} ${family}`, unit] as const;
      }),
    ];
    for (const [name, unit] of units) {
      const steps = planOf(unit);
      const firstIn = steps.findIndex(({ rule }) =>
        /^(?:seat|lay|place|join|fit(?:On|Hub|Seal))/u.test(rule),
      );
      const late = steps
        .filter(({ rule }, at) => at > firstIn && firstIn >= 0 && DECIDES.has(rule))
        .map(({ id }) => id);
      expect([name, late]).toEqual([name, []]);
    }
  });

  test('should ask whether a build is whole before it is read, however it is set', () => {
    const sleeve = complete(reel('pinionSleeve'));
    const unit: Unit = {
      ...sleeve,
      axes: sleeve.axes.map((axis) => ({ ...axis, sets: ['endPlay'] })),
    };
    for (const [one, read] of [
      [unit, /^(?:crush|prove):/u],
      [complete(reel('carrierAdjusters')), /^(?:measure|turnAdjuster|prove):/u],
      [complete(reel('coverShims')), /^(?:measure|prove):/u],
    ] as const) {
      const ids = planOf(one).map(({ id }) => id);
      const asked = ids.findIndex((id) => id.startsWith('checkBuild:'));
      expect(asked).toBeGreaterThan(ids.findLastIndex((id) => id.startsWith('inspect:')));
      expect(asked).toBeLessThan(ids.findIndex((id) => read.test(id)));
    }
  });
});
