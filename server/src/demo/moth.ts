import type { JobEventData } from '@wendaxis/core/job';
import type { Unit } from '@wendaxis/core/unit';

import { DemoLog, workUntil } from './demoLog.ts';
import { fromTemplate } from './fromTemplate.ts';
import { DEMO_BANDS, INSTRUMENTS } from './workshop.ts';

/** The Moth floodlight generator's engine case (invented): two aluminium halves, a ball and a roller bearing, two seals. */
const MOTH: Unit = {
  ...fromTemplate('crankcaseHalves', {
    name: 'Moth engine case',
    bearings: ['6205 C3', 'NU 205'],
    span: 58,
    parts: {
      'half-left': {
        name: 'Ignition-side half',
        material: 'castAluminium',
        mass: 1.6,
        area: 0.09,
        wall: 5,
      },
      'half-right': {
        name: 'Drive-side half',
        material: 'castAluminium',
        mass: 1.9,
        area: 0.1,
        wall: 5,
      },
      shaft: { material: 'carbonSteel', mass: 2.4, area: 0.03 },
    },
    stations: {
      'bearing-left': { name: 'Ignition-side bearing', retention: 'fitOnly', groove: 'left' },
      'bearing-right': {
        name: 'Drive-side bearing',
        tightRing: 'both',
        retention: 'shoulder',
        shoulder: 'hidden',
      },
      'seal-left': {
        name: 'Ignition-side seal',
        designation: '24×42×7',
        boreDepth: 9,
        depthRule: 'flush',
        depth: 0,
        lip: 'right',
      },
      'seal-right': {
        name: 'Drive-side seal',
        designation: '24×42×7',
        boreDepth: 9,
        depthRule: 'flush',
        depth: 0,
        lip: 'left',
        rating: 0.03,
      },
      bolts: { count: 8, torqueLeast: 8, torqueMost: 10, lock: 'none', longest: 45.5 },
    },
  }),
  id: 'moth-case',
  description:
    'Floodlight generator, single cylinder. Two halves, ball and roller bearing, two seals.',
};

/** Apart and washed; the seats are being measured. */
export function mothLog(): DemoLog<JobEventData> {
  const log = new DemoLog<JobEventData>('moth', '2026-11-24T07:20:00Z', 'runa');
  log.add('JobOpened', {
    unit: MOTH,
    reason: 'Whines, and will not start when hot: air past the drive-side seal.',
    scope: 'overhaul',
  });
  return workUntil(log, 'measureSeats', {
    instrument: INSTRUMENTS.shopDial,
    gauge: INSTRUMENTS.boreGauge,
    bands: { ...DEMO_BANDS, endPlay: { lower: 0.1, upper: 0.3, target: null } },
    source: 'Moth shop sheet 3: crankshaft end float 0.10 to 0.30 mm',
    asFoundPlay: 0.34,
  });
}
