import type { Draws } from '../draws.ts';
import type { Unit } from '../../unit/index.ts';
import { put, unitOf } from './layOut.ts';

/** Two bearings in one bore with a tube between, held by a snap ring, the shaft out of them or drawn through; a seal before them. */
export function oneBore(draws: Draws): Unit {
  const bore = draws.whole(15, 40);
  const outside = Math.round(bore * 2.1);
  const width = draws.whole(10, 18);
  const tube = draws.whole(10, 60);
  const second = width + tube;
  const end = second + width;
  const tight = draws.one(['outer', 'both'] as const);
  const ball = (id: string, at: number) =>
    put([id, 'ballBearing', 'case'], [at, at + width], [bore, outside], {
      wayIn: 'left',
      tightRing: tight,
    });
  return unitOf({ case: 'case', shaft: 'shaft' }, [
    {
      id: 'axis',
      arrangement: 'plainThrust',
      sets: [],
      stations: [
        put(['journal', 'shaftStep', 'shaft'], [-20, end + 40], [0, bore]),
        put(['shoulder', 'housing', 'case'], [-8, 0], [outside - 12, outside + 30]),
        put(['wall', 'housing', 'case'], [0, end + 14], [outside, outside + 30]),
        ball('bearing-deep', 0),
        put(['tube', 'spacer', 'case'], [width, second], [outside - 10, outside - 0.4]),
        ball('bearing-near', second),
        put(['ring', 'snapRing', 'case'], [end, end + 2], [outside - 8, outside + 4], {
          wayIn: 'left',
        }),
        ...(draws.chance(0.6)
          ? [
              put(['seal', 'seal', 'case'], [end + 4, end + 11], [bore, outside], {
                wayIn: 'left',
              }),
            ]
          : []),
      ],
    },
  ]);
}
