import type { WorkshopEventData } from '@wendaxis/core/job';

import { DemoLog } from './demoLog.ts';

/** Measured with the workshop's micrometer: half a micrometre of calibration and one of repeat. mm. */
export const SHIM_UNCERTAINTY = 0.001;

/** Indicators on the shelf. mm. */
export const INSTRUMENTS = {
  shopDial: {
    id: 'shop-dial',
    name: 'Shop dial, 0.01',
    graduation: 0.01,
    calibrationUncertainty: 0.0015,
    range: 10,
    kind: 'dial',
  },
  boreGauge: {
    id: 'bore-gauge',
    name: 'Bore gauge, 0.001',
    graduation: 0.001,
    calibrationUncertainty: 0.001,
    range: 1,
    kind: 'boreGauge',
  },
  micrometer: {
    id: 'micrometer',
    name: 'Micrometer, 0.001',
    graduation: 0.001,
    calibrationUncertainty: 0.0008,
    range: 25,
    kind: 'micrometer',
  },
  caliper: {
    id: 'caliper',
    name: 'Caliper, 0.02',
    graduation: 0.02,
    calibrationUncertainty: 0.01,
    range: 150,
    kind: 'caliper',
  },
  depthGauge: {
    id: 'depth-gauge',
    name: 'Depth gauge, 0.01',
    graduation: 0.01,
    calibrationUncertainty: 0.004,
    range: 150,
    kind: 'depthGauge',
  },
  feeler: {
    id: 'feeler',
    name: 'Feeler gauges, 0.01',
    graduation: 0.01,
    calibrationUncertainty: 0.002,
    range: 1,
    kind: 'feeler',
  },
  fineDial: {
    id: 'fine-dial',
    name: 'Fine dial, 0.001',
    graduation: 0.001,
    calibrationUncertainty: 0.0006,
    range: 1,
    kind: 'dial',
  },
} as const;

/** Tools for rolling torque. N·m. */
export const TORQUE_TOOLS = {
  beam: {
    id: 'beam-wrench',
    name: 'Beam wrench, 0.05',
    graduation: 0.05,
    calibrationUncertainty: 0.02,
    least: 0.1,
    most: 6,
  },
  scale: {
    id: 'spring-scale',
    name: 'Spring scale on a cord',
    graduation: 0.02,
    calibrationUncertainty: 0.02,
    least: 0.02,
    most: 8,
    kind: 'scale',
  },
} as const;

/** Bands for demo jobs whose own are not in question. */
export const DEMO_BANDS = {
  endPlay: { lower: 0.1, upper: 0.18, target: null },
  rollingTorque: { lower: 0.7, upper: 1.1, target: null },
  backlash: { lower: 0.12, upper: 0.2, target: null },
  depth: { lower: -0.03, upper: 0.03, target: null },
} as const;

/** Tubes and discs by the press. mm. */
const DRIVERS = [
  { id: 'driver-51', name: 'Tube 51.5 × 40', outside: 51.5, bore: 40 },
  { id: 'driver-61', name: 'Tube 61.5 × 48', outside: 61.5, bore: 48 },
  { id: 'driver-34', name: 'Tube 34 × 25.5', outside: 34, bore: 25.5 },
  { id: 'driver-31', name: 'Tube 31.5 × 25.5', outside: 31.5, bore: 25.5 },
  { id: 'driver-40', name: 'Tube 40 × 30.5', outside: 40, bore: 30.5 },
  { id: 'driver-29', name: 'Disc 29', outside: 29, bore: 0 },
  {
    id: 'driver-stepped-25',
    name: 'Stepped driver 25.5',
    outside: 25.5,
    bore: 0,
    nose: 12,
    noseWithin: 0.02,
  },
  {
    id: 'driver-stepped-31',
    name: 'Stepped driver 31.5',
    outside: 31.5,
    bore: 0,
    nose: 20,
    noseWithin: 0.02,
  },
] as const;

/** Spacers for under their collars: as turned, and washers from the bin, each measured. mm. */
const SPACERS = [
  {
    id: 'spacer-10',
    name: 'Spacer 10',
    thickness: 10,
    within: 0.01,
    count: 1,
    bore: 32,
    outside: 50,
  },
  { id: 'spacer-5', name: 'Spacer 5', thickness: 5, within: 0.01, count: 2, bore: 32, outside: 50 },
  {
    id: 'spacer-2',
    name: 'Washer 2',
    thickness: 2.04,
    within: 0.03,
    count: 3,
    bore: 32,
    outside: 48,
  },
  {
    id: 'spacer-1',
    name: 'Washer 1',
    thickness: 1.02,
    within: 0.03,
    count: 2,
    bore: 32,
    outside: 48,
  },
] as const;

/** What the workshop draws with. */
const RODS = [
  { id: 'rod-studding', name: 'Studding M12', thread: 12, pitch: 1.75, strength: '4.6' },
  { id: 'rod-m16', name: 'Rod M16', thread: 16, pitch: 2, strength: '8.8' },
] as const;

/** The shim box: thickness as measured (mm), pieces. */
const BOX: readonly (readonly [thickness: number, count: number])[] = [
  [0.051, 4],
  [0.102, 6],
  [0.149, 3],
  [0.203, 5],
  [0.252, 4],
  [0.301, 2],
  [0.404, 3],
  [0.498, 3],
  [0.804, 1],
  [1.003, 2],
];

/** Of one shim, in the workshop's money: invented. */
const PRICE_OF_ONE = 1.4;

/** Name of the demo's workshop: an invented one. */
export const DEMO_WORKSHOP = 'Ulvmere Harbour Works';

/** Ulvmere Harbour Works: an invented workshop. */
export function workshopLog(): DemoLog<WorkshopEventData> {
  const log = new DemoLog<WorkshopEventData>('workshop', '2026-11-02T07:30:00Z', 'runa');
  log.add('WorkshopNamed', { name: DEMO_WORKSHOP });
  log.add('PersonAdded', { personId: 'runa', name: 'Runa', role: 'mechanic' });
  log.add('PersonAdded', { personId: 'helper', name: 'Helper', role: 'apprentice' });
  log.add('InstrumentAdded', { instrument: INSTRUMENTS.shopDial, deviceId: 'dial-a' });
  log.add('InstrumentAdded', { instrument: INSTRUMENTS.fineDial, deviceId: 'dial-b' });
  for (const instrument of [
    INSTRUMENTS.boreGauge,
    INSTRUMENTS.micrometer,
    INSTRUMENTS.caliper,
    INSTRUMENTS.depthGauge,
    INSTRUMENTS.feeler,
  ])
    log.add('InstrumentAdded', { instrument, deviceId: null });
  log.add('TorqueToolAdded', { tool: TORQUE_TOOLS.beam, deviceId: 'wrench-a' });
  log.add('TorqueToolAdded', { tool: TORQUE_TOOLS.scale, deviceId: null });
  for (const driver of DRIVERS) log.add('DriverKept', { driver });
  for (const spacer of SPACERS) log.add('SpacerKept', { spacer });
  for (const rod of RODS) log.add('RodKept', { rod });
  for (const [thickness, count] of BOX)
    log.add('SizeStocked', {
      sizeId: `box-${thickness.toFixed(3)}`,
      thickness,
      count,
      uncertainty: SHIM_UNCERTAINTY,
      price: PRICE_OF_ONE,
    });
  log.add('SizeOrdered', { orderId: 'order-1', thickness: 0.3, count: 5, price: PRICE_OF_ONE });
  return log;
}
