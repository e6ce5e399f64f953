import { typedSizes } from './typedSizes.ts';

describe('three sizes typed where a designation is asked', () => {
  test.each([
    ['20x35x7', [20, 35, 7]],
    ['20 × 35 × 7', [20, 35, 7]],
    ['20-35-7 TC', [20, 35, 7]],
    ['12,5*22*5', [12.5, 22, 5]],
    ['25/52/22 mm', [25, 52, 22]],
    // By hand: 1.125 · 25.4 = 28.575, 1.625 · 25.4 = 41.275, 0.25 · 25.4 = 6.35.
    ['1.125x1.625x0.25 in', [28.575, 41.275, 6.35]],
  ])('should read %s', (text, [bore, outside, width]) => {
    expect(typedSizes(text)).toEqual({ bore, outside, width });
  });

  test.each(['6205-2RS C3', '35x20x7', '0x35x7', '20x35', 'HK 1612', '', '20x35x7x2'])(
    'should not take %s for sizes',
    (text) => {
      expect(typedSizes(text)).toBeNull();
    },
  );
});
