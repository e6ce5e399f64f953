import { LETTER, placeNotes } from './stepNotes.ts';

const frame = { left: 0, right: 100, top: 20, unit: 1 };

describe('words over a section', () => {
  test('should stand at their side of their place and within the picture', () => {
    const [first, last] = placeNotes(
      [
        { words: 'lip', at: { x: 2, y: 10 }, side: 'left' },
        { words: 'markings', at: { x: 60, y: 10 }, side: 'right' },
      ],
      frame,
    );
    expect(first!.text.x).toBe(1);
    expect(last!.text.x).toBeCloseTo(60.8, 9);
    expect([first!.row, last!.row]).toEqual([0, 0]);
  });

  test('should never meet in one row, however many stand at one place', () => {
    const words = ['markings', 'bevel', 'lip', 'large radius', 'force here', 'hot'];
    const placed = placeNotes(
      words.map((one) => ({ words: one, at: { x: 50, y: 5 }, side: null })),
      frame,
    );
    for (const one of placed)
      for (const other of placed)
        if (one !== other && one.row === other.row) {
          const [a, b] = [one, other].toSorted((x, y) => x.text.x - y.text.x);
          expect(a!.text.x + a!.words.length * LETTER).toBeLessThanOrEqual(b!.text.x);
        }
    expect(new Set(placed.map(({ row }) => row)).size).toBeGreaterThan(1);
  });
});
