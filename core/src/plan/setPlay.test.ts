import { compilePlan } from './compilePlan.ts';
import { Bench, reel } from './tests/planOf.ts';

describe('a job that only sets the play', () => {
  test('should ask for the band, the pack and the readings, and nothing else', () => {
    const { steps } = compilePlan(new Bench(reel('coverShims'), 'setPlay').state);
    expect(steps.map(({ rule }) => rule)).toEqual([
      'setSpec',
      'recordPack',
      'measure',
      'choosePack',
      'fitPack',
      'prove',
      'finish',
    ]);
  });
});
