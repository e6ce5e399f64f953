import { InputError } from '@wendaxis/core/faults';

import {
  answerFit,
  changedQuestion,
  EMPTY_QUESTION,
  inTypedUnits,
  type FitQuestion,
} from './fitsDesk.ts';

const SEAT: FitQuestion = {
  ...EMPTY_QUESTION,
  diameter: '52',
  other: '25',
  width: '15',
  hole: 'N7',
  shaft: '52',
  material: 'castAluminium',
};
const ask = (change: Partial<FitQuestion> = {}) => {
  const answer = answerFit({ ...SEAT, ...change }, 'metric');
  if (answer === null || answer instanceof InputError) throw new Error(String(answer));
  return answer;
};

describe('the fits desk', () => {
  test('should take a class or a measured size on either side', () => {
    // N7 on 52 mm: −39/−9 µm (ISO 286-2, from memory); a ring of exactly 52 is 9 to 39 µm tight.
    expect(ask().fit.least).toBeCloseTo(0.009, 9);
    expect(ask().fit.most).toBeCloseTo(0.039, 9);
    expect(ask({ hole: '51.98', shaft: '52.00' }).fit.most).toBeCloseTo(0.02, 9);
    expect(ask({ hole: 'H7', shaft: 'k6' }).fit.most).toBeCloseTo(0.021, 9);
  });

  test('should open the fit with the heat of the part, and close it with the heat of the ring', () => {
    const hot = (partTemperature: string, ringTemperature = '20 C') =>
      ask({ partTemperature, ringTemperature }).hot!;
    expect(hot('100 C')).toBeLessThan(hot('20 C'));
    expect(hot('20 C', '212F')).toBeGreaterThan(hot('20 C'));
    // Nothing is tried that nobody asked for.
    expect(ask().hot).toBeNull();
  });

  test('should answer for an inner ring on its journal, habit and all', () => {
    const inner = ask({
      ring: 'inner',
      diameter: '25',
      other: '52',
      hole: '25',
      shaft: 'k5',
      material: 'carbonSteel',
    });
    expect(inner.ways.find(({ id }) => id === 'bake')?.stands).toBe(false);
    expect(inner.ways.map(({ id }) => id)).toContain('coolShaft');
  });

  test('should give a ring of which nothing is said its Normal class', () => {
    // ISO 492 Normal, 50 to 80 mm outside: 0/−13 µm; N7: −39/−9 µm (both from memory).
    expect(ask({ shaft: '' }).fit.least).toBeCloseTo(0.009 - 0.013, 9);
    expect(ask({ shaft: '' }).fit.most).toBeCloseTo(0.039, 9);
    expect(
      ask({
        ring: 'inner',
        diameter: '25',
        other: '52',
        hole: '',
        shaft: 'k5',
        material: 'carbonSteel',
      }).fit.most,
    ).toBeCloseTo(0.021, 9); // k5 +11/+2, bore 0/−10
  });

  test('should wait for what is missing, and name what cannot be', () => {
    expect(answerFit(EMPTY_QUESTION, 'metric')).toBeNull();
    expect(answerFit({ ...SEAT, hole: ' ' }, 'metric')).toBeNull();
    expect(answerFit({ ...SEAT, material: '' }, 'metric')).toBeNull(); // no material is taken for granted
    const wrong = answerFit({ ...SEAT, hole: 'J9' }, 'metric');
    expect(wrong instanceof InputError && wrong.faults[0]!.field).toBe('hole');
  });
});

describe('a bush at the fits desk', () => {
  test('should be of its own material, with its own size, and may lie in dry ice', () => {
    const bush = { bush: 'bronze', shaft: '52.03' } as const;
    const of = (id: string) => ask(bush).ways.find((one) => one.id === id)!;
    expect(of('dryIce').stands).toBe(true);
    // 52 mm bronze at 100 °C: 52 · 18·10⁻⁶ · 80 = 0.0749 mm larger.
    const warm = ask({ ...bush, partTemperature: '20 C', ringTemperature: '100 C' });
    expect(warm.hot! - warm.fit.most).toBeCloseTo(0.0749, 4);
    // No class is taken for a bush that nobody has measured.
    expect(answerFit({ ...SEAT, bush: 'bronze', shaft: '' }, 'metric')).toBeNull();
  });
});

describe('what was typed without a unit', () => {
  test('should keep the unit of then when the screen changes its units', () => {
    const typed = { ...SEAT, diameter: '62', hole: '61.98', partTemperature: '100' };
    expect(inTypedUnits(typed, 'metric')).toMatchObject({
      diameter: '62 mm',
      hole: '61.98 mm',
      shaft: '52 mm',
      partTemperature: '100 C',
    });
    expect(inTypedUnits({ ...SEAT, diameter: '2.44 in', hole: 'N7' }, 'inch')).toMatchObject({
      diameter: '2.44 in',
      hole: 'N7',
      width: '15 in',
    });
  });
});

describe('the number on a bearing', () => {
  const shown = (mm: number) => `${mm} mm`;

  test('should fill in the sizes for the ring that is asked about, and again for the other ring', () => {
    const outer = changedQuestion(EMPTY_QUESTION, { printed: '6205' }, shown);
    expect(outer).toMatchObject({ diameter: '52 mm', other: '25 mm', width: '15 mm' });
    const inner = changedQuestion(outer, { ring: 'inner' }, shown);
    expect(inner).toMatchObject({ diameter: '25 mm', other: '52 mm', width: '15 mm' });
  });

  test('should leave the sizes alone where it is not known, or something else was changed', () => {
    const typed = { ...EMPTY_QUESTION, printed: '6205', diameter: '52.01' };
    expect(changedQuestion(typed, { hole: 'N7' }, shown).diameter).toBe('52.01');
    expect(changedQuestion(typed, { printed: 'XQ 12' }, shown).diameter).toBe('52.01');
    expect(changedQuestion(EMPTY_QUESTION, { printed: '20x35x7' }, shown).diameter).toBe('35 mm');
  });
});
