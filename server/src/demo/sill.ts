import type { JobEventData } from '@wendaxis/core/job';
import type { Unit } from '@wendaxis/core/unit';

import { DemoLog, workUntil } from './demoLog.ts';
import { station } from './station.ts';
import { DEMO_BANDS, INSTRUMENTS, SHIM_UNCERTAINTY } from './workshop.ts';

/** The Sill cable-ferry winch reducer (invented): output shaft on two tapered rollers, face to face. */
const SILL: Unit = {
  id: 'sill-reducer',
  name: 'Sill winch reducer',
  description:
    'Cable-ferry winch reducer, output shaft. Tapered rollers face to face, cover shims, two seals.',
  parts: [
    {
      id: 'case',
      name: 'Case',
      kind: 'case',
      material: 'greyIron',
      mass: 21,
      area: 0.34,
      wall: 14,
    },
    {
      id: 'cover',
      name: 'End cover',
      kind: 'cover',
      material: 'greyIron',
      mass: 3.4,
      area: 0.06,
      wall: 10,
    },
    {
      id: 'shaft',
      name: 'Output shaft',
      kind: 'shaft',
      material: 'carbonSteel',
      mass: 5.2,
      area: 0.07,
      wall: null,
    },
  ],
  axes: [
    {
      id: 'output',
      name: 'Output shaft',
      arrangement: 'faceToFace',
      sets: ['endPlay'],
      stations: [
        station('stub', 'shaftStep', 'Drum end', 'shaft', [-34, 48, 0, 38]),
        station('wall-left', 'housing', 'Case wall, drum side', 'case', [8, 30, 80, 128]),
        station('shoulder-left', 'housing', 'Shoulder behind the cup', 'case', [8, 6, 62, 80]),
        station('seal-left', 'seal', 'Drum-side seal', 'case', [1, 8, 38, 62], {
          designation: '38×62×8',
          wayIn: 'right',
          lip: 'right',
          depthRule: 'flush',
          depth: 0,
          boreDepth: 14,
        }),
        station('seal-ring', 'housing', 'Seal bore', 'case', [0, 8, 62, 86]),
        station('bearing-left', 'taperedRoller', 'Drum-side bearing', 'case', [14, 19.75, 40, 80], {
          thrust: 'left',
          designation: '30208',
          tightRing: 'inner',
          retention: 'shoulder',
          wayIn: 'left',
          radius: 'right',
        }),
        station('seat-left', 'shaftStep', 'Seat', 'shaft', [14, 19.75, 0, 40]),
        station('body', 'shaftStep', 'Shaft body', 'shaft', [33.75, 61.25, 0, 50]),
        station('gear', 'gear', 'Output gear', 'shaft', [48, 30, 50, 70]),
        station('seat-right', 'shaftStep', 'Seat', 'shaft', [95, 18.25, 0, 35]),
        station(
          'bearing-right',
          'taperedRoller',
          'Cover-side bearing',
          'case',
          [95, 18.25, 35, 72],
          {
            thrust: 'right',
            designation: '30207',
            tightRing: 'inner',
            retention: 'cover',
            wayIn: 'left',
            radius: 'left',
          },
        ),
        station('wall-right', 'housing', 'Case wall, cover side', 'case', [90, 26, 72, 128]),
        station('tail', 'shaftStep', 'Brake end', 'shaft', [113.25, 44, 0, 34]),
        station('spigot', 'cover', 'Cover spigot', 'cover', [113.25, 3.75, 58, 72]),
        station('cover-shims', 'shimSite', 'Cover shims', 'cover', [116, 1, 72, 128], {
          place: 'underCoverFlange',
        }),
        station('flange', 'cover', 'Cover flange', 'cover', [117, 10, 52, 128]),
        station('seal-right', 'seal', 'Brake-side seal', 'cover', [118.5, 8, 34, 52], {
          designation: '34×52×8',
          wayIn: 'left',
          lip: 'left',
          depthRule: 'flush',
          depth: 0,
          boreDepth: 9.5,
        }),
        station('cover-bolts', 'bolts', 'Cover bolts', 'cover', [117, 16, 106, 118], {
          count: 6,
          pattern: 'circle',
          torqueLeast: 22,
          torqueMost: 26,
          lock: 'threadlocker',
        }),
      ],
    },
  ],
};

/** As found it had too much play; the cover-side bearing was pitted. */
const HABITS = {
  instrument: INSTRUMENTS.shopDial,
  gauge: INSTRUMENTS.micrometer,
  bands: DEMO_BANDS,
  source: '',
  findings: { 'bearing-right': 'trackPitted' },
  asFoundPlay: 0.31,
} as const;

/** Stripped, inspected, built up for the trial; the measurement is still to be taken. */
export function sillLog(): DemoLog<JobEventData> {
  const log = new DemoLog<JobEventData>('sill', '2026-11-23T08:05:00Z', 'runa');
  log.add('JobOpened', {
    unit: SILL,
    reason: 'Knocks when the drum takes the cable. Oil at the brake-side seal.',
    scope: 'overhaul',
  });
  log.add(
    'SpecSet',
    {
      specId: 'output-play',
      axisId: 'output',
      kind: 'endPlay',
      band: { lower: 0.1, upper: 0.18, target: null },
      source: 'Sill reducer book, page 41, line 6: output shaft end play 0.10 to 0.18 mm, cold',
    },
    6,
  );
  workUntil(log, 'recordPack', HABITS);
  log.add(
    'PackRecorded',
    {
      siteId: 'cover-shims',
      pieces: [
        { sizeId: 'found-0.801', thickness: 0.801, quantity: 1, uncertainty: SHIM_UNCERTAINTY },
        { sizeId: 'found-0.199', thickness: 0.199, quantity: 1, uncertainty: SHIM_UNCERTAINTY },
      ],
    },
    20,
  );
  return workUntil(log, 'measure', HABITS);
}
