import type { OwnStep } from '../unit/index.ts';
import { readUnitFile, requireOwnStep, withoutStation, writeUnitFile } from '../unit/index.ts';
import { compilePlan } from './compilePlan.ts';
import { Bench, complete, HABITS, reel } from './tests/planOf.ts';

const OWN: OwnStep = {
  id: 'warm',
  by: 'fitSeal:seal-right',
  side: 'before',
  source: 'maker',
  title: 'Warm the seal in oil',
  how: 'Ten minutes in oil at 40 °C.',
  caution: 'Hot oil: gloves.',
};
const unit = () => complete(reel('hubFlange'));
const bench = (...own: readonly OwnStep[]) => {
  const made = new Bench(unit());
  for (const step of own) made.record({ type: 'OwnStepSet', data: { step } });
  return made;
};
const ids = ({ state }: Bench) => compilePlan(state).steps.map(({ id }) => id);
const sealStep = ids(new Bench(unit())).find((id) => id.startsWith('fitSeal:'))!;
const own = (rest: Partial<OwnStep> = {}): OwnStep => ({ ...OWN, by: sealStep, ...rest });

describe('a step of one’s own', () => {
  test('should stand where it was put, and leave all other steps as they were', () => {
    const plain = ids(new Bench(unit()));
    const both = ids(bench(own(), own({ id: 'wipe', side: 'after' })));
    const at = plain.indexOf(sealStep);
    expect(both).toEqual([
      ...plain.slice(0, at),
      'ownStep:warm',
      sealStep,
      'ownStep:wipe',
      ...plain.slice(at + 1),
    ]);
  });

  test('should say what was written, about the thing of its step, on a screen of its own', () => {
    const { steps, screens } = compilePlan(bench(own()).state);
    const step = steps.find(({ id }) => id === 'ownStep:warm')!;
    const by = steps.find(({ id }) => id === sealStep)!;
    expect(step).toMatchObject({
      rule: 'ownStep',
      title: OWN.title,
      how: OWN.how,
      stationId: by.stationId,
      form: 'tick',
      ownStep: { caution: OWN.caution },
    });
    expect(step.reason).toBe(`The maker’s manual asks for it before “${by.title}”.`);
    expect(screens.find(({ steps: rows }) => rows.includes(step.id))!.round).toBeNull();
  });

  test('should be asked before its step, which waits for it, and be behind once it is said', () => {
    const made = bench(own()).work('ownStep', HABITS);
    const open = compilePlan(made.state);
    expect(open.next!.id).toBe('ownStep:warm');
    expect(open.steps.find(({ id }) => id === sealStep)!.waitsFor).toContain('ownStep:warm');
    made.record({ type: 'StepDone', data: { stepId: 'ownStep:warm', note: '' } });
    const { next, steps } = compilePlan(made.state);
    expect(steps.find(({ id }) => id === 'ownStep:warm')!.status).toBe('done');
    expect(next!.id).toBe(sealStep);
  });

  test('should come once more where its step does', () => {
    const made = bench(own({ side: 'after' })).work('', HABITS);
    const seal = sealStep.slice('fitSeal:'.length);
    made.record({ type: 'JobReopened', data: { reason: 'noise' } }).record({
      type: 'InspectionDecided',
      data: { targetId: seal, verdict: 'replace', repair: null, reason: 'torn' },
    });
    const { steps } = compilePlan(made.state);
    const again = steps.findIndex(({ id }) => id === `${sealStep}#2`);
    expect(again).toBeGreaterThan(0);
    expect(steps[again + 1]).toMatchObject({ id: 'ownStep:warm#2', status: 'waiting' });
  });

  test('should not be in a plan whose step is not there, nor once it was taken away', () => {
    expect(ids(bench(own({ by: 'fitSeal:nothing' })))).toEqual(ids(new Bench(unit())));
    const made = bench(own());
    made.record({ type: 'OwnStepRemoved', data: { ownStepId: 'warm' } });
    expect(ids(made)).toEqual(ids(new Bench(unit())));
  });

  test('should be worded anew in its place', () => {
    const made = bench(own(), own({ id: 'second' }), own({ title: 'Grease it' }));
    const titles = compilePlan(made.state).steps.flatMap(({ ownStep, title }) =>
      ownStep === null ? [] : [title],
    );
    expect(titles).toEqual(['Grease it', OWN.title]);
  });

  test.each<[string, Partial<OwnStep>]>([
    ['stands by another of one’s own', { by: 'ownStep:other' }],
    ['stands by one time of many', { by: 'fitSeal:x#2' }],
    ['has no title', { title: '  ' }],
  ])('should be refused where it %s', (_, rest) => {
    expect(() => requireOwnStep(own(rest), 'step')).toThrow('step.');
  });

  test('should stay with its unit in a file, and nothing of it stay unchecked', () => {
    const { unit: described } = bench(own()).state;
    expect(readUnitFile(writeUnitFile(described!)).ownSteps).toEqual([own()]);
    const broken = { ...described!, ownSteps: [{ ...own(), side: 'beside' }] };
    expect(() =>
      readUnitFile(JSON.stringify({ format: 'wendaxis-unit', version: 1, unit: broken })),
    ).toThrow('unit.ownSteps[0].side');
  });

  test('should leave the plan whole where what its step was about is described no more', () => {
    const without = withoutStation(
      { ...unit(), ownSteps: [own()] },
      sealStep.slice('fitSeal:'.length),
    );
    const { steps } = compilePlan(new Bench(without).state);
    expect(steps.map(({ rule }) => rule)).not.toContain('ownStep');
    expect(steps.length).toBeGreaterThan(10);
  });
});
