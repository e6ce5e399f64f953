import { compilePlan } from './compilePlan.ts';
import { planFile } from './planFile.ts';
import { opened } from './tests/opened.ts';
import { reel } from './tests/planOf.ts';

test('the file of a plan says of every step what it does and to what, and of every screen its steps', () => {
  const plan = compilePlan(opened(reel('coverShims')));
  const { steps, screens } = planFile(plan);
  expect(screens).toEqual(plan.screens);
  expect(steps.map(({ id }) => id)).toEqual(plan.steps.map(({ id }) => id));
  expect(steps.find(({ id }) => id === 'pullSeal:seal-right')).toEqual({
    id: 'pullSeal:seal-right',
    phase: 'strip',
    title: 'Take out Right seal',
    status: 'waiting',
    act: 'draw',
    on: ['seal-right'],
    figure: null,
    move: { to: 'out', body: 'seal-right', direction: 1, left: [] },
    rows: [],
    after: expect.arrayContaining(['drain']),
  });
  expect(steps.find(({ id }) => id === 'recordPack:shims')!.rows.map(({ act }) => act)).toEqual([
    'pull',
    'measureSize',
  ]);
  expect(JSON.parse(JSON.stringify(steps))).toEqual(steps);
});
