import type { Draws } from '../draws.ts';
import type { Unit } from '../../unit/index.ts';
import { put, unitOf } from './layOut.ts';

/** A shaft with a collar in bushes or drawn cups of a case and its cover, with thrust washers, seals and an O-ring in the joint. */
export function inBushes(draws: Draws): Unit {
  const bore = draws.whole(14, 36);
  const outside = bore + 2 * draws.whole(2, 4);
  const width = draws.whole(12, 24);
  const span = draws.whole(30, 70);
  const right = width + span;
  const kind = draws.one(['bush', 'drawnCup'] as const);
  const pressed = (id: string, on: string, at: number, wayIn: 'left' | 'right') =>
    put([id, kind, on], [at, at + width], [bore, outside], { wayIn });
  return unitOf({ case: 'case', cover: 'cover', shaft: 'shaft' }, [
    {
      id: 'axis',
      arrangement: 'plainThrust',
      sets: draws.chance(0.5) ? ['endPlay'] : [],
      stations: [
        put(['journal-left', 'shaftStep', 'shaft'], [-24, width + 2], [0, bore]),
        put(['collar', 'shaftStep', 'shaft'], [width + 2, right - 2], [0, bore + 14]),
        put(['journal-right', 'shaftStep', 'shaft'], [right - 2, right + width + 24], [0, bore]),
        put(['nose', 'housing', 'case'], [-12, 0], [outside + 6, outside + 40]),
        put(['wall', 'housing', 'case'], [0, width], [outside, outside + 40]),
        put(['cover-wall', 'cover', 'cover'], [right, right + width], [outside, outside + 40]),
        pressed('bush-left', 'case', 0, 'left'),
        pressed('bush-right', 'cover', right, 'right'),
        ...(draws.chance(0.5)
          ? [put(['washer', 'thrustWasher', 'shaft'], [width, width + 2], [bore, bore + 12])]
          : []),
        ...(draws.chance(0.5)
          ? [
              put(['shim', 'shimSite', 'shaft'], [right - 2, right], [bore, bore + 12], {
                place: 'fillsThrustGap',
              }),
            ]
          : []),
        ...(draws.chance(0.6)
          ? [
              put(['seal', 'seal', 'case'], [-9, -2], [bore, outside + 6], {
                wayIn: 'right',
              }),
            ]
          : []),
        ...(draws.chance(0.5)
          ? [
              put(
                ['o-ring', 'oRing', 'cover'],
                [right + 1, right + 3],
                [outside + 30, outside + 34],
              ),
            ]
          : []),
        put(['bolts', 'bolts', 'cover'], [right, right + 12], [outside + 24, outside + 32], {
          count: 4,
          pattern: 'circle',
        }),
      ],
    },
  ]);
}
