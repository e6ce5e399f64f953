import { isInSight, placeOfClock } from './stepOfClock.ts';

test('a clock should lead to the heat of its part, the step of its ring, or the plan', () => {
  expect(placeOfClock('oven', 'half-left')).toEqual({ at: 'heat', partId: 'half-left' });
  expect(placeOfClock('ringWarming', 'b')).toEqual({ at: 'step', stepId: 'seatInner:b' });
  expect(placeOfClock('ringFreezing', 'b')).toEqual({ at: 'step', stepId: 'seatOuter:b' });
  expect(placeOfClock('compound', 'b')).toEqual({ at: 'plan' });
});

test('a clock should be shown until it was heard, and an hour past its time', () => {
  expect(isInSight(false, 90_000)).toBe(true);
  expect(isInSight(true, 3599)).toBe(true);
  expect(isInSight(true, 3600)).toBe(false);
});
