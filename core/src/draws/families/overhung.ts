import type { Draws } from '../draws.ts';
import type { Unit } from '../../unit/index.ts';
import { put, unitOf } from './layOut.ts';

/** A pinion or spindle with its head outside, two tapered bearings back to back, a seal behind a flange, a nut that clamps all. */
export function overhung(draws: Draws): Unit {
  const head = draws.whole(28, 44);
  const tail = head - draws.whole(3, 6);
  const [width, back] = [draws.whole(18, 26), draws.whole(15, 19)];
  const gap = draws.whole(28, 55);
  const [headOut, tailOut] = [Math.round(head * 2.2), Math.round(tail * 2.1)];
  const from = width + gap;
  const end = from + back;
  const between = draws.one(['collapsible', 'solid'] as const);
  const shim = draws.chance(0.5);
  const at = shim ? -1.5 : 0;
  return unitOf({ case: 'case', shaft: 'shaft' }, [
    {
      id: 'axis',
      arrangement: 'backToBack',
      sets: ['rollingTorque'],
      stations: [
        put(['head', 'gear', 'shaft'], [at - 22, at], [0, head + 22]),
        put(['seat-head', 'shaftStep', 'shaft'], [at, width], [0, head]),
        put(['neck', 'shaftStep', 'shaft'], [width, end], [0, tail]),
        put(['end', 'shaftStep', 'shaft'], [end, end + 44], [0, tail - 2]),
        put(['wall-head', 'housing', 'case'], [0, width], [headOut, headOut + 40]),
        put(['between', 'housing', 'case'], [width, from], [tailOut - 10, headOut + 40]),
        put(['wall-tail', 'housing', 'case'], [from, end + 14], [tailOut, headOut + 40]),
        put(['head-bearing', 'taperedRoller', 'case'], [0, width], [head, headOut], {
          thrust: 'right',
          wayIn: 'right',
          tightRing: 'both',
        }),
        put(['tail-bearing', 'taperedRoller', 'case'], [from, end], [tail, tailOut], {
          thrust: 'left',
          wayIn: 'left',
          tightRing: draws.one(['both', 'outer'] as const),
        }),
        put(['spacer', 'spacer', 'shaft'], [width, from], [tail, tail + 8], {
          spacerType: between,
          place: 'betweenClampedCones',
        }),
        ...(shim
          ? [
              put(['depth-shim', 'shimSite', 'shaft'], [at, 0], [head, head + 10], {
                place: 'behindHeadCone',
              }),
            ]
          : []),
        put(['seal', 'seal', 'case'], [end + 4, end + 12], [tail + 10, tailOut], {
          wayIn: 'left',
        }),
        put(['flange', 'gear', 'shaft'], [end, end + 26], [tail - 2, tail + 10]),
        put(['nut', 'nut', 'shaft'], [end + 26, end + 38], [tail - 4, tail + 14], {
          lock: draws.one(['staked', 'splitPin', 'threadlocker'] as const),
          lead: 1.5,
        }),
      ],
    },
  ]);
}
