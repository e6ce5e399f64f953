import type { JobEventData } from '@wendaxis/core/job';
import type { Axis, Unit } from '@wendaxis/core/unit';

import { DemoLog, workUntil } from './demoLog.ts';
import { fromTemplate } from './fromTemplate.ts';
import { DEMO_BANDS, INSTRUMENTS } from './workshop.ts';

const PINION = fromTemplate('pinionSleeve', {
  name: 'Tarn rear axle',
  bearings: ['32306', '30305'],
  span: 42,
  parts: {
    case: { material: 'ductileIron', mass: 14, area: 0.28, wall: 9 },
    shaft: { material: 'carbonSteel', mass: 1.8, area: 0.02 },
  },
  stations: {
    pinion: { teeth: 11 },
    'seal-right': {
      name: 'Pinion seal',
      designation: '24×52×7',
      boreDepth: 11,
      depthRule: 'flush',
      depth: 0,
    },
    sleeve: { width: 42.6 },
    nut: { torqueLeast: 160, torqueMost: 240, lock: 'staked', hand: 'right', lead: 1.5 },
  },
});
const CARRIER = fromTemplate('carrierOutboard', {
  name: 'Tarn rear axle',
  bearings: ['32008', '32008'],
  span: 110,
  parts: { carrier: { material: 'ductileIron', mass: 6.5, area: 0.12, wall: 8 } },
  stations: {
    'ring-gear': { teeth: 41 },
    'bearing-left': { name: 'Carrier bearing, left' },
    'bearing-right': { name: 'Carrier bearing, right' },
    caps: { count: 4, torqueLeast: 70, torqueMost: 80, lock: 'none' },
  },
});

/** Stations of a second axis have ids of their own. */
function secondAxis(axis: Axis): Axis {
  return {
    ...axis,
    id: 'carrier-axis',
    stations: axis.stations.map((station) => ({ ...station, id: `carrier-${station.id}` })),
  };
}

/** The Tarn beach-cleaner rear axle (invented): spiral-bevel pair 41:11, pinion back to back, carrier shims outboard. */
const TARN: Unit = {
  ...PINION,
  id: 'tarn-axle',
  description: 'Beach-cleaner rear axle, spiral-bevel pair 41:11.',
  parts: [...PINION.parts, ...CARRIER.parts.filter(({ id }) => id !== 'case')],
  axes: [...PINION.axes, ...CARRIER.axes.map(secondAxis)],
  meshes: [
    {
      id: 'crown',
      driverId: 'pinion',
      drivenId: 'carrier-ring-gear',
      pressureAngle: 20,
      spiralAngle: 35,
      cut: 'faceMilled',
      contact: 'squareToFlank',
      depthAt: 'depth-shim',
      thicker: 'towards',
      depthBy: null,
      etchingSign: null,
      mountingDistance: null,
      gearSideAt: 'carrier-shims-left',
      otherSideAt: 'carrier-shims-right',
    },
  ],
};

/** Booked in and measured as found; it comes apart next. */
export function tarnLog(): DemoLog<JobEventData> {
  const log = new DemoLog<JobEventData>('tarn', '2026-11-24T06:40:00Z', 'runa');
  log.add('JobOpened', {
    unit: TARN,
    reason: 'Howls on the overrun after sand got past the pinion seal.',
    scope: 'overhaul',
  });
  return workUntil(log, 'mark', {
    instrument: INSTRUMENTS.shopDial,
    bands: { ...DEMO_BANDS, endPlay: { lower: -0.1, upper: -0.04, target: null } },
    source: 'Tarn axle sheet, lines 4 to 9',
    asFoundPlay: 0.06,
  });
}
