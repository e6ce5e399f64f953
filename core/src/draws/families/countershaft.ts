import type { Draws } from '../draws.ts';
import type { Side, Station, Unit } from '../../unit/index.ts';
import { put, unitOf } from './layOut.ts';

/** A shaft in a case and its end cover, on tapered or ball bearings, with gears against a collar, shims under the cover. */
export function countershaft(draws: Draws): Unit {
  const bore = draws.whole(20, 45);
  const outside = Math.round(bore * 2.1);
  const width = draws.whole(14, 22);
  const step = bore + draws.whole(6, 10);
  const gears = draws.whole(1, 3);
  const each = draws.whole(12, 24);
  const from = width + 6;
  const to = from + gears * each;
  const end = to + width;
  const tapered = draws.chance(0.5);
  const bearing = (id: string, on: string, at: number, towards: Side) =>
    onSeat({ id, on, at, width, bore, outside }, towards, tapered);
  const cogs = Array.from({ length: gears }, (_, n) =>
    put(
      [`gear-${n}`, 'gear', 'shaft'],
      [from + n * each, from + (n + 1) * each],
      [bore + 1, outside - draws.whole(2, 8)],
    ),
  );
  return unitOf({ case: 'case', cover: 'cover', shaft: 'shaft' }, [
    {
      id: 'axis',
      arrangement: 'faceToFace',
      sets: tapered ? ['endPlay'] : [],
      stations: [
        put(['seat-left', 'shaftStep', 'shaft'], [0, width], [0, bore]),
        put(['collar', 'shaftStep', 'shaft'], [width, from], [0, step]),
        put(['seat-gears', 'shaftStep', 'shaft'], [from, to], [0, bore + 1]),
        put(['seat-right', 'shaftStep', 'shaft'], [to, end + 30], [0, bore]),
        put(['shoulder', 'housing', 'case'], [-6, 0], [outside - 10, outside + 40]),
        put(['wall', 'housing', 'case'], [0, width], [outside, outside + 40]),
        put(['cover-wall', 'cover', 'cover'], [to, end], [outside, outside + 40]),
        put(['cover-nose', 'cover', 'cover'], [end, end + 12], [bore + 16, outside + 20]),
        bearing('bearing-left', 'case', 0, 'left'),
        bearing('bearing-right', 'cover', to, 'right'),
        ...cogs,
        ...(tapered
          ? [
              put(['shims', 'shimSite', 'cover'], [to - 1, to], [outside + 2, outside + 40], {
                place: 'underCoverFlange',
              }),
            ]
          : []),
        ...(draws.chance(0.7)
          ? [
              put(['seal', 'seal', 'cover'], [end + 2, end + 9], [bore, bore + 16], {
                wayIn: 'left',
              }),
            ]
          : []),
        put(['bolts', 'bolts', 'cover'], [to, to + 12], [outside + 24, outside + 32], {
          count: 6,
          pattern: 'circle',
        }),
      ],
    },
  ]);
}

/** Where a bearing stands. mm. */
interface Seat {
  readonly id: string;
  readonly on: string;
  readonly at: number;
  readonly width: number;
  readonly bore: number;
  readonly outside: number;
}

/** A tapered bearing that takes the thrust of its side, or a ball bearing that is tight on the shaft. */
const onSeat = (
  { id, on, at, width, bore, outside }: Seat,
  towards: Side,
  tapered: boolean,
): Station =>
  put([id, tapered ? 'taperedRoller' : 'ballBearing', on], [at, at + width], [bore, outside], {
    wayIn: towards,
    tightRing: tapered ? 'both' : 'inner',
    ...(tapered ? { thrust: towards } : {}),
  });
