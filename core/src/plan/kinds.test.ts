import { bearingMass, settledTemperature } from '../thermal/index.ts';
import type { Station, Unit } from '../unit/index.ts';
import { GAUGE, UNIT, Bench } from './tests/everyKind.ts';

describe('a unit of every kind', () => {
  test('should be worked through, each kind with the steps of its trade', () => {
    const bench = new Bench().work();
    expect(bench.state.sheet.finished).not.toBeNull();
    expect(bench.state.log.ignored).toEqual([]);
    const ids = bench.asked.map(({ id }) => id);
    for (const id of [
      'takeOutRollers:rollers',
      'loadRollers:rollers',
      'shells:shells',
      'seatOuter:bush',
      'seatOuter:cup',
      'retain:ring',
      'retain:plate',
      'measureBolts:bolts',
      'newPart:o-ring',
      'fitORing:o-ring',
      'relieve:axis',
      'lock:bolts',
      'torque:nut',
      'leakTest',
    ])
      expect(ids).toContain(id);
    const order = ['pullSeal:seal', 'newPart:seal', 'fitSeal:seal', 'leakTest'];
    expect(ids.filter((id) => order.includes(id))).toEqual(order);
  });

  test('should show the clearance of shells against the usual band, and its verdict once measured', () => {
    const bench = new Bench();
    expect(bench.figure('measureSeats:shells', 'Clearance, limits')).toMatchObject({
      least: expect.closeTo(0.03, 9),
      most: expect.closeTo(0.04, 9),
    });
    const size = (feature: 'bore' | 'journal', place: string, value: number) =>
      bench.record({
        type: 'SizeMeasured',
        data: { stationId: 'shells', feature, place, value, typed: null, instrument: GAUGE },
      });
    size('bore', 'outer-0', 40.035);
    expect(bench.figure('measureSeats:shells', 'Clearance')).toBeUndefined();
    size('journal', 'outer-0', 40);
    expect(bench.figure('measureSeats:shells', 'Clearance')).toMatchObject({ word: 'conforms' });
    size('bore', 'outer-60', 40.0405);
    expect(bench.figure('measureSeats:shells', 'Clearance')).toMatchObject({
      word: 'cannotDecide',
    });
    size('bore', 'outer-120', 40.06);
    expect(bench.figure('measureSeats:shells', 'Clearance')).toMatchObject({
      word: 'doesNotConform',
    });
  });

  test('should keep to the band of the manual where there is one', () => {
    const unit: Unit = {
      ...UNIT,
      axes: [
        {
          ...UNIT.axes[0]!,
          stations: UNIT.axes[0]!.stations.map((station) =>
            station.id === 'shells'
              ? { ...station, clearanceLeast: 0.05, clearanceMost: 0.09 }
              : station,
          ),
        },
      ],
    };
    expect(new Bench(unit).figure('measureSeats:shells', 'Clearance, limits')).toMatchObject({
      least: 0.05,
      most: 0.09,
    });
  });

  test('should show how far an oil hole is open, and a set that is short', () => {
    const bench = new Bench();
    // 4 mm holes half a diameter apart share (2π/3 − √3/2)/π = 39 %.
    expect(bench.figure('inspect:bush', 'Open share of the oil hole')).toMatchObject({
      word: 'doesNotConform',
      least: expect.closeTo(0.391, 3),
    });
    expect(bench.figure('inspect:rollers', 'Rollers in a full set')).toMatchObject({ least: 24 });
    expect(bench.figure('inspect:rollers', 'Count')).toMatchObject({
      text: '23 described, 24 fill it: short',
    });
  });

  test('should tell that rollers skid where they have more room than 0.15 % of their journal', () => {
    const skid = (bore: number) => {
      const bench = new Bench();
      for (const [feature, value] of [
        ['bore', bore],
        ['journal', 20],
      ] as const)
        bench.record({
          type: 'SizeMeasured',
          data: {
            stationId: 'rollers',
            feature,
            place: 'outer-0',
            value,
            typed: null,
            instrument: GAUGE,
          },
        });
      return bench;
    };
    // Two rollers of 3 mm: 26.06 − 20 − 6 = 0.06 mm, against 0.03 mm.
    const wide = skid(26.06);
    expect(wide.figure('tryRollers:rollers', 'Clearance with the rollers in')).toMatchObject({
      most: expect.closeTo(0.06, 9),
    });
    expect(wide.figure('tryRollers:rollers', 'Clearance without skidding')).toMatchObject({
      most: expect.closeTo(0.03, 9),
      word: 'doesNotConform',
    });
    expect(wide.figure('tryRollers:rollers', 'Skidding')).toBeDefined();
    expect(skid(26.02).figure('tryRollers:rollers', 'Skidding')).toBeUndefined();
  });

  test('should say which data of a bush and of rollers are not known', () => {
    const bare = (id: string, names: readonly (keyof Station)[]): Unit => ({
      ...UNIT,
      axes: [
        {
          ...UNIT.axes[0]!,
          stations: UNIT.axes[0]!.stations.map((station) =>
            station.id === id
              ? (Object.fromEntries(
                  Object.entries(station).filter(
                    ([name]) => !(names as readonly string[]).includes(name),
                  ),
                ) as unknown as Station)
              : station,
          ),
        },
      ],
    });
    const lacking = (id: string, names: readonly (keyof Station)[]) =>
      new Bench(bare(id, names)).step(`inspect:${id}`).missing.map(({ field }) => field);
    expect(lacking('bush', ['oilHole'])).toEqual(['linesUp']);
    expect(lacking('bush', ['feedHole', 'holeOffset'])).toEqual(['feedHole']);
    expect(lacking('rollers', ['rollerDiameter'])).toEqual(['rollerDiameter']);
    expect(lacking('rollers', ['rollerCount'])).toEqual(['rollerCount']);
  });

  test('should tell a left-hand nut, and an order for what is bolted', () => {
    const bench = new Bench();
    expect(bench.figure('loosen:nut', 'Thread')).toMatchObject({
      text: 'left hand: undoes clockwise',
    });
    expect(bench.figure('loosen:plate', 'Order')).toMatchObject({ text: '3 – 1 – 2' });
    expect(bench.figure('torque:nut', 'Torque')).toMatchObject({ least: 90, most: 90 });
    expect(bench.figure('retain:plate', 'Round 3')).toMatchObject({ least: 9 });
  });

  test('should set a seal to its shoulder, and test no higher than it is rated', () => {
    const bench = new Bench();
    expect(bench.figure('fitSeal:seal', 'Depth from the face')).toMatchObject({ least: 10 });
    expect(bench.figure('leakTest', 'Air pressure')).toMatchObject({ least: 0.02, most: 0.025 });
  });

  test('should warn of flame on a magnesium case, and warm a sealed ring no further than 80 °C', () => {
    const bench = new Bench().work('heat');
    expect(bench.step('heat:case').cautions).toContain('noFlame');
    // Stricter than magnesium's own 120 °C: by heat balance the sealed ball bearing then comes to its 80 °C.
    const { most } = bench.figure('heat:case', 'Limit of the oven') as { most: number };
    const casting = { material: 'magnesium', mass: 3, area: 0.1, temperature: most } as const;
    expect(most).toBeLessThan(120);
    expect(
      settledTemperature(casting, {
        mass: bearingMass({ bore: 30, outside: 62, width: 16 }),
        temperature: 20,
      }),
    ).toBeCloseTo(80, 9);
  });

  test('should judge a figure by its band, and want another until it is inside', () => {
    const bench = new Bench().work('proveFigure');
    const { specId } = bench.state.specs[0]!;
    bench.record({
      type: 'FigureTaken',
      data: { specId, stage: 'final', value: 0.5, typed: null },
    });
    expect(bench.figure('proveFigure:axis:backlash', 'As built')).toMatchObject({
      word: 'doesNotConform',
    });
    expect(bench.step('proveFigure:axis:backlash').status).not.toBe('done');
    bench.record({
      type: 'FigureTaken',
      data: { specId, stage: 'final', value: 0.15, typed: null },
    });
    expect(bench.step('proveFigure:axis:backlash').status).toBe('done');
  });
});
