import type { JobEventData } from '../job/index.ts';
import { Recorder } from '../job/tests/recorder.ts';
import { unitFromTemplate, type Unit } from '../unit/index.ts';
import { judgedFigures } from './judgedFigures.ts';
import { compilePlan } from './compilePlan.ts';
import { playStage } from './playProgress.ts';
import { rollingVerdict } from './torqueProgress.ts';
import { isCrushed, sleeveProgress } from './sleeveProgress.ts';
import { sealDragOf } from './torqueReadings.ts';

const end = { designation: null, family: null, dimensions: { bore: 30, outside: 62, width: 16 } };
const UNIT = unitFromTemplate('pinionSleeve', { name: 'Pinion', left: end, right: end, span: 42 });
const TOOL = {
  id: 'w',
  name: 'Beam',
  graduation: 0.02,
  calibrationUncertainty: 0.01,
  least: 0.05,
  most: 6,
};

class Log extends Recorder {
  constructor(sealDrag?: 'included') {
    super(UNIT);
    this.add('SpecSet', {
      specId: 's',
      axisId: 'axis',
      kind: 'rollingTorque',
      band: { lower: 0.7, upper: 1.1, target: null },
      source: 'book',
      ...(sealDrag === undefined ? {} : { sealDrag }),
    });
  }
  read(value: number, rest: Partial<JobEventData['TorqueRead']> = {}): this {
    return this.add('TorqueRead', {
      axisId: 'axis',
      stage: 'crush',
      what: 'bearings',
      value,
      steady: true,
      square: true,
      typed: null,
      device: null,
      tool: TOOL,
      pull: null,
      angle: null,
      nutTorque: null,
      endPlay: null,
      ...rest,
    });
  }
}
const drag = (log: Log) =>
  log
    .read(0.3, { what: 'sealDrag', stage: 'trial' })
    .read(0.3, { what: 'sealDrag', stage: 'trial' });

describe('crushing a sleeve in a job', () => {
  test('should wait for the drag of the seal, unless the figure is with the seal in', () => {
    const log = new Log().read(0.3, { angle: 0 });
    expect(sealDragOf(log.state, log.axis)).toBeNull();
    expect(sleeveProgress(log.state, log.axis)).toBeNull();
    expect(sealDragOf(drag(log).state, log.axis)).toMatchObject({ value: 0.3 });
    expect(sleeveProgress(log.state, log.axis)?.forecast.status).toBe('free');
    const included = new Log('included').read(0.3, { angle: 0 });
    expect(sleeveProgress(included.state, included.axis)).toMatchObject({
      forecast: { above: 0, status: 'free' },
      rest: { value: 0.3, from: 'lowest' },
      band: { lower: expect.closeTo(0.4, 9), upper: expect.closeTo(0.8, 9) },
    });
    expect(compilePlan(included.state).steps.some(({ rule }) => rule === 'sealDrag')).toBe(false);
  });

  test('should be done with two readings in band at the last angle, and judged without the seal', () => {
    const log = drag(new Log()).read(0.3, { angle: 0 }).read(1.2, { angle: 150 });
    expect(isCrushed(log.state, log.axis)).toBe(false);
    expect(isCrushed(log.read(1.2, { angle: 150 }).state, log.axis)).toBe(true);
    log.read(1.2, { stage: 'final' }).read(1.22, { stage: 'final' });
    expect(rollingVerdict(log.state, log.axis, 'final')).toMatchObject({
      bearings: expect.closeTo(0.91, 9),
      decision: { word: 'conforms' },
    });
    expect(judgedFigures(log.state, log.axis).rollingTorque).toMatchObject({
      word: 'conforms',
      asBuilt: true,
    });
  });

  test('should forget the old sleeve when a new one is in, and not average two tools', () => {
    const log = drag(new Log()).read(2, { angle: 200 });
    expect(sleeveProgress(log.state, log.axis)?.forecast.status).toBe('overshoot');
    log.add('SleeveRenewed', { stationId: 'sleeve', reason: 'past the limits' });
    expect(sleeveProgress(log.state, log.axis)).toBeNull();
    log.read(1.2, { stage: 'final' }).read(1.2, { stage: 'final', tool: { ...TOOL, id: 'other' } });
    expect(rollingVerdict(log.state, log.axis, 'final')).toMatchObject({ status: 'tooFew' });
  });

  test.each<[string, Partial<JobEventData['TorqueRead']>, RegExp]>([
    ['beyond its tool', { value: 50 }, /Beam ends/],
    ['on no axis', { axisId: 'no' }, /no axis no/],
    [
      'with a pull that gives another torque',
      { value: 0.9, pull: { force: 20, radius: 40, cord: 2 } },
      /F·\(r \+ cord\/2\)/,
    ],
  ])('should not take a reading %s', (_, rest, reason) => {
    expect(new Log().read(rest.value ?? 0.9, rest).state.log.ignored).toEqual([
      expect.objectContaining({ reason: expect.stringMatching(reason) }),
    ]);
  });

  test('should take the seal’s drag from what was read while there was play, where the limits have it in', () => {
    const log = new Log('included')
      .read(0.4, { angle: 0, endPlay: 0.2 })
      .read(0.42, { angle: 15, endPlay: 0.1 })
      .read(0.41, { angle: 30, endPlay: 0.04 });
    // The seal drags in every reading: no roller bears yet, and the limits are 0.29 to 0.69 N·m above it.
    expect(sleeveProgress(log.state, log.axis)).toMatchObject({
      rest: { value: expect.closeTo(0.41, 9), from: 'loose' },
      forecast: { status: 'free' },
      band: { lower: expect.closeTo(0.29, 9) },
    });
    // In its limits with the seal: 0.9 of 0.7 to 1.1 N·m.
    log.read(0.9, { angle: 120, endPlay: 0 });
    expect(sleeveProgress(log.state, log.axis)!.forecast.status).toBe('inBand');
  });

  test('should see a solid stop by the rise of the nut alone, and say nothing else beside it', () => {
    const log = drag(new Log());
    for (const [angle, nutTorque] of [
      [0, 20],
      [15, 60],
      [20, 150],
      [22, 180],
    ] as const)
      log.read(0.3, { angle, nutTorque, endPlay: 0.2 });
    const bare: Unit = {
      ...UNIT,
      axes: UNIT.axes.map((axis) => ({
        ...axis,
        stations: axis.stations.map(({ torqueMost: _unsaid, ...one }) => one),
      })),
    };
    const unlimited = { ...log.state, unit: bare };
    expect(sleeveProgress(unlimited, bare.axes[0]!)).toMatchObject({
      solid: { stopped: true },
      forecast: { status: 'solid', step: 0 },
    });
    expect(isCrushed(unlimited, bare.axes[0]!)).toBe(false);
  });

  test('should have a solid stop seen from nut torque, play and drag together', () => {
    const nut = UNIT.axes[0]!.stations.find(({ kind }) => kind === 'nut')!;
    const log = drag(new Log()).add('StationDescribed', {
      axisId: 'axis',
      station: { ...nut, torqueLeast: 150, torqueMost: 200 },
    });
    log
      .read(0.3, { angle: 0, nutTorque: 60, endPlay: 0.1 })
      .read(0.3, { angle: 20, nutTorque: 190, endPlay: 0.1 });
    expect(sleeveProgress(log.state, log.axis)?.solid).toMatchObject({ stopped: true });
  });
});

test('preload below zero play should be proven by the pack that was computed, not by an indicator', () => {
  const unit = unitFromTemplate('carrierOutboard', { name: 'C', left: end, right: end, span: 90 });
  const axis = unit.axes[0]!;
  const site = axis.stations.find(({ kind }) => kind === 'shimSite')!;
  const log = new Log();
  log.events.length = 0;
  log.add('JobOpened', { unit, reason: '', scope: 'overhaul' });
  log.add('SpecSet', {
    specId: 'p',
    axisId: axis.id,
    kind: 'endPlay',
    band: { lower: -0.1, upper: -0.04, target: null },
    source: 'book',
  });
  const rules = () => compilePlan(log.state).steps.map(({ rule }) => rule);
  expect(rules()).not.toContain('prove');
  const pieces = [{ sizeId: 'a', thickness: 1.5, quantity: 1, uncertainty: 0.001 }];
  log.add('PackRecorded', { siteId: site.id, pieces });
  expect(playStage(log.state, axis)).toBe('measure');
  const dial = { id: 'd', name: 'd', graduation: 0.01, calibrationUncertainty: 0.001, range: 10 };
  log.add('RunOpened', {
    runId: 'r',
    specId: 'p',
    stage: 'trial',
    instrument: dial,
    indicator: { contact: 'lever', angle: 0 },
    shaftHeld: true,
  });
  for (const value of [0, 0.06, 0, 0, 0.06, 0, 0, 0.06, 0])
    log.add('ReadingTaken', { runId: 'r', value, typed: null, device: null, position: null });
  log.add('RunClosed', { runId: 'r' });
  expect(playStage(log.state, axis)).not.toBe('proven');
  log.add('PackFitted', { siteId: site.id, pieces });
  expect(playStage(log.state, axis)).toBe('proven');
});
