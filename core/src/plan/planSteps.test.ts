import { checkPlan, type PlannedAct } from '../checker/index.ts';
import { isJoin, modelOf, subjectOf } from '../course/index.ts';
import { buildableUnit, drawsFrom, howMany } from '../draws/index.ts';
import { answerStep } from '../simulate/index.ts';
import { UNIT_TEMPLATES, type Unit } from '../unit/index.ts';
import { compilePlan, type Plan } from './compilePlan.ts';
import { isBehind, type Step } from './step.ts';
import { Bench, complete, HABITS, reel } from './tests/planOf.ts';

/** Units that nobody designed; the long form is asked for by the environment. */
const DRAWN = howMany('WENDAXIS_TRIALS', 24);

const actsOf = ({ steps }: Plan): readonly PlannedAct[] =>
  steps.flatMap(({ act, on, figure, rows }) =>
    act === null ? rows : [{ act, on, ...(figure === null ? {} : { figure }) }],
  );
const movesOf = ({ move, rows }: Step) =>
  move === null ? rows.flatMap((row) => row.move ?? []) : [move];
const openOf = (bench: Bench) => compilePlan(bench.state).steps.filter((step) => !isBehind(step));
const openIds = (bench: Bench) => openOf(bench).map(({ id }) => id);
/** What is still to be done to things, as `act id`. */
const openActs = (bench: Bench) =>
  openOf(bench).flatMap(({ act, on, rows }) =>
    (act === null ? rows : [{ act, on }]).flatMap((row) => row.on.map((id) => `${row.act} ${id}`)),
  );
const replaced = (targetId: string) =>
  ({ targetId, verdict: 'replace', repair: null, reason: 'rough' }) as const;

/** What does not follow: out what is out, in what is in; or left out at the end. */
function astray(unit: Unit, plan: Plan): readonly string[] {
  const { events } = modelOf(unit);
  const together = new Set(events.map((event) => subjectOf(event)));
  const parts = new Set(events.filter(isJoin).map(subjectOf));
  const wrong = plan.steps.flatMap((step) =>
    movesOf(step).flatMap(({ to, body, part, bolts }) => {
      const id = body ?? part ?? bolts!;
      const isOdd = together.has(id) === (to === 'in');
      if (to === 'in') together.add(id);
      else together.delete(id);
      return isOdd ? [`${step.id}: ${id} ${to}`] : [];
    }),
  );
  const left = events.map(subjectOf).filter((id) => !together.has(id));
  return [...wrong, ...left.map((id) => `${parts.has(id) ? 'part' : 'thing'} ${id} is left out`)];
}

describe('plans of units that nobody designed', () => {
  test('should take out what is in, put in what is out, leave nothing out, and be carried out', () => {
    for (let seed = 1; seed <= DRAWN; seed += 1) {
      const { family, unit, draws } = buildableUnit(seed);
      const stationId = draws.one(modelOf(unit).bodies).station.id;
      const jobs = {
        overhaul: new Bench(unit, 'overhaul'),
        setPlay: new Bench(unit, 'setPlay'),
        renew: new Bench(unit, 'overhaul').record({
          type: 'ScopeSet',
          data: { scope: 'renew', start: 'running', renew: [{ stationId }] },
        }),
      };
      for (const [scope, bench] of Object.entries(jobs)) {
        const plan = compilePlan(bench.state);
        const at = [seed, family, scope, stationId];
        expect([...at, astray(unit, plan)]).toEqual([...at, []]);
        expect([...at, checkPlan(unit, actsOf(plan))]).toEqual([...at, []]);
      }
    }
  });

  test('should come to their end in whatever order what is ready is done', () => {
    for (let seed = 1; seed <= DRAWN / 4; seed += 1) {
      const { family, unit } = buildableUnit(seed);
      const draws = drawsFrom(1_000 + seed);
      const bench = new Bench(unit, 'overhaul');
      const most = 3 * compilePlan(bench.state).steps.length;
      for (let turn = 0; turn < most && bench.state.sheet.finished === null; turn += 1) {
        const { steps, next } = compilePlan(bench.state);
        const ready = steps.filter(
          ({ status, form }) => (status === 'ready' || status === 'missing') && form !== 'finish',
        );
        const step = ready.length === 0 ? next! : draws.one(ready);
        for (const one of answerStep(bench.state, step, HABITS, () => `${seed} ${turn}`))
          bench.record(one);
        const { status } = compilePlan(bench.state).steps.find(({ id }) => id === step.id) ?? {};
        if (status === 'ready' || status === 'missing')
          bench.record({ type: 'StepSetAside', data: { stepId: step.id, reason: 'as it is' } });
      }
      expect([seed, family, bench.state.sheet.finished === null, openIds(bench)]).toEqual([
        seed,
        family,
        false,
        [],
      ]);
    }
  }, 120_000);
});

describe('a job that takes another turn', () => {
  const gear = () => new Bench(complete(reel('coverShims')), 'overhaul');
  const crank = () => new Bench(complete(reel('crankcaseHalves', '6205', '6206')), 'overhaul');

  test('should take a ring out, lay the new one beside it, seat it and look at it, where it is found bad once it is home', () => {
    const bench = gear().work('joinShaft');
    bench.record({ type: 'InspectionDecided', data: replaced('bearing-right') });
    const acts = openActs(bench);
    for (const act of [
      'pull bearing-right:cone',
      'compare bearing-right',
      'seat bearing-right:cone',
      'checkHome bearing-right:cone',
    ])
      expect(acts).toContain(act);
    expect(acts).not.toContain('pull bearing-left:cone');
  });

  test('should open the unit again for it, and prove again what rests on it, where all is built', () => {
    const bench = gear().work('spin');
    expect(openActs(bench)).not.toContain('prove axis');
    bench.record({ type: 'InspectionDecided', data: replaced('bearing-right') });
    const acts = openActs(bench);
    for (const act of ['loosen bolts', 'open cover', 'torque bolts', 'prove axis', 'turn axis'])
      expect(acts).toContain(act);
    bench.work();
    expect([bench.state.sheet.finished === null, openIds(bench)]).toEqual([false, []]);
  });

  test('should empty a half that is found cracked, and fill the other one', () => {
    const bench = crank().work('heat').work('checkSeat');
    const [first] = bench.state.unit!.axes[0]!.stations.filter(
      ({ id }) =>
        compilePlan(bench.state).steps.find((one) => one.id === `seatOuter:${id}`)?.status ===
        'done',
    );
    bench.record({ type: 'InspectionDecided', data: replaced(first!.partId) });
    const acts = openActs(bench);
    expect(acts).toContain(`heat ${first!.partId}`);
    expect(acts).toContain(`seat ${first!.id}`);
    // What was measured of the old one is not known of the new.
    expect(openIds(bench)).toContain(`measureSeats:${first!.id}`);
  });

  test('should open what sets a figure that came out of its limits, and nothing that sets another', () => {
    const bench = gear().work('spin');
    const { specId } = bench.state.specs[0]!;
    bench.closedRun(specId, 'final', HABITS.instrument, 0.31);
    const acts = openActs(bench);
    for (const act of [
      'choose shims',
      'loosen bolts',
      'fitPack shims',
      'torque bolts',
      'prove axis',
    ])
      expect(acts).toContain(act);
    expect(acts.filter((act) => /^(?:seat|heat|compare)/u.test(act))).toEqual([]);
  });

  test('should come out and go in again, where a ring stopped half way', () => {
    const bench = crank().work('heat').work('seatOuter');
    const step = compilePlan(bench.state).next!;
    const tried = (outcome: 'stoppedHalfWay' | 'droppedIn') =>
      bench.record({ type: 'SeatTried', data: { stationId: step.stationId!, outcome } });
    bench.record({ type: 'StepDone', data: { stepId: step.id, note: '' } });
    tried('stoppedHalfWay');
    expect(openActs(bench)).toContain(`pull ${step.stationId}`);
    expect(openActs(bench)).toContain(`seat ${step.stationId}`);
    expect(openIds(bench)).toContain(`${step.id}#2`);
    tried('droppedIn');
    expect(openIds(bench).filter((id) => id.startsWith(step.id))).toEqual([]);
  });

  test('should put back what lies on the bench, where it is only to renew something now', () => {
    const bench = gear().work('clean');
    bench.record({
      type: 'ScopeSet',
      data: { scope: 'renew', start: 'running', renew: [{ stationId: 'seal-right' }] },
    });
    const acts = openActs(bench);
    for (const act of ['place shaft', 'close cover', 'torque bolts', 'fitSeal seal-right'])
      expect(acts).toContain(act);
    expect(acts.filter((act) => act.startsWith('pull'))).toEqual([]);
    bench.work();
    expect([bench.state.sheet.finished === null, openIds(bench)]).toEqual([false, []]);
  });

  test('should take what is done out of its turn as done, and undone as never done', () => {
    const bench = gear().work('clean');
    const before = openIds(bench);
    const tick = (stepId: string) => bench.record({ type: 'StepDone', data: { stepId, note: '' } });
    tick('layOuter:bearing-left');
    expect(openActs(bench)).not.toContain('place bearing-left:cup');
    bench.record({ type: 'Undone', data: { eventId: bench.events.at(-1)!.id } });
    expect(openIds(bench)).toEqual(before);
  });

  test('should tighten and prove again where a torque was taken back after the proof', () => {
    const bench = gear().work('spin');
    const done = bench.events.findLast(
      ({ type, data }) => type === 'StepDone' && data.stepId === 'torque:bolts',
    )!;
    bench.record({ type: 'Undone', data: { eventId: done.id } });
    const acts = openActs(bench);
    for (const act of ['torque bolts', 'lock bolts', 'prove axis']) expect(acts).toContain(act);
    expect(acts).not.toContain('open cover');
  });

  test('should lay a new sleeve beside the crushed one each time its nut comes off, and begin its readings anew', () => {
    const bench = new Bench(complete(reel('pinionSleeve')), 'overhaul').work('spin');
    const { sleeveSince } = bench.state.setting;
    bench.record({ type: 'InspectionDecided', data: replaced('bearing-right') });
    for (const id of ['takeOff:sleeve#2', 'newPart:sleeve#2', 'fitOn:sleeve#2'])
      expect(openIds(bench)).toContain(id);
    bench.work('newPart').work('fitOn');
    expect(bench.state.setting.sleeveSince['sleeve']).toBeGreaterThan(sleeveSince['sleeve']!);
    bench.work();
    expect([bench.state.sheet.finished === null, openIds(bench)]).toEqual([false, []]);
  });

  test('should lay a new gear beside the one that is decided against on the bench', () => {
    const bench = new Bench(complete(reel('retainedGear')), 'overhaul').work('clean');
    expect(openActs(bench)).not.toContain('compare gear');
    bench.record({ type: 'InspectionDecided', data: replaced('gear') });
    expect(openActs(bench)).toContain('compare gear');
  });

  test('should look at a stack once, as long as nothing of it moves', () => {
    const bench = new Bench(buildableUnit(33).unit, 'overhaul').work('joinShaft');
    const early = openIds(bench).find((id) => id.startsWith('retain:'))!;
    bench.record({ type: 'StepDone', data: { stepId: early, note: '' } });
    bench.work();
    const looks = bench.events.filter(
      ({ type, data }) => type === 'SeatChecked' && data.check === 'stackTurns',
    );
    expect(looks.length).toBeGreaterThan(0);
    expect(looks.length).toBeLessThan(4);
    // Each was enough: none had to be set aside.
    expect(Object.keys(bench.state.steps).filter((id) => id.startsWith('checkStack:'))).toEqual([]);
    expect([bench.state.sheet.finished === null, openIds(bench)]).toEqual([false, []]);
  });

  test('should ask nothing once it is finished', () => {
    for (const template of UNIT_TEMPLATES.filter((_, n) => n % 5 === 0)) {
      const bench = new Bench(complete(reel(template)), 'overhaul').work();
      expect([template, openIds(bench)]).toEqual([template, []]);
    }
  });
});
