import { printedSizes } from './printedSizes.ts';

describe('sizes by what is printed', () => {
  // ISO 15: 6205 is 25 × 52 × 15
  test.each([
    ['6205-2RS C3', { bore: 25, outside: 52, width: 15 }],
    ['20x35x7', { bore: 20, outside: 35, width: 7 }],
  ])('should be read from %s', (text, sizes) => {
    expect(printedSizes(text)).toMatchObject(sizes);
  });

  test('should not be guessed from anything else', () => {
    for (const text of ['', '  ', 'XQ 12', '35x20x7']) expect(printedSizes(text)).toBeNull();
  });
});
