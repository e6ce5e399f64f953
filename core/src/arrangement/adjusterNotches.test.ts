import { adjusterPlay } from './adjusterPlay.ts';

describe('threaded adjusters', () => {
  test('should take lead × turn out of the play when screwed inwards', () => {
    expect(adjusterPlay({ lead: 1.5, clockwiseAngle: 24, hand: 'right' })).toBeCloseTo(-0.1, 12);
    expect(adjusterPlay({ lead: 1.5, clockwiseAngle: 24, hand: 'left' })).toBeCloseTo(0.1, 12);
    expect(adjusterPlay({ lead: 2, clockwiseAngle: 0, hand: 'right' })).toBe(0);
  });

  test('should name the field it cannot use', () => {
    expect(() => adjusterPlay({ lead: 0, clockwiseAngle: 1, hand: 'right' })).toThrow(/lead is 0/);
    expect(() => adjusterPlay({ lead: 1, clockwiseAngle: 1, hand: 'odd' as 'left' })).toThrow(
      /hand/,
    );
  });
});
