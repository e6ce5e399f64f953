import { inSystem } from './inSystem.ts';

describe('a text in the units of a screen', () => {
  test('should be left alone where it is metric', () => {
    expect(inSystem('at most 126 °C, gap 0.03 mm', 'metric')).toBe('at most 126 °C, gap 0.03 mm');
  });

  // By hand: 126 · 9/5 + 32 = 258.8; 1/25.4 = 0.039; 12 K · 9/5 = 21.6; 30/25.4 = 1.181, 62/25.4 = 2.441, 16/25.4 = 0.630.
  test.each([
    ['at most 126 °C', 'at most 259 °F'],
    ['a feeler of 0.03 mm does not enter', 'a feeler of 0.001 in does not enter'],
    ['set the lip 1 to 2 mm beside it', 'set the lip 0.04 to 0.08 in beside it'],
    ['12 K below its limit of 150 °C', '22 °F below its limit of 302 °F'],
    ['not below −55 °C', 'not below −67 °F'],
    ['30 × 62 × 16 mm', '1.18 × 2.44 × 0.63 in'],
    ['ovality 4.0 µm', 'ovality 0.00016 in'],
    ['within 20.0 kN', 'within 4496 lbf'],
    // 15 N·m and 25 N·m are 11.06 and 18.44 lb·ft: both in the unit of the larger.
    ['15 to 25 N·m', '11 to 18 lb·ft'],
    ['a gap of 0.05 to 0.15 mm: roughen', 'a gap of 0.002 to 0.006 in: roughen'],
  ])('should read %s as %s', (metric, inch) => {
    expect(inSystem(metric, 'inch')).toBe(inch);
  });

  test('should keep what people typed: in quotation marks, or named as typed', () => {
    expect(inSystem('By “sheet 3, 0.10 mm”: at most 126 °C', 'inch')).toBe(
      'By “sheet 3, 0.10 mm”: at most 259 °F',
    );
    expect(inSystem('Take out Tube 12 mm (+), 12 mm long', 'inch', ['Tube 12 mm (+)'])).toBe(
      'Take out Tube 12 mm (+), 0.47 in long',
    );
  });

  test('should keep what is no quantity as it is', () => {
    for (const text of [
      'Journal: class k5, K of T = K·d·F',
      'M8 bolts, 12 notches, 3 N/mm²',
      'Seal 24×52×7, 6205-2RS',
      'Step 3 of 12 Kept',
    ])
      expect(inSystem(text, 'inch')).toBe(text);
  });
});
