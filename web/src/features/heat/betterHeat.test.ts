import { partHeat, ringLimitOf, USUAL_WORK, type HeatSeat } from '@wendaxis/core/heat';

import { betterHeat, otherHeats } from './betterHeat.ts';

const BODY = { material: 'castAluminium', mass: 1.6, area: 0.09 } as const;
const SEAT: HeatSeat = {
  id: 'a',
  name: 'Left',
  diameter: 52,
  bore: 25,
  width: 15,
  fit: { least: 0.01, mean: 0.02, most: 0.03, working: [] },
  after: [],
  ringLimit: ringLimitOf('open'),
};
const set = (oven: number, rings = 20) => ({ ...USUAL_WORK, oven, rings });

describe('the heat to take instead', () => {
  test('should be the first that works where the one that is set is not ready, and none where it is', () => {
    const cool = partHeat(BODY, [SEAT], set(40));
    expect(betterHeat(cool, set(40))).toMatchObject({ way: 'drops', rings: 20 });
    expect(otherHeats(cool, set(40))).toMatchObject([{ way: 'drops', rings: -18 }]);
    const { oven } = cool.choices[0]!;
    const ready = partHeat(BODY, [SEAT], set(oven));
    expect(betterHeat(ready, set(oven))).toBeNull();
    expect(otherHeats(ready, set(oven))).toEqual([]);
  });

  test('should be none where no heat frees a ring', () => {
    const tight = { ...SEAT, fit: { least: 0.3, mean: 0.3, most: 0.3, working: [] } };
    const pressed = partHeat(BODY, [tight], set(100));
    expect(pressed.status).toBe('press');
    expect(betterHeat(pressed, set(100))).toBeNull();
    expect(otherHeats(pressed, set(100))).toEqual([]);
  });
});
