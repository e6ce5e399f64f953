import type { JobEventData } from '../job/index.ts';
import { Recorder } from '../job/tests/recorder.ts';
import { unitFromTemplate, type Station, type Unit } from '../unit/index.ts';
import { clearanceInService } from './clearanceInService.ts';
import { compilePlan } from './compilePlan.ts';
import { jobHeat } from './jobHeat.ts';
import { ringWays } from './ringWays.ts';
import { seatInterference } from './seats.ts';

const end = (bore: number, outside: number) => ({
  designation: '6205',
  family: null,
  dimensions: { bore, outside, width: 15 },
});
const GAUGE = { id: 'g', name: 'g', graduation: 0.001, calibrationUncertainty: 0.001, range: 1 };

function unitWith(rest: Partial<Station>, more: readonly Station[] = []): Unit {
  const made = unitFromTemplate('crankcaseHalves', {
    name: 'Case',
    left: end(25, 52),
    right: end(25, 52),
    span: 60,
  });
  return {
    ...made,
    parts: made.parts.map((part) => ({
      ...part,
      material: part.kind === 'shaft' ? 'carbonSteel' : 'castAluminium',
      mass: 1.6,
      area: 0.09,
    })),
    axes: made.axes.map((axis) => ({
      ...axis,
      stations: [
        ...axis.stations.map((one) =>
          one.id === 'bearing-left'
            ? { ...one, boreClass: 'N7', journalClass: 'k5', ...rest }
            : one,
        ),
        ...more,
      ],
    })),
  };
}

class Log extends Recorder {
  size(feature: JobEventData['SizeMeasured']['feature'], ...values: readonly number[]): this {
    values.forEach((value, at) =>
      this.add('SizeMeasured', {
        stationId: 'bearing-left',
        feature,
        place: `outer-${60 * at}`,
        value,
        typed: null,
        instrument: GAUGE,
      }),
    );
    return this;
  }
  step(id: string) {
    return compilePlan(this.state).steps.find((one) => one.id === id)!;
  }
}
const left = (log: Log): Station =>
  log.state.unit!.axes[0]!.stations.find(({ id }) => id === 'bearing-left')!;

describe('whether a ring is home', () => {
  test('should be asked check by check, and done when each is good', () => {
    const log = new Log(unitWith({})).add('SeatTried', {
      stationId: 'bearing-left',
      outcome: 'tapped',
    });
    expect(log.step('checkSeat:bearing-left').checks).toEqual([
      'note',
      'bottom',
      'behind',
      'turns',
    ]);
    for (const check of ['note', 'bottom', 'behind'] as const)
      log.add('SeatChecked', { targetId: 'bearing-left', check, good: true });
    log.add('SeatChecked', { targetId: 'bearing-left', check: 'turns', good: false });
    expect(log.step('checkSeat:bearing-left').status).not.toBe('done');
    log.add('SeatChecked', { targetId: 'bearing-left', check: 'turns', good: true });
    expect(log.step('checkSeat:bearing-left').status).toBe('done');
    log.add('SeatTried', { stationId: 'bearing-left', outcome: 'droppedIn' });
    expect(log.step('checkSeat:bearing-left')).toMatchObject({
      status: expect.not.stringMatching('done'),
      checks: ['bottom', 'behind', 'turns'],
    });
  });

  test('should be measured where the shoulder is hidden', () => {
    const log = new Log(unitWith({ shoulder: 'hidden' })).add('SeatTried', {
      stationId: 'bearing-left',
      outcome: 'droppedIn',
    });
    expect(log.step('measureDepth:bearing-left').sizes).toEqual(['shoulderDepth', 'ringWidth']);
    expect(log.step('checkSeat:bearing-left').missing[0]!.id).toBe('measureDepth:bearing-left');
    log.size('shoulderDepth', 20, 20.002, 19.998).size('ringWidth', 14.97);
    expect(log.step('measureDepth:bearing-left').status).toBe('done');
    for (const check of ['bottom', 'turns'] as const)
      log.add('SeatChecked', { targetId: 'bearing-left', check, good: true });
    expect(log.step('checkSeat:bearing-left').status).not.toBe('done');
    log.size('seatedDepth', 4.9, 4.91, 4.9);
    const words = () =>
      log.step('checkSeat:bearing-left').figures.find(({ name }) => name === 'So');
    expect(words()).toMatchObject({ text: expect.stringMatching(/^Not home/) });
    log.size('seatedDepth', 5.03, 5.04, 5.03);
    expect(words()).toMatchObject({ text: 'It is home.' });
    expect(log.step('checkSeat:bearing-left').status).toBe('done');
  });

  test('should ask for drag and end play once the crank is in its second bearing', () => {
    const log = new Log(unitWith({}));
    const axisId = log.state.unit!.axes[0]!.id;
    expect(log.step(`relieve:${axisId}`).checks).toEqual(['free', 'play']);
    log.add('SeatChecked', { targetId: axisId, check: 'free', good: true });
    expect(log.step(`relieve:${axisId}`).status).not.toBe('done');
    log.add('SeatChecked', { targetId: axisId, check: 'play', good: true });
    expect(log.step(`relieve:${axisId}`).status).toBe('done');
    expect(
      log.add('SeatChecked', { targetId: 'no', check: 'play', good: true }).state.log.ignored,
    ).toMatchObject([{ reason: 'no station or axis no' }]);
  });
});

describe('what bears on a seat', () => {
  test('should be the groove of a snap ring it is pushed against', () => {
    const at = left(new Log(unitWith({})));
    const snap: Station = {
      id: 'snap',
      kind: 'snapRing',
      name: 'Circlip',
      partId: 'half-left',
      at: at.at - 2.2,
      width: 2,
      inside: 46,
      outside: 55,
    };
    const described = new Log(unitWith({ wayIn: 'left' }, [{ ...snap, grooveDepth: 0.2 }]));
    expect(
      described.step('seatOuter:bearing-left').figures.find(({ name }) => name.includes('Circlip')),
    ).toMatchObject({ most: expect.closeTo((Math.PI * 52 * 0.2 * 150) / 2.4, 6) });
    expect(
      ringWays(described.state, 'bearing-left', 'outer').find(({ id }) => id === 'coldPress')!
        .limit,
    ).toMatch(/groove of Circlip/);
    const bare = new Log(unitWith({ wayIn: 'left' }, [snap]));
    expect(bare.step('seatOuter:bearing-left').missing.map(({ field }) => field)).toContain(
      'grooveDepth',
    );
    const behind = new Log(unitWith({ wayIn: 'right' }, [snap]));
    expect(behind.step('seatOuter:bearing-left').missing.map(({ field }) => field)).not.toContain(
      'grooveDepth',
    );
  });

  test('should be known closer with the ring measured', () => {
    const log = new Log(unitWith({}));
    const width = () => {
      const fit = seatInterference(log.state, left(log), 'outer')!;
      return fit.most - fit.least;
    };
    const before = width();
    log.size('ringOutside', 51.995, 51.996, 51.995);
    expect(width()).toBeLessThan(before);
    expect(log.step('fitOuter:bearing-left').figures[0]!.source).toMatch(
      /^Ring as measured; seat by its class/,
    );
  });

  test('should leave a bearing its clearance, less for a tighter class, and say when none is left', () => {
    const kept = (rest: Partial<Station>) => {
      const log = new Log(unitWith(rest));
      return clearanceInService(log.state, left(log))!;
    };
    const [normal, wide] = [kept({}), kept({ designation: '6205 C3' })];
    expect(normal.clearanceClass).toBe('CN');
    expect(wide).toMatchObject({ clearanceClass: 'C3' });
    // ISO 5753-1 (from memory): 25 mm bore, CN 5 to 20 µm, C3 13 to 28 µm: the class moves all of it by 8 µm.
    expect(wide.left.least - normal.left.least).toBeCloseTo(0.008, 9);
    expect(normal.left.most).toBeLessThan(normal.initial.most);
    const tight = new Log(unitWith({ journalClass: 'p6' }));
    expect(clearanceInService(tight.state, left(tight))!.left.least).toBeLessThan(
      normal.left.least,
    );
    expect(tight.step('fitInner:bearing-left').figures.map(({ name }) => name)).toContain(
      'Clearance',
    );
    expect(kept({ tightRing: 'outer', boreClass: 'H7' }).left.most).toBeCloseTo(
      0.02 - 12e-6 * 5 * (52 - 0.27 * 27),
      6,
    );
    const untabled = new Log(unitWith({ kind: 'taperedRoller', designation: '30205' }));
    expect(clearanceInService(untabled.state, left(untabled))).toBeNull();
  });

  test('should be a limit set for this job, with its reason', () => {
    const log = new Log(unitWith({})).add('LimitSet', {
      targetId: 'half-left',
      limit: 70,
      reason: 'Varnish in the case.',
    });
    const part = log.state.unit!.parts.find(({ id }) => id === 'half-left')!;
    expect(jobHeat(log.state, part).plan).toMatchObject({
      status: 'refused',
      limit: 70,
      limitReason: 'Varnish in the case.',
    });
    expect(
      log.step('heat:half-left').figures.find(({ name }) => name === 'Not above'),
    ).toMatchObject({ most: 70 });
    const free = new Log(unitWith({}));
    expect(
      free.step('heat:half-left').figures.find(({ name }) => name === 'Not above'),
    ).toMatchObject({ most: jobHeat(free.state, part).plan!.limit });
    log.add('LimitSet', { targetId: 'bearing-left', limit: 60, reason: 'Plastic cage.' });
    expect(
      ringWays(log.state, 'bearing-left', 'inner').find(({ id }) => id === 'oven')!.limit,
    ).toMatch(/60 °C/);
    expect(
      log.add('LimitSet', { targetId: 'no', limit: 60, reason: 'nothing' }).state.log.ignored,
    ).toHaveLength(1);
    expect(
      log
        .add('LimitSet', { targetId: 'bearing-left', limit: 230, reason: 'We always did.' })
        .state.log.ignored.at(-1)!.reason,
    ).toMatch(/hardness past 200/);
  });

  test('should be worked in the way that was chosen, and then not from the oven', () => {
    const log = new Log(unitWith({}));
    expect(log.step('heat:half-left')).toBeDefined();
    const choose = (way: JobEventData['WayChosen']['way'], ring: 'outer' | 'inner' = 'outer') =>
      log.add('WayChosen', { stationId: 'bearing-left', ring, way, pressRating: 2e4 });
    choose('coldPress');
    expect(log.step('heat:half-left')).toBeUndefined();
    const step = log.step('seatOuter:bearing-left');
    expect(step.cautions).toEqual(['press']);
    expect(step.figures.map(({ name }) => name)).toEqual(
      expect.arrayContaining(['Way chosen', 'Force to press', 'Stress at the bore']),
    );
    choose('ovenOnly');
    expect(log.step('heat:half-left')).toBeDefined();
    expect(
      log.step('seatOuter:bearing-left').figures.find(({ name }) => name === 'Heat to'),
    ).toMatchObject({ least: expect.any(Number) });
    choose('induction', 'inner');
    expect(log.step('seatInner:bearing-left').cautions).toEqual(['hotParts']);
    expect(choose('induction').state.log.ignored).toMatchObject([
      { reason: 'induction is not a way for an outer ring' },
    ]);
  });

  test('should have a clock of its own for one ring', () => {
    const log = new Log(unitWith({})).add('ClockStarted', {
      clockId: 'c',
      kind: 'ringWarming',
      targetId: 'bearing-left',
      seconds: 900,
    });
    expect(log.state.heating.clocks).toHaveLength(1);
    expect(
      log.add('ClockStarted', {
        clockId: 'd',
        kind: 'ringWarming',
        targetId: 'half-left',
        seconds: 9,
      }).state.log.ignored,
    ).toMatchObject([{ reason: 'no station half-left' }]);
  });
});

describe('a seat of a material that is not known', () => {
  const unitOf = (material: 'castAluminium' | null): Unit => {
    const unit = unitWith({});
    return {
      ...unit,
      parts: unit.parts.map((part) => (part.kind === 'shaft' ? part : { ...part, material })),
    };
  };
  const [known, unknown] = [new Log(unitOf('castAluminium')), new Log(unitOf(null))];

  test('should give no temperature and no force, and say why', () => {
    const ways = ringWays(unknown.state, 'bearing-left', 'outer');
    expect(ways.length).toBeGreaterThan(0);
    for (const { stands, temperature, force, limit } of ways)
      expect({ stands, temperature, force, limit }).toEqual({
        stands: false,
        temperature: null,
        force: null,
        limit: expect.stringMatching(/not known/),
      });
    expect(ringWays(known.state, 'bearing-left', 'outer').some(({ stands }) => stands)).toBe(true);
  });

  test('should leave the ring that is warmed itself its number: the seat does not enter', () => {
    const of = (log: Log) =>
      ringWays(log.state, 'bearing-left', 'inner').find(({ id }) => id === 'induction')!;
    expect(of(unknown).temperature).toBe(of(known).temperature);
  });

  test('should ask for it instead of working the clearance out as if it were aluminium', () => {
    expect(clearanceInService(unknown.state, left(unknown))).toBeNull();
    const { figures, missing } = unknown.step('fitOuter:bearing-left');
    expect(figures.some(({ name }) => name.includes('Internal clearance'))).toBe(false);
    expect(missing).toContainEqual(expect.objectContaining({ on: 'part', field: 'material' }));
    expect(
      known
        .step('fitOuter:bearing-left')
        .figures.some(({ name }) => name.includes('Internal clearance')),
    ).toBe(true);
  });
});
