import { UNIT_TEMPLATES } from '../unit/index.ts';
import { compilePlan } from './compilePlan.ts';
import { ROUNDS, type Round } from './rounds.ts';
import { soundAnswer, soundAnswers } from './soundAnswers.ts';
import { Bench, complete, HABITS, reel } from './tests/planOf.ts';

const engine = () => new Bench(complete(reel('crankcaseHalves', '6205', '6206')));

describe('the screens of a plan', () => {
  test('should hold every step once, in plan order, and in a round only steps of its rules', () => {
    for (const template of UNIT_TEMPLATES) {
      const { steps, screens } = compilePlan(new Bench(reel(template, '30206', '30205')).state);
      expect(screens.flatMap((screen) => screen.steps)).toEqual(steps.map(({ id }) => id));
      for (const { round, steps: rows } of screens) {
        expect(round === null).toBe(rows.length === 1);
        if (round === null) continue;
        const { rules, ofOnePart }: Round = ROUNDS[round];
        const own = steps.filter(({ id }) => rows.includes(id));
        for (const { rule } of own) expect(rules).toContain(rule);
        if (ofOnePart === true) expect(new Set(own.map(({ partId }) => partId)).size).toBe(1);
      }
    }
  });

  test('should be no more than 25 for an engine case, its book-in and its record among them', () => {
    const { screens } = compilePlan(engine().state);
    expect(screens.length).toBeLessThanOrEqual(24);
    expect(screens.map(({ title }) => title)).toContain('Inspect every part');
  });

  test('should be one for the rings of one half and another for those of the other', () => {
    const { screens } = compilePlan(engine().state);
    const seats = screens.filter(({ round }) => round === 'seat').map(({ steps }) => steps[0]);
    expect(seats).toEqual(['heat:half-right', 'heat:half-left']);
  });
});

describe('what one word records', () => {
  const at = (bench: Bench, rule: string) => {
    bench.work(rule, HABITS);
    const { steps, screens } = compilePlan(bench.state);
    const first = steps.find((step) => step.rule === rule)!;
    const screen = screens.find((one) => one.steps.includes(first.id))!;
    return steps.filter(({ id }) => screen.steps.includes(id));
  };
  const say = (bench: Bench, rows: Parameters<typeof soundAnswers>[1]) =>
    soundAnswers(bench.state, rows).forEach((answers) =>
      answers.forEach((answer) => bench.record(answer)),
    );

  test('should bring every row of a round behind that wants no more than a word', () => {
    const bench = engine();
    const rows = at(bench, 'inspectPart');
    expect(new Set(rows.map(({ rule }) => rule))).toEqual(new Set(['inspectPart', 'inspect']));
    say(bench, rows);
    expect(bench.state.inspection.decisions['half-left']).toMatchObject({ verdict: 'reuse' });
    const { steps } = compilePlan(bench.state);
    for (const { id } of rows) expect(steps.find((one) => one.id === id)!.status).toBe('done');
  });

  test('should renew what is used once, and leave what its sizes speak against to be looked at', () => {
    const bench = engine();
    bench.work('inspectPart', HABITS);
    const gauge = HABITS.instrument;
    for (const place of ['outer-0', 'outer-60', 'outer-120', 'inner-0', 'inner-60', 'inner-120'])
      bench.record({
        type: 'SizeMeasured',
        data: {
          stationId: 'bearing-left',
          feature: 'bore',
          place,
          value: 52.03,
          typed: null,
          instrument: gauge,
        },
      });
    const rows = at(bench, 'inspectPart');
    const loose = rows.find(({ stationId }) => stationId === 'bearing-left')!;
    expect(soundAnswer(bench.state, loose)).toBeNull();
    say(bench, rows);
    const { decisions } = bench.state.inspection;
    expect(decisions['seal-left']).toMatchObject({ verdict: 'replace', reason: 'Used once' });
    expect(decisions['bearing-right']).toMatchObject({ verdict: 'reuse' });
    expect(decisions['bearing-left']).toBeUndefined();
  });

  test('should not say of a row what a row before it has to be done for first', () => {
    const bench = engine();
    const rows = at(bench, 'heat');
    expect(rows.map(({ rule }) => rule)).toEqual(['heat', 'seatOuter', 'checkSeat']);
    expect(soundAnswers(bench.state, rows).size).toBe(0);
    bench.record({ type: 'StepDone', data: { stepId: rows[0]!.id, note: '' } });
    const left = compilePlan(bench.state).steps.filter(({ id }) =>
      rows.some((row) => row.id === id),
    );
    say(bench, left);
    const { steps } = compilePlan(bench.state);
    for (const { id } of rows) expect(steps.find((one) => one.id === id)!.status).toBe('done');
  });
});
