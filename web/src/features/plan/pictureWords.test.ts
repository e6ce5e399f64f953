import type { PicturedStation, StepPicture } from '@wendaxis/core/plan';
import type { Station } from '@wendaxis/core/unit';

import { pictureWords } from './pictureWords.ts';

const station = (name: string, kind: Station['kind'] = 'taperedRoller'): Station => ({
  id: name,
  kind,
  name,
  partId: 'case',
  at: 0,
  width: 10,
  inside: 20,
  outside: 40,
});
const one = (
  name: string,
  moving: PicturedStation['moving'],
  there: PicturedStation['there'] = [],
  kind?: Station['kind'],
  side: PicturedStation['side'] = 'left',
): PicturedStation => ({ station: station(name, kind), moving, there, side, marked: false });
const axisOf = (stations: readonly Station[]): StepPicture['axis'] => ({
  id: 'axis',
  name: 'Pinion',
  arrangement: 'backToBack',
  sets: [],
  stations,
});
const picture = (
  stations: readonly PicturedStation[],
  rest: Partial<StepPicture>,
): StepPicture => ({
  axis: axisOf(stations.map((shown) => shown.station)),
  stations,
  to: 'in',
  ...rest,
});

test.each<[string, StepPicture]>([
  ['Head bearing, cup: in from the left', picture([one('Head bearing', ['cup'])], {})],
  [
    'Tail bearing, cone: out to the right',
    picture([one('Tail bearing', ['cone'], ['cup'], undefined, 'right')], { to: 'out' }),
  ],
  ['Seal: goes in', picture([one('Seal', ['whole'], [], 'seal', null)], {})],
  [
    'Pinion head: in from the left. Tail bearing, cone: in from the right',
    picture(
      [
        one('Pinion head', ['whole'], [], 'gear'),
        one('Tail bearing', ['cone'], ['cup'], undefined, 'right'),
      ],
      {},
    ),
  ],
  [
    'Gear, Sleeve, Washer …: in from the left',
    picture(
      ['Gear', 'Sleeve', 'Washer', 'Ring'].map((name) => one(name, ['whole'], [], 'spacer')),
      {},
    ),
  ],
  [
    'Shims: out to the left',
    picture(
      [one('Cover flange', ['whole'], [], 'cover'), one('Shims', ['whole'], [], 'shimSite')],
      { to: 'out' },
    ),
  ],
  ['Pinion, put together', picture([one('Gear', [], ['whole'], 'gear')], { to: null })],
  [
    'On the bench: Axle case',
    picture([one('Wall', [], ['whole'], 'housing')], {
      to: null,
      axis: axisOf([station('Wall', 'housing'), station('Gear', 'gear')]),
    }),
  ],
  [
    'Pinion, as far as it is built',
    picture(
      [
        one('Wall', [], ['whole'], 'housing'),
        {
          ...one('Step', [], ['whole'], 'shaftStep'),
          station: { ...station('Step'), partId: 'shaft' },
        },
      ],
      { to: null, axis: axisOf([station('Wall'), station('Step'), station('Gear')]) },
    ),
  ],
  [
    'In its place: Gear',
    picture([{ ...one('Gear', [], ['whole'], 'gear'), marked: true }], { to: null }),
  ],
])('%s', (words, shown) => {
  expect(pictureWords(shown, [{ id: 'case', name: 'Axle case' }])).toBe(words);
});
