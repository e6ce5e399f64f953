import type { Draws } from '../draws.ts';
import type { Axis, Side, Station, Unit } from '../../unit/index.ts';
import { put, unitOf } from './layOut.ts';

/** A case of two halves with one shaft or several, each in a ball bearing of either half; seals outside, shims by the first. */
export function splitCase(draws: Draws): Unit {
  const shafts = draws.whole(1, 3);
  const axes = Array.from({ length: shafts }, (_, n) => axisOf(draws, n));
  const parts = Object.fromEntries(
    Array.from({ length: shafts }, (_, n) => [`shaft-${n}`, 'shaft'] as const),
  );
  return unitOf({ 'half-left': 'caseHalf', 'half-right': 'caseHalf', ...parts }, axes);
}

function axisOf(draws: Draws, n: number): Pick<Axis, 'id' | 'arrangement' | 'sets' | 'stations'> {
  const id = (stem: string) => `${stem}-${n}`;
  const bore = draws.whole(17, 30);
  const outside = Math.round(bore * 2.2);
  const width = draws.whole(12, 17);
  const span = draws.whole(30, 70);
  const web = outside - draws.whole(4, 10);
  const right = width + span;
  const shaft = id('shaft');
  const ball = (side: Side, at: number): Station =>
    put([id(`bearing-${side}`), 'ballBearing', `half-${side}`], [at, at + width], [bore, outside], {
      wayIn: side,
      tightRing: draws.one(['both', 'outer'] as const),
    });
  const half = (side: Side, at: number) => wallsOf(id, side, { at, width, outside });
  return {
    id: id('axis'),
    arrangement: 'plainThrust',
    sets: n === 0 && draws.chance(0.6) ? ['endPlay'] : [],
    stations: [
      put([id('stub'), 'shaftStep', shaft], [-30, width], [0, bore]),
      put([id('web'), 'shaftStep', shaft], [width + 1, right - 1], [0, web]),
      put([id('drive'), 'shaftStep', shaft], [right, right + width + 30], [0, bore]),
      ...half('left', 0),
      ...half('right', right),
      ball('left', 0),
      ball('right', right),
      ...(draws.chance(0.5)
        ? [
            put(
              [id('seal'), 'seal', 'half-right'],
              [right + width + 1, right + width + 8],
              [bore, outside - 8],
              {
                wayIn: 'left',
              },
            ),
          ]
        : []),
      ...(n === 0
        ? [
            put(['shims', 'shimSite', shaft], [width, width + 1], [bore, bore + 8], {
              place: 'fillsThrustGap',
            }),
            put(
              ['bolts', 'bolts', 'half-right'],
              [right, right + 10],
              [outside + 40, outside + 48],
              {
                count: 8,
                pattern: 'circle',
              },
            ),
          ]
        : []),
    ],
  };
}

/** The wall of a half round a bearing, and the lip it stands against. */
const wallsOf = (
  id: (stem: string) => string,
  side: Side,
  { at, width, outside }: { readonly at: number; readonly width: number; readonly outside: number },
): readonly Station[] => [
  put([id(`wall-${side}`), 'housing', `half-${side}`], [at, at + width], [outside, outside + 30]),
  put(
    [id(`lip-${side}`), 'housing', `half-${side}`],
    side === 'left' ? [at - 10, at] : [at + width, at + width + 10],
    [outside - 8, outside + 30],
  ),
];
