import type { JobEventData } from '../job/index.ts';
import { type Station } from '../unit/index.ts';
import { clearanceInService } from './clearanceInService.ts';
import { jobHeat } from './jobHeat.ts';
import { ringWays } from './ringWays.ts';
import { seatInterference } from './seats.ts';
import { unitWith, Log, left } from './tests/seatBench.ts';

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
    const { plan, settings } = jobHeat(log.state, part);
    expect(settings.oven).toBeLessThanOrEqual(65);
    expect(plan).toMatchObject({
      status: 'ready',
      limit: 70,
      limitReason: 'Varnish in the case.',
    });
    expect(
      log.step('heat:half-left').figures.find(({ name }) => name === 'Limit of the oven'),
    ).toMatchObject({
      most: 70,
    });
    const free = new Log(unitWith({}));
    expect(
      free.step('heat:half-left').figures.find(({ name }) => name === 'Limit of the oven'),
    ).toMatchObject({
      most: jobHeat(free.state, part).plan!.limit,
    });
    log.add('LimitSet', { targetId: 'bearing-left', limit: 60, reason: 'Plastic cage.' });
    expect(
      ringWays(log.state, 'bearing-left', 'inner').find(({ id }) => id === 'ringHeatGun')!.limit,
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
