import { workingSeconds } from './workingSeconds.ts';

test.each([
  ['4', 240],
  ['2.5', 150],
  ['2,5', 150],
  [' 10 ', 600],
  ['600', 36_000],
])('%s minutes are %d seconds', (typed, seconds) => {
  expect(workingSeconds(typed)).toBe(seconds);
});

test.each(['', ' ', '0', '-3', '601', 'five', '4 min'])('“%s” is no working time', (typed) => {
  expect(workingSeconds(typed)).toBeNull();
});
