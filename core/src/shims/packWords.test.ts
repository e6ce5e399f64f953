import { packWords, pieceOrder } from './packWords.ts';

const piece = (thickness: number, quantity = 1) => ({
  sizeId: String(thickness),
  thickness,
  quantity,
});

describe('telling a pack', () => {
  test('should put the thin pieces inside', () => {
    expect(pieceOrder([piece(0.5), piece(0.1, 2), piece(0.3)])).toEqual([0.5, 0.1, 0.1, 0.3]);
    expect(pieceOrder([piece(0.5)])).toEqual([0.5]);
    expect(pieceOrder([])).toEqual([]);
  });

  test('should keep every piece', () => {
    const order = pieceOrder([piece(0.2, 3), piece(0.4, 2), piece(0.05)]);
    expect(order.toSorted((a, b) => a - b)).toEqual([0.05, 0.2, 0.2, 0.2, 0.4, 0.4]);
    expect(Math.min(...order.slice(1, -1))).toBe(0.05);
  });

  test('should be read as a sum', () => {
    const digits = (mm: number) => mm.toFixed(3);
    expect(packWords([piece(0.3, 2), piece(0.1)], digits)).toBe('2 × 0.300 + 0.100');
    expect(packWords([], digits)).toBe('no shims');
  });
});
