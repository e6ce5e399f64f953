import type { Figure } from '@wendaxis/core/plan';

import { screenUnits } from '../../wording/screenUnits.ts';
import { FIXTURE_STEP } from './tests/planFixture.ts';
import { figureWords, largestTorque } from './figureWords.ts';
import { suggestionFrom } from './inspectModel.ts';
import { stepState } from './stepState.ts';

const quantity = {
  form: 'quantity',
  name: '',
  quantity: 'length',
  source: '',
  working: [],
} as const;

describe('figures in words', () => {
  test.each([
    [{ ...quantity, least: 0.1, most: 0.18 }, '0.100 to 0.180 mm'],
    [{ ...quantity, least: 0.14, most: 0.14 }, '0.140 mm'],
    [{ ...quantity, least: 0.14, most: 0.14, expanded: 0.01 }, '0.140 ± 0.010 mm'],
    [{ ...quantity, least: null, most: 45.5 }, 'at most 45.500 mm'],
    [{ ...quantity, least: 1, most: null }, 'at least 1.000 mm'],
    [{ ...quantity, least: null, most: null }, '–'],
    [{ ...quantity, quantity: 'number', least: 24, most: 24 }, '24'],
    [{ ...quantity, quantity: 'number', least: 0.825, most: 0.825 }, '0.82'],
    [{ form: 'text', name: '', text: '1 – 4 – 2', source: '' }, '1 – 4 – 2'],
  ] as const)('should show %j', (figure, words) => {
    expect(figureWords(figure, screenUnits('metric'))).toBe(words);
  });
});

describe('what follows from findings', () => {
  test('should be the gravest, with its repair, and every reason', () => {
    expect(suggestionFrom([])).toBeNull();
    expect(suggestionFrom(['sound'])).toEqual({ verdict: 'reuse', repair: null, reason: 'Sound' });
    expect(suggestionFrom(['spunInBore'])).toMatchObject({ verdict: 'repair', repair: 'compound' });
    expect(suggestionFrom(['spunInBore', 'trackPitted'])).toEqual({
      verdict: 'replace',
      repair: null,
      reason: 'Outer ring has turned in its bore, Track pitted or flaked',
    });
  });

  test('should count what was measured with what was seen', () => {
    const worn = { verdict: 'replace', repair: null, reason: 'Worn' } as const;
    const loose = { verdict: 'repair', repair: 'compound', reason: 'Loose' } as const;
    expect(suggestionFrom([], [loose])).toEqual(loose);
    expect(suggestionFrom(['sound'], [loose, worn])).toMatchObject({
      verdict: 'replace',
      reason: 'Loose, Worn, Sound',
    });
  });
});

describe('the state of a step', () => {
  test('should have a shape for each', () => {
    const step = (rest: object) => ({ ...FIXTURE_STEP, ...rest });
    expect(stepState(step({ form: 'mend' }), null)).toBe('fault');
    expect(stepState(step({}), FIXTURE_STEP)).toBe('next');
    expect(stepState(step({ status: 'setAside' }), null)).toBe('done');
    expect(stepState(step({ status: 'waiting' }), null)).toBe('waiting');
    expect(stepState(step({ status: 'missing' }), null)).toBe('missing');
    expect(stepState(step({ status: 'ready' }), null)).toBe('toDo');
  });

  test('should show torques of one step in one unit, and both ends of a range', () => {
    const round = (value: number, name: string): Figure => ({
      form: 'quantity',
      name,
      quantity: 'torque',
      least: value,
      most: value,
      source: 'sheet',
      working: [],
    });
    const rounds = [round(12, 'Round 1'), round(18, 'Round 2'), round(24, 'Round 3')];
    const inch = screenUnits('inch');
    expect(rounds.map((one) => figureWords(one, inch, largestTorque(rounds)))).toEqual([
      '9 lb·ft',
      '13 lb·ft',
      '18 lb·ft',
    ]);
    expect(figureWords({ ...round(19, 'Torque'), most: 25 } as Figure, inch)).toBe(
      '14 to 18 lb·ft',
    );
    expect(largestTorque([])).toBeUndefined();
  });
});
