import { at, madeUnit } from '../course/tests/madeUnit.ts';
import { checkPlan } from '../checker/index.ts';
import { unitFromTemplate, type Station, type Unit } from '../unit/index.ts';
import { compilePlan } from './compilePlan.ts';
import { Bench } from './tests/bench.ts';
import { GAUGE } from './tests/everyKind.ts';
import type { Step } from './step.ts';

const CASE_SHAFT = { case: 'case', shaft: 'shaft' } as const;

/** A hub on a key at the end of a shaft, a sealing ring in a groove inside the case. */
const KEYED = madeUnit(CASE_SHAFT, [
  at(['step', 'shaftStep', 'shaft'], [0, 60], [0, 30]),
  at(['tail', 'shaftStep', 'shaft'], [60, 90], [0, 25]),
  at(['wall', 'housing', 'case'], [0, 50], [60, 100]),
  at(['lining', 'housing', 'case'], [10, 20], [33, 60]),
  at(['groove-ring', 'ringSeal', 'shaft'], [12, 15], [27, 33], {
    ends: 'hooked',
    gapLeast: 0.1,
    gapMost: 0.3,
  }),
  at(['key', 'key', 'shaft'], [65, 80], [23, 29]),
  at(['hub', 'gear', 'shaft'], [63, 85], [25, 60]),
  at(['nut', 'nut', 'shaft'], [86, 92], [24, 36]),
]);
const PISTON = unitFromTemplate('pistonCover', {
  name: 'Clutch cover',
  ...Object.fromEntries(
    ['left', 'right'].map((side) => [
      side,
      { designation: null, family: null, dimensions: { bore: 40, outside: 110, width: 22 } },
    ]),
  ),
  span: 20,
} as never);

const planOf = (unit: Unit, scope: 'overhaul' | 'renew' = 'overhaul', ...renew: string[]) =>
  compilePlan(
    new Bench(unit, scope).record({ type: 'ScopeSet', data: scopeOf(scope, renew) }).state,
  ).steps;
const scopeOf = (scope: 'overhaul' | 'renew', renew: readonly string[]) =>
  scope === 'overhaul'
    ? ({ scope, start: 'running' } as const)
    : ({ scope, start: 'running', renew: renew.map((stationId) => ({ stationId })) } as const);
const idsOf = (steps: readonly Step[]) => steps.map(({ id }) => id);
const actsOf = (steps: readonly Step[]) =>
  steps.flatMap(({ act, on, figure, rows }) =>
    act === null ? rows : [{ act, on, ...(figure === null ? {} : { figure }) }],
  );
const isBefore = (steps: readonly Step[], first: string, then: string): boolean =>
  idsOf(steps).includes(first) && idsOf(steps).indexOf(first) < idsOf(steps).indexOf(then);
const withStation = (unit: Unit, id: string, change: Partial<Station>): Unit => ({
  ...unit,
  axes: unit.axes.map((axis) => ({
    ...axis,
    stations: axis.stations.map((one) => (one.id === id ? { ...one, ...change } : one)),
  })),
});

describe('keys', () => {
  test('should be laid in before the hub that goes over them, where they came out', () => {
    const acts = actsOf(planOf(KEYED, 'renew', 'key'));
    const at = (id: string) => acts.findIndex(({ act, on }) => act === 'place' && on.includes(id));
    expect([at('key') >= 0, at('key') < at('hub')]).toEqual([true, true]);
    // An overhaul leaves it in its seat.
    const all = actsOf(planOf(KEYED));
    expect(all.filter(({ on }) => on.includes('key')).map(({ act }) => act)).toEqual(['inspect']);
    expect(checkPlan(KEYED, all)).toEqual([]);
  });

  test('should come out once the hub is off, and not before', () => {
    const acts = actsOf(planOf(KEYED, 'renew', 'key'));
    expect(checkPlan(KEYED, acts)).toEqual([]);
    expect(acts.map(({ act, on }) => `${act} ${on[0]}`)).toContain('loosen nut');
  });
});

describe('sealing rings in a groove', () => {
  test('should be measured in their bore, and be on before the shaft goes in', () => {
    const steps = planOf(KEYED);
    expect(isBefore(steps, 'measureGap:groove-ring', 'fitGrooveSeal:groove-ring')).toBe(true);
    expect(isBefore(steps, 'fitGrooveSeal:groove-ring', 'joinShaft:shaft')).toBe(true);
  });

  test('should have their gap judged against its limits', () => {
    const verdict = (value: number) => {
      const bench = new Bench(KEYED, 'overhaul').record({
        type: 'SizeMeasured',
        data: {
          stationId: 'groove-ring',
          feature: 'endGap',
          place: 'gap',
          value,
          typed: null,
          instrument: GAUGE,
        },
      });
      const step = compilePlan(bench.state).steps.find(({ id }) => /^measureGap/u.test(id))!;
      const gap = step.figures.find(({ name }) => name === 'Gap at its ends')!;
      return [gap.form === 'quantity' && gap.word, step.status];
    };
    expect(verdict(0.2)).toEqual(['conforms', 'done']);
    expect(verdict(0.5)).toEqual(['doesNotConform', 'done']);
  });

  test('should have no gap and be new where they are in one piece', () => {
    const whole = withStation(KEYED, 'groove-ring', { ends: 'whole' });
    const steps = planOf(whole);
    expect(idsOf(steps)).not.toContain('measureGap:groove-ring');
    expect(idsOf(steps)).toContain('newPart:groove-ring');
    expect(steps.find(({ rule }) => rule === 'fitGrooveSeal')!.how).toMatch(/sizing sleeve/u);
  });
});

describe('a piston in its cover', () => {
  test('should come out for its seals, and go in after they are in their grooves', () => {
    const steps = planOf(PISTON);
    expect(isBefore(steps, 'liftOff:cover', 'takeOutRing:ring')).toBe(true);
    expect(isBefore(steps, 'takeOutRing:ring', 'takeOutPiston:piston')).toBe(true);
    for (const seal of ['seal-inner', 'seal-outer']) {
      expect(isBefore(steps, `newPart:${seal}`, `fitGrooveSeal:${seal}`)).toBe(true);
      expect(isBefore(steps, `fitGrooveSeal:${seal}`, 'fitPiston:piston')).toBe(true);
    }
    expect(isBefore(steps, 'fitPiston:piston', 'retain:ring')).toBe(true);
    expect(isBefore(steps, 'retain:ring', 'torque:bolts')).toBe(true);
    expect(checkPlan(PISTON, actsOf(steps))).toEqual([]);
  });

  test('should be all that comes out for one of its seals', () => {
    const steps = planOf(PISTON, 'renew', 'seal-outer');
    expect(idsOf(steps)).toContain('takeOutPiston:piston');
    expect(idsOf(steps)).not.toContain('fitGrooveSeal:seal-inner');
    expect(checkPlan(PISTON, actsOf(steps))).toEqual([]);
  });
});

describe('dowels and studs', () => {
  test('should stay where they are until they are found worn', () => {
    expect(idsOf(planOf(PISTON))).not.toContain('fitLasting:dowels');
    const worn = new Bench(PISTON, 'overhaul').record({
      type: 'InspectionDecided',
      data: { targetId: 'dowels', verdict: 'replace', repair: null, reason: 'Bent' },
    });
    const { steps } = compilePlan(worn.state);
    expect(isBefore(steps, 'fitLasting:dowels', 'torque:bolts')).toBe(true);
  });
});

describe('a crank under caps', () => {
  const BLOCK = unitFromTemplate('blockShells', {
    name: 'Block',
    ...Object.fromEntries(
      ['left', 'right'].map((side) => [
        side,
        { designation: null, family: null, dimensions: { bore: 50, outside: 54, width: 22 } },
      ]),
    ),
    span: 90,
  } as never);

  test('should have its caps marked before a bolt is turned, and on at their torque for a reading', () => {
    const steps = planOf(BLOCK);
    for (const shells of ['shells-left', 'shells-right'])
      for (const caps of ['caps-left', 'caps-right'])
        expect(isBefore(steps, `markCaps:${shells}`, `loosen:${caps}`)).toBe(true);
    expect(steps.find(({ rule }) => rule === 'takeOutShaft')!.how).toMatch(/Lift it straight out/u);
    const acts = actsOf(steps);
    const read = acts.findIndex(({ act }) => act === 'measure');
    const tight = acts
      .slice(0, read)
      .filter(({ act }) => act === 'torque')
      .map(({ on }) => on[0]);
    // Shells that stay were measured as they came out: the caps go on for the reading only.
    expect(tight).toEqual(['caps-left', 'caps-right']);
    expect(checkPlan(BLOCK, acts)).toEqual([]);
  });

  test('should have its caps on without the crank once new shells are to be measured, and off again', () => {
    const bench = new Bench(BLOCK, 'overhaul').record({
      type: 'InspectionDecided',
      data: { targetId: 'shells-left', verdict: 'replace', repair: null, reason: 'Worn thin' },
    });
    const { steps } = compilePlan(bench.state);
    const at = (id: string) => steps.findIndex((step) => step.id === id);
    const order = [
      ...['shells:shells-left', 'snug:caps-left', 'gaugeShells:shells-left', 'loosen:caps-left#2'],
      ...['joinShaft:shaft', 'snug:caps-left#2', 'measure:axis:endPlay'],
    ].map(at);
    expect(order).not.toContain(-1);
    expect(order).toEqual(order.toSorted((a, b) => a - b));
    expect(checkPlan(BLOCK, actsOf(steps))).toEqual([]);
  });
});
