import { mayTake } from './useTake.ts';

const live = (value: number | null, count: number) => ({ value, count });

describe('taking a live reading', () => {
  test('should wait for the first one, and take the same standing needle as often as it is asked', () => {
    expect(mayTake(live(null, 0), 0)).toBe(false);
    expect(mayTake(live(0.12, 1), 0)).toBe(true);
    expect(mayTake(live(0.12, 1), 1)).toBe(true);
  });

  test('should not take the peak that breaks a shaft away, nor one turn twice', () => {
    const turning = { from: 2, once: true };
    expect(mayTake(live(1.8, 1), 0, turning)).toBe(false);
    expect(mayTake(live(0.9, 2), 0, turning)).toBe(true);
    expect(mayTake(live(0.9, 2), 2, turning)).toBe(false);
    expect(mayTake(live(0.91, 3), 2, turning)).toBe(true);
  });

  test('should go on with a device that was put on anew and counts from one', () => {
    expect(mayTake(live(0.9, 2), 7, { from: 2, once: true })).toBe(true);
  });
});
