import { InputError } from '@wendaxis/core/faults';

import type { SumAnswer } from './benchSum.ts';
import { answerSum, BENCH_SUMS, fieldOfFault, keptUnits } from './benchSums.ts';

const sumOf = (id: string) => BENCH_SUMS.find((one) => one.id === id)!;
const ask = (id: string, texts: Record<string, string>, chosen: Record<string, string> = {}) =>
  answerSum(sumOf(id), { texts, chosen }, 'metric');
const figuresOf = (answer: ReturnType<typeof ask>) => {
  if (answer === null || answer instanceof InputError) throw new Error(String(answer));
  return answer.figures.map(({ value }) => value);
};

/** A sound input of each, with what it comes to, worked by hand. */
const SOUND: readonly (readonly [
  string,
  Record<string, string>,
  Record<string, string>,
  first: number,
  within: number,
])[] = [
  // 200 bar on a piston of 50 mm: 20 N/mm² · π/4 · 2500 mm² = 39 270 N
  ['gauge', { pressure: '200 bar', piston: '50' }, {}, 39_270, 1],
  // Lamé by hand: bronze 30/25 in iron 48/30, 0.04 mm tight, checked in the core
  [
    'closing',
    { diameter: '30', bore: '25', width: '20', tight: '0.04', boss: '48' },
    { bush: 'bronze', housing: 'greyIron' },
    0.0286,
    0.0005,
  ],
  [
    'ream',
    {
      bore: '24.95',
      journalLeast: '24.98',
      journalMost: '24.99',
      clearanceLeast: '.03',
      clearanceMost: '.06',
    },
    {},
    25.02,
    1e-9,
  ],
  [
    'cup',
    {
      gaugedLeast: '20.02',
      gaugedMost: '20.041',
      gauge: '25.976',
      boreLeast: '25.98',
      boreMost: '26',
    },
    {},
    20.024,
    1e-9,
  ],
  ['stack', { length1: '60', length2: '-20', length3: '−3.5', within: '0.02' }, {}, 36.5, 1e-9],
  // Iron at 80 °C round a steel shaft at 80 °C: α 10.5 against 11.5·10⁻⁶ or nearly so, over some 200 mm
  [
    'warm',
    {
      cold: '0.10',
      span: '150',
      housingWarm: '20',
      shaftWarm: '20',
      meanDiameter1: '60',
      angle1: '15',
      meanDiameter2: '60',
      angle2: '15',
    },
    { arrangement: 'faceToFace', housing: 'greyIron', shaft: 'carbonSteel' },
    0.1,
    1e-9,
  ],
  // T = Σ ½·0.0018·0.4·cot 15°·F·d: 2 · 0.5·0.0018·1.4928·0.04 m = 0.0001075 m
  ['preload', { bore1: '40', angle1: '15', bore2: '40', angle2: '15', torque: '1' }, {}, 9303, 5],
];

describe('sums of the bench', () => {
  test('should have a sound input here for each', () => {
    expect(SOUND.map(([id]) => id).toSorted()).toEqual(BENCH_SUMS.map(({ id }) => id).toSorted());
  });

  test.each(SOUND)(
    'should come to what is worked by hand: %s',
    (id, texts, chosen, first, within) => {
      const [value] = figuresOf(ask(id, texts, chosen));
      expect(Math.abs(value! - first)).toBeLessThan(within);
      const { working } = ask(id, texts, chosen) as SumAnswer;
      expect(working.length).toBeGreaterThan(0);
    },
  );

  test.each(SOUND)('should wait for what is missing or cannot be read: %s', (id, texts, chosen) => {
    const { fields, oneOf = [] } = sumOf(id);
    for (const { name, optional } of fields) {
      if (texts[name] === undefined) continue;
      expect(ask(id, { ...texts, [name]: 'about' }, chosen)).toBeNull();
      if (!optional || oneOf.includes(name))
        expect(ask(id, { ...texts, [name]: '' }, chosen)).toBeNull();
    }
    for (const name of Object.keys(chosen))
      expect(ask(id, texts, { ...chosen, [name]: '' })).toBeNull();
  });

  test.each(SOUND)(
    'should tell what it refuses at the field that it lies in: %s',
    (id, texts, chosen) => {
      const sum = sumOf(id);
      for (const { name } of sum.fields) {
        if (texts[name] === undefined) continue;
        for (const wild of ['999999', '-999999']) {
          const answer = ask(id, { ...texts, [name]: wild }, chosen);
          if (answer === null) continue; // it cannot be read at all
          if (!(answer instanceof InputError)) {
            for (const { value } of (answer as SumAnswer).figures)
              expect(Number.isFinite(value)).toBe(true);
            continue;
          }
          const told = answer.faults.map(({ field }) => fieldOfFault(sum, field)?.name);
          expect({
            id,
            name,
            wild,
            told,
            fields: answer.faults.map(({ field }) => field),
          }).toMatchObject({
            told: expect.arrayContaining([expect.any(String)]),
          });
        }
      }
    },
  );

  test('should take the torque or the preload, not both', () => {
    const pair = { bore1: '40', angle1: '15', bore2: '40', angle2: '15' };
    expect(ask('preload', { ...pair, torque: '1', force: '900' })).toBeNull();
    expect(figuresOf(ask('preload', { ...pair, force: '9303' }))[0]).toBeCloseTo(1, 2);
    expect(ask('preload', { bore1: '40', angle1: '15', bore2: '40', torque: '1' })).toBeInstanceOf(
      InputError,
    );
  });

  test('should say whether a depth measured in one go fits its stack, and what a bush wants', () => {
    const stack = { length1: '60', length2: '-20', within: '0.02' };
    const said = (id: string, texts: Record<string, string>) =>
      (ask(id, texts) as SumAnswer).sentences[0];
    expect(said('stack', { ...stack, direct: '40.05' })).toMatch(/can be right/);
    expect(said('stack', { ...stack, direct: '40.07' })).toMatch(/cannot be right/);
    const bush = SOUND.find(([id]) => id === 'ream')![1];
    expect(said('ream', bush)).toMatch(/^Ream it/);
    expect(said('ream', { ...bush, bore: '24.6' })).toMatch(/^Bore it first/);
    expect(said('ream', { ...bush, bore: '25.03' })).toMatch(/^Leave it/);
    expect(said('ream', { ...bush, bore: '25.06' })).toMatch(/too large/);
  });

  test('should keep the unit of then when the screen changes its units', () => {
    const kept = keptUnits(sumOf('gauge'), { pressure: '200', piston: '2 in' }, 'metric');
    expect(kept['piston']).toBe('2 in');
    const before = ask('gauge', { pressure: '200', piston: '2 in' });
    const after = answerSum(sumOf('gauge'), { texts: kept, chosen: {} }, 'inch');
    expect(figuresOf(after)).toEqual(figuresOf(before));
  });
});
