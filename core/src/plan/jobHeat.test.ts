import { Recorder } from '../job/tests/recorder.ts';
import type { Unit } from '../unit/index.ts';
import { compilePlan } from './compilePlan.ts';
import { heatOfPart, jobHeat } from './jobHeat.ts';
import { heatedParts } from './warmable.ts';
import { ringWays } from './ringWays.ts';
import { HALVES } from './tests/halvesBench.ts';

const GAUGE = { id: 'g', name: 'g', graduation: 0.001, calibrationUncertainty: 0.001, range: 1 };

class Log extends Recorder {
  constructor(unit: Unit = HALVES) {
    super(unit);
  }
  measured(left = 51.985): this {
    for (const [stationId, size] of [
      ['bearing-left', left],
      ['bearing-right', 61.98],
    ] as const)
      for (const place of ['outer-0', 'outer-60', 'inner-0'])
        this.add('SizeMeasured', {
          stationId,
          feature: 'bore',
          place,
          value: size,
          typed: null,
          instrument: GAUGE,
        });
    return this;
  }
}
const HEAT = {
  oven: 100,
  medium: 'fanOven',
  rings: 20,
  ambient: 20,
  running: 90,
  handling: 20,
} as const;
const half = (unit: Unit, id: string) => unit.parts.find((part) => part.id === id)!;

describe('the heat of a job', () => {
  test('should be for the parts in which rings are tight', () => {
    expect(heatedParts(new Log().state).map(({ id }) => id)).toEqual(['half-left', 'half-right']);
  });

  test('should say what it lacks, part and seat, and plan nothing', () => {
    const bare = { ...HALVES, parts: HALVES.parts.map((part) => ({ ...part, mass: null })) };
    const { plan, missing, estimate } = jobHeat(new Log(bare).state, half(bare, 'half-left'));
    expect(plan).toBeNull();
    expect(missing.map(({ on, id, field }) => [on, id, field])).toEqual([
      ['step', 'measureSeats:bearing-left', ''],
    ]);
    expect(estimate).not.toBeNull();
  });

  test('should plan from the measured seats, with the settings logged or being chosen', () => {
    const log = new Log().measured();
    const part = half(HALVES, 'half-left');
    expect(jobHeat(log.state, part).plan).toMatchObject({ status: 'ready' });
    const settings = { ...HEAT, oven: 45 };
    log.add('HeatSet', { partId: 'half-left', settings });
    expect(jobHeat(log.state, part).plan!.status).toBe('tooCool');
    expect(jobHeat(log.state, part, { oven: 110 }).plan!.status).toBe('ready');
  });

  test('should correct one half by what was seen of the other while it lay outside', () => {
    const log = new Log().measured().add('HeatSet', { partId: 'half-left', settings: HEAT });
    log.add('ClockStarted', { clockId: 'o', kind: 'oven', targetId: 'half-left', seconds: 60 }, 0);
    log.add('ClockStopped', { clockId: 'o' }, 60);
    log.add(
      'ClockStarted',
      { clockId: 'c', kind: 'cooling', targetId: 'half-left', seconds: 600 },
      60,
    );
    const seen = () => jobHeat(log.state, half(HALVES, 'half-right'));
    expect(seen().seenOn).toBeNull();
    log.add('TemperatureRead', { partId: 'half-left', value: 100, typed: null }, 60);
    expect(seen().seenOn).toBeNull();
    log.add('TemperatureRead', { partId: 'half-left', value: 70, typed: null }, 65);
    expect(seen().seenOn).toBe('Left case half');
    // τ = 1.6·900/(10·0.09) = 1600 s; from 100 to 70 °C in 300 s: 1600·ln(80/50)/300 = 2.507.
    expect(seen().settings.coolingFactor).toBeCloseTo(2.507, 3);
  });

  test('should say one temperature at the step of the part, at each of its rings, in its ways and its plan', () => {
    const log = new Log().measured();
    const part = half(HALVES, 'half-left');
    const told = () => {
      const { steps } = compilePlan(log.state);
      const figure = (id: string, name: string) => {
        const found = steps
          .find((step) => step.id === id)!
          .figures.find((one) => one.name === name);
        return found?.form === 'quantity' ? found.least : null;
      };
      return [
        figure('heat:half-left', 'Heat to'),
        figure('seatOuter:bearing-left', 'Heat to'),
        jobHeat(log.state, part).settings.oven,
        heatOfPart(log.state, part)!.choices[0]!.oven,
        ringWays(log.state, 'bearing-left', 'outer').find(({ id }) => id === 'ovenOnly')!
          .temperature,
      ];
    };
    const [first, ...others] = told();
    expect(first!).toBeGreaterThan(50);
    expect(others).toEqual([first, first, first, first]);
    // A longer way from the oven asks for more, everywhere.
    log.add('HeatSet', { partId: 'half-left', settings: { ...HEAT, oven: 99, carry: 120 } });
    expect(told().slice(0, 3)).toEqual([99, 99, 99]);
    expect(told()[3]!).toBeGreaterThan(first!);
    expect(told()[4]).toBe(told()[3]);
  });

  test('should take the class of a seat where it was not measured, and say so', () => {
    const classed = {
      ...HALVES,
      axes: HALVES.axes.map((axis) => ({
        ...axis,
        stations: axis.stations.map((station) =>
          station.id === 'bearing-left'
            ? { ...station, boreClass: 'N7', journalClass: 'k5' }
            : station,
        ),
      })),
    };
    const { state } = new Log(classed);
    const { plan } = jobHeat(state, half(classed, 'half-left'));
    // N7 on 52 mm from −39 µm, ring from 0 (ISO 286-2, ISO 492): at most 39 µm tight.
    expect(plan!.seats[0]!.cold).toBeCloseTo(0.039, 9);
    const step = compilePlan(state).steps.find(({ id }) => id === 'fitOuter:bearing-left')!;
    expect(step.figures[0]!.source).toMatch(/by its class, not measured/);
    expect(
      ringWays(state, 'bearing-left', 'inner').find(({ id }) => id === 'innerPress')?.stands,
    ).toBe(true);
    expect(ringWays(state, 'bearing-right', 'inner')).toEqual([]);
    expect(ringWays(state, 'gone', 'inner')).toEqual([]);
  });

  test('should count a ring as seated unless it stopped half way', () => {
    const log = new Log().measured();
    const status = () =>
      compilePlan(log.state).steps.find(({ id }) => id === 'seatOuter:bearing-left')!.status;
    log.add('SeatTried', { stationId: 'bearing-left', outcome: 'stoppedHalfWay' });
    expect(status()).not.toBe('done');
    log.add('SeatTried', { stationId: 'bearing-left', outcome: 'tapped' });
    expect(status()).toBe('done');
  });
});

describe('clocks and thermometers in the log', () => {
  const ignored = (log: Log) => log.state.log.ignored.map(({ reason }) => reason);
  const clock = (clockId: string, targetId = 'half-left') =>
    ({ clockId, kind: 'oven', targetId, seconds: 60 }) as const;

  test('should run until they are stopped', () => {
    const log = new Log()
      .add('ClockStarted', clock('c'), 1)
      .add('ClockStopped', { clockId: 'c' }, 9);
    expect(log.state.heating.clocks).toMatchObject([
      { startedAt: '2026-01-01T00:01:00.000Z', stoppedAt: '2026-01-01T00:09:00.000Z' },
    ]);
  });

  test.each<[string, Log, RegExp]>([
    [
      'the same clock twice',
      new Log().add('ClockStarted', clock('c')).add('ClockStarted', clock('c')),
      /clock c exists/,
    ],
    ['a clock on nothing', new Log().add('ClockStarted', clock('c', 'no')), /no part no/],
    [
      'stopping what does not run',
      new Log().add('ClockStopped', { clockId: 'c' }),
      /no clock c runs/,
    ],
    [
      'a clock on a finished job',
      new Log().add('JobFinished', { note: '' }).add('ClockStarted', clock('c')),
      /finished/,
    ],
    [
      'a reading on nothing',
      new Log().add('TemperatureRead', { partId: 'no', value: 50, typed: null }),
      /no part no/,
    ],
    [
      'a ring that is not there',
      new Log().add('SeatTried', { stationId: 'no', outcome: 'tapped' }),
      /no station no/,
    ],
  ])('should not take %s', (_, log, reason) => {
    expect(ignored(log)).toEqual([expect.stringMatching(reason)]);
  });
});

describe('a heavy iron part', () => {
  const iron = (change: Partial<Unit['parts'][number]>): Unit => ({
    ...HALVES,
    parts: HALVES.parts.map((part) =>
      part.id === 'half-left'
        ? { ...part, material: 'greyIron', mass: 30, area: 0.6, ...change }
        : part,
    ),
  });
  const plan = (log: Log) => compilePlan(log.state);
  const seat = (log: Log) => plan(log).steps.find(({ id }) => id === 'seatOuter:bearing-left')!;
  const hasHeat = (log: Log) => plan(log).steps.some(({ id }) => id === 'heat:half-left');

  // Common practice, no source: rings of a heavy iron case are frozen and driven, not heated for an hour.
  test('should have its rings frozen and driven where an oven takes an hour, and say so', () => {
    const log = new Log(iron({})).measured();
    const oven = ringWays(log.state, 'bearing-left', 'outer').find(({ id }) => id === 'ovenOnly')!;
    expect(oven.seconds!).toBeGreaterThan(45 * 60);
    expect(hasHeat(log)).toBe(false);
    const step = seat(log);
    expect(step.how).toMatch(/freezer.*drive it/);
    expect(step.cautions).toEqual(['frost', 'press', 'splinters']);
    expect(step.figures.find(({ name }) => name === 'Method')).toMatchObject({
      text: expect.stringMatching(
        /^Ring from the freezer, pressed or driven home cold: drops in while it is frozen; .*within/,
      ),
    });
  });

  test('should be heated before its fits are known, when light, of a soft alloy, or where somebody wants the oven', () => {
    expect(hasHeat(new Log(iron({ mass: 6 })).measured())).toBe(true);
    expect(hasHeat(new Log(iron({ material: 'castAluminium' })).measured())).toBe(true);
    expect(hasHeat(new Log(iron({})))).toBe(true);
    const chosen = new Log(iron({})).measured().add('WayChosen', {
      stationId: 'bearing-left',
      ring: 'outer',
      way: 'ovenOnly',
      pressRating: 100_000,
    });
    expect(hasHeat(chosen)).toBe(true);
    expect(
      hasHeat(new Log(iron({})).measured().add('HeatSet', { partId: 'half-left', settings: HEAT })),
    ).toBe(true);
  });

  test('should be heated for rings that the usual press does not get in', () => {
    const log = new Log(iron({})).measured(50.5);
    expect(
      ringWays(log.state, 'bearing-left', 'outer').find(({ id }) => id === 'frozenPress')!.stands,
    ).toBe(false);
    expect(hasHeat(log)).toBe(true);
  });
});
