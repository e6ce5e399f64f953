import { sameSize } from './sameSize.ts';

const sizes = [{ thickness: 0.2 }, { thickness: 0.203 }, { thickness: 0.5 }];

test('should put a piece with the size that a micrometer does not tell it from', () => {
  expect(sameSize(sizes, 0.2012)).toBe(sizes[0]);
  expect(sameSize(sizes, 0.2019)).toBe(sizes[1]);
});

test('should make a size of its own for one that lies apart, and in an empty box', () => {
  expect(sameSize(sizes, 0.498)).toBeNull();
  expect(sameSize([], 0.2)).toBeNull();
});
