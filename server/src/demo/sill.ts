import type { JobEventData } from '@wendaxis/core/job';
import type { Station, Unit } from '@wendaxis/core/unit';

import { DemoLog } from './demoLog.ts';
import { SHIM_UNCERTAINTY } from './workshop.ts';

type Size = readonly [at: number, width: number, inside: number, outside: number];

function station(
  id: string,
  kind: Station['kind'],
  name: string,
  partId: string,
  [at, width, inside, outside]: Size,
  rest: Partial<Pick<Station, 'thrust' | 'place' | 'designation'>> = {},
): Station {
  return {
    id, kind, name, at, width, inside, outside, partId,
    thrust: null, place: null, designation: null, ...rest,
  }; // prettier-ignore
}

/** The Sill cable-ferry winch reducer (invented): output shaft on two tapered rollers, face to face. */
const SILL: Unit = {
  id: 'sill-reducer',
  name: 'Sill winch reducer',
  description: 'Cable-ferry winch reducer, output shaft. Tapered rollers face to face, cover shims, two seals.',
  parts: [
    { id: 'case', name: 'Case', kind: 'case', material: 'grey cast iron' },
    { id: 'cover', name: 'End cover', kind: 'cover', material: 'grey cast iron' },
    { id: 'shaft', name: 'Output shaft', kind: 'shaft', material: 'carbon steel' },
  ],
  axes: [
    {
      id: 'output',
      name: 'Output shaft',
      arrangement: 'faceToFace',
      stations: [
        station('stub', 'shaftStep', 'Drum end', 'shaft', [-34, 48, 0, 38]),
        station('wall-left', 'housing', 'Case wall, drum side', 'case', [8, 30, 80, 128]),
        station('shoulder-left', 'housing', 'Shoulder behind the cup', 'case', [8, 6, 62, 80]),
        station('seal-left', 'seal', 'Drum-side seal', 'case', [1, 8, 38, 62], { designation: '38×62×8' }),
        station('seal-ring', 'housing', 'Seal bore', 'case', [0, 8, 62, 86]),
        station('bearing-left', 'taperedRoller', 'Drum-side bearing', 'case', [14, 19.75, 40, 80], { thrust: 'left', designation: '30208' }),
        station('seat-left', 'shaftStep', 'Seat', 'shaft', [14, 19.75, 0, 40]),
        station('body', 'shaftStep', 'Shaft body', 'shaft', [33.75, 61.25, 0, 50]),
        station('gear', 'gear', 'Output gear', 'shaft', [48, 30, 50, 124]),
        station('seat-right', 'shaftStep', 'Seat', 'shaft', [95, 18.25, 0, 35]),
        station('bearing-right', 'taperedRoller', 'Cover-side bearing', 'case', [95, 18.25, 35, 72], { thrust: 'right', designation: '30207' }),
        station('wall-right', 'housing', 'Case wall, cover side', 'case', [90, 26, 72, 128]),
        station('tail', 'shaftStep', 'Brake end', 'shaft', [113.25, 44, 0, 34]),
        station('spigot', 'cover', 'Cover spigot', 'cover', [113.25, 3.75, 58, 72]),
        station('cover-shims', 'shimSite', 'Cover shims', 'cover', [116, 1, 72, 128], { place: 'underCoverFlange' }),
        station('flange', 'cover', 'Cover flange', 'cover', [117, 10, 52, 128]),
        station('seal-right', 'seal', 'Brake-side seal', 'cover', [118.5, 8, 34, 52], { designation: '34×52×8' }),
      ],
    },
  ],
}; // prettier-ignore

/** Booked in, spec and pack in place recorded; the first measurement is still to be taken. */
export function sillLog(): DemoLog<JobEventData> {
  return new DemoLog<JobEventData>('sill', '2026-11-23T08:05:00Z', 'runa')
    .add('JobOpened', { unit: SILL, reason: 'Knocks when the drum takes the cable. Oil at the brake-side seal.' })
    .add('SpecSet', {
      specId: 'output-play',
      axisId: 'output',
      kind: 'endPlay',
      band: { lower: 0.1, upper: 0.18, target: null },
      source: 'Sill reducer book, page 41, line 6: output shaft end play 0.10 to 0.18 mm, cold',
    }, 6)
    .add('PackRecorded', {
      siteId: 'cover-shims',
      pieces: [
        { sizeId: 'found-0.801', thickness: 0.801, quantity: 1, uncertainty: SHIM_UNCERTAINTY },
        { sizeId: 'found-0.199', thickness: 0.199, quantity: 1, uncertainty: SHIM_UNCERTAINTY },
      ],
    }, 20); // prettier-ignore
}
