import { grooveLoad } from './grooveLoad.ts';

describe('the groove of a snap ring', () => {
  test('should carry its wall area at the proof stress, with 2.4 to spare', () => {
    expect(grooveLoad({ diameter: 52, depth: 1.5, material: 'castAluminium' })).toBeCloseTo(
      (Math.PI * 52 * 1.5 * 150) / 2.4,
      6,
    );
  });
  test('should carry twice as much when it is twice as deep', () => {
    const one = grooveLoad({ diameter: 40, depth: 1, material: 'greyIron' });
    expect(grooveLoad({ diameter: 40, depth: 2, material: 'greyIron' }) / one).toBeCloseTo(2, 9);
  });
  test.each([
    ['diameter', { diameter: 0 }],
    ['depth', { depth: -1 }],
    ['material', { material: 'cheese' as 'brass' }],
  ])('should name %s', (field, change) => {
    expect(() => grooveLoad({ diameter: 52, depth: 1.5, material: 'brass', ...change })).toThrow(
      field,
    );
  });
});
