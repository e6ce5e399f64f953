import type { SizeFeature } from '../inspect/index.ts';
import type { Station, Unit } from '../unit/index.ts';
import { compilePlan } from './compilePlan.ts';
import { depthFound } from './depthFound.ts';
import { pressedBore } from './pressedBore.ts';
import { pressedWith } from './pressedWith.ts';
import { ringWaysOut } from './ringWaysOut.ts';
import { stopSet } from './stops.ts';
import { Bench, HABITS } from './tests/planOf.ts';

const station = (
  id: string,
  kind: Station['kind'],
  [at, width, inside, outside]: readonly [number, number, number, number],
  rest: Partial<Station> = {},
): Station => ({ id, kind, name: id, at, width, inside, outside, partId: 'block', ...rest });

const block = (...stations: readonly Station[]): Unit => ({
  id: 'u',
  name: 'Block',
  description: '',
  parts: [
    {
      id: 'block',
      name: 'Block',
      kind: 'case',
      material: 'greyIron',
      mass: 14,
      area: 0.3,
      wall: 9,
    },
    {
      id: 'shaft',
      name: 'Shaft',
      kind: 'shaft',
      material: 'carbonSteel',
      mass: 3,
      area: 0.05,
      wall: null,
    },
  ],
  axes: [
    {
      id: 'axis',
      name: 'Axis',
      arrangement: 'plainThrust',
      sets: [],
      stations: [
        station('journal', 'shaftStep', [-20, 90, 0, 28], { partId: 'shaft' }),
        station('boss', 'housing', [0, 40, 32, 60]),
        ...stations,
      ],
    },
  ],
});

const BUSH = station('bush', 'bush', [8, 20, 28, 32], {
  wayIn: 'right',
  depth: 8,
  linesUp: 'oilHole',
  oilHole: 4,
  feedHole: 4,
  material: 'bronze',
  clearanceLeast: 0.02,
  clearanceMost: 0.05,
});

class Pressed extends Bench {
  size(stationId: string, feature: SizeFeature, ...values: readonly number[]): this {
    const places =
      values.length === 1
        ? ['gap']
        : ['outer-0', 'outer-60', 'outer-120', 'inner-0', 'inner-60', 'inner-120'];
    values.forEach((value, at) =>
      this.record({
        type: 'SizeMeasured',
        data: {
          stationId,
          feature,
          place: places[at]!,
          value,
          typed: null,
          instrument: HABITS.instrument,
        },
      }),
    );
    return this;
  }
  step(id: string) {
    return compilePlan(this.state).steps.find((one) => one.id === id);
  }
  figure(id: string, name: string) {
    return this.step(id)?.figures.find((one) => one.name === name);
  }
  now(id: string): Station {
    return this.state.unit!.axes[0]!.stations.find((one) => one.id === id)!;
  }
}

describe('a bush that is pressed in', () => {
  const measured = () =>
    new Pressed(block(BUSH))
      .size('bush', 'housingBore', ...Array<number>(6).fill(32.01))
      .size('bush', 'ringOutside', 32.05, 32.05, 32.05)
      .size('bush', 'ringBore', 28.06, 28.06, 28.06)
      .size('bush', 'journal', ...Array<number>(6).fill(28));

  test('should be measured against its housing, marked before it is started, gauged and judged after', () => {
    const ids = compilePlan(new Pressed(block(BUSH)).state).steps.map(({ id }) => id);
    const order = [
      'pull:bush',
      'measureHousing:bush',
      'inspect:bush',
      'newPart:bush',
      'measureNew:bush',
      'fitOuter:bush',
      'markLine:bush',
      'seatOuter:bush',
      'checkSeat:bush',
      'gauge:bush',
    ];
    expect(ids.filter((id) => order.includes(id))).toEqual(order);
  });

  test('should have its bore and clearance told ahead from its fit, and its force', () => {
    const bench = measured();
    const ahead = pressedBore(bench.state, bench.now('bush'))!;
    // 0.04 mm of press, of which 0.021/0.027 to 0.026/0.033 goes to the bore by thick rings: about 0.031.
    expect(ahead.closes.least).toBeLessThan(0.033);
    expect(ahead.closes.most).toBeGreaterThan(0.03);
    expect(ahead.bore!.least + ahead.closes.most).toBeCloseTo(28.06, 2);
    expect(bench.figure('fitOuter:bush', 'Clearance once pressed in')).toMatchObject({
      word: 'conforms',
    });
    expect(bench.figure('seatOuter:bush', 'Force to press')).toMatchObject({ quantity: 'force' });
    expect(bench.figure('seatOuter:bush', 'Finish its bore to')).toMatchObject({
      least: expect.closeTo(28.02, 2),
      most: expect.closeTo(28.05, 2),
    });
  });

  test('should have no number where nobody said what it is made of', () => {
    const { material: _unsaid, ...bare } = BUSH;
    const bench = new Pressed(block({ ...bare, boreClass: 'H7', outsideClass: 's6' }));
    expect(pressedBore(bench.state, bench.now('bush'))).toBeNull();
    expect(bench.step('seatOuter:bush')!.missing.map(({ field }) => field)).toContain('material');
    expect(ringWaysOut(bench.state, 'bush', 'outer').every(({ force }) => force === null)).toBe(
      true,
    );
    // By its classes the press is known as soon as its material is.
    const known = new Pressed(block({ ...BUSH, boreClass: 'H7', outsideClass: 's6' }));
    expect(known.figure('pull:bush', 'Force to get it out')).toMatchObject({ quantity: 'force' });
    expect(ringWaysOut(known.state, 'bush', 'outer').map(({ id }) => id)).toContain('pressOut');
    expect(ringWaysOut(known.state, 'bush', 'outer').map(({ id }) => id)).not.toContain(
      'splitOuter',
    );
  });

  test('should be put right where a class is none of an outside', () => {
    for (const outsideClass of ['H7', 'X9']) {
      const bench = new Pressed(block({ ...BUSH, boreClass: 'H7', outsideClass }));
      expect(pressedBore(bench.state, bench.now('bush'))).toBeNull();
      expect(bench.step('mend:bush')!.faults.map(({ field }) => field)).toEqual(['outsideClass']);
    }
  });

  test('should be finished to size only where it is proven too close, and then no more', () => {
    const bench = measured().size('bush', 'fittedBore', ...Array<number>(6).fill(28.005));
    expect(bench.step('finishBore:bush')).toBeDefined();
    bench.size('bush', 'fittedBore', ...Array<number>(6).fill(28.035));
    expect(bench.step('finishBore:bush')).toBeUndefined();
  });

  test('should be home only with its oil hole open, which is measured', () => {
    const bench = measured().size('bush', 'seatedDepth', 8.05, 8.04, 8.05);
    const check = () => bench.step('checkSeat:bush')!;
    expect(check().sizes).toEqual(['seatedDepth', 'holeOffset']);
    bench.record({
      type: 'SeatChecked',
      data: { targetId: 'bush', check: 'inLine', good: true },
    });
    bench.size('bush', 'holeOffset', 2);
    // Two circles of 4 mm, half a diameter apart: (2π/3 − √3/2)/π = 39 % (geometry).
    expect(bench.figure('checkSeat:bush', 'Open share of the oil hole')).toMatchObject({
      word: 'doesNotConform',
      least: expect.closeTo(0.391, 2),
    });
    expect(check().status).not.toBe('done');
    bench.size('bush', 'holeOffset', 0.2);
    expect(bench.figure('checkSeat:bush', 'Open share of the oil hole')).toMatchObject({
      word: 'conforms',
    });
    expect(check().figures.some(({ name }) => name === 'Stands proud by')).toBe(true);
    // Pressed in anew, what was measured of the old one says nothing.
    bench.record({ type: 'SeatTried', data: { stationId: 'bush', outcome: 'drewIn' } });
    expect(bench.state.inspection.sizes['bush']).not.toHaveProperty('holeOffset');
    expect(bench.state.inspection.sizes['bush']).not.toHaveProperty('seatedDepth');
    expect(bench.state.inspection.sizes['bush']).toHaveProperty('housingBore');
  });
});

describe('two drawn cups in one bore', () => {
  const cup = (id: string, at: number, rest: Partial<Station> = {}): Station =>
    station(id, 'drawnCup', [at, 12, 25, 32], {
      wayIn: 'right',
      designation: 'HK 2512',
      linesUp: 'nothing',
      ...rest,
    });
  const bench = () => new Pressed(block(cup('near', 2), cup('deep', 19, { depth: 19 })));

  test('should go in the deeper one first, and the shaft be tried through both', () => {
    const ids = compilePlan(bench().state).steps.map(({ id }) => id);
    expect(ids.indexOf('seatOuter:deep')).toBeLessThan(ids.indexOf('seatOuter:near'));
    expect(ids.indexOf('tryLine:axis')).toBeGreaterThan(ids.indexOf('gauge:near'));
    expect(ids).toContain('recordDepth:near');
    expect(ids).not.toContain('recordDepth:deep');
  });

  test('should be as deep as the old one, held against the mark that it ran', () => {
    const found = bench().size('near', 'foundDepth', 2.02, 2, 2.01);
    expect(depthFound(found.state, found.now('near'))).toMatchObject({
      depth: expect.closeTo(2.01, 9),
      byMarks: null,
    });
    // The mark from 23 to 33 mm below a datum 20 mm outside the face: its middle is 8 mm deep, the cup is 12 wide.
    const mark = (near: number, far: number) =>
      found
        .size('near', 'markDatum', -20)
        .size('near', 'markNear', near)
        .size('near', 'markFar', far);
    mark(23, 33);
    const agreed = depthFound(found.state, found.now('near'))!;
    expect(agreed.byMarks!.depth).toBeCloseTo(2, 9);
    // 0.5/√3/√2 = 0.204 mm of the blurred edges, times 1.645 (JCGM 100, rectangular).
    expect(agreed.byMarks!.expanded).toBeCloseTo(1.645 * 0.2041, 2);
    expect(agreed.check!.agrees).toBe(true);
    mark(26, 36);
    const apart = depthFound(found.state, found.now('near'))!;
    expect(apart).toMatchObject({ depth: null, check: { agrees: false } });
    expect(found.figure('readMarks:near', 'So')).toBeDefined();
    expect(found.step('seatOuter:near')!.missing.map(({ field }) => field)).toContain('depth');
  });

  test('should be driven by what ends at its depth, cross-checked over the stack', () => {
    const state = bench().state;
    const driver = { id: 'd', name: 'D', outside: 31.5, bore: 0, nose: 20, noseWithin: 0.02 };
    const spacers = [
      { id: 's', name: 'S', thickness: 1.02, within: 0.03, count: 2, bore: 32, outside: 48 },
    ];
    const told = pressedWith(state, 'deep', 'outer', { drivers: [driver], rods: [], spacers })!;
    expect(told.drivers[0]!.stop).toMatchObject({
      status: 'known',
      ends: expect.closeTo(18.98, 9),
    });
    expect(told.drivers[0]).toMatchObject({ isUsable: true });
    // Forty millimetres too long without a spacer: it would drive it so much too deep.
    const long = { ...driver, nose: 59 };
    const [refused] = pressedWith(state, 'deep', 'outer', {
      drivers: [long],
      rods: [],
      spacers,
    })!.drivers;
    expect(refused).toMatchObject({ isUsable: false, verdict: { fits: true } });
    expect(refused!.make).toBeCloseTo(long.nose - 19, 1);
    // A disc on the whole of its face is right: nothing runs in it yet.
    expect(told.wanted.bore.least).toBe(0);
    const set = bench();
    const built = (length: number) =>
      set.record({
        type: 'StopBuilt',
        data: {
          stationId: 'deep',
          driver,
          pieces: [{ spacer: spacers[0]!, count: 1 }],
          measured: { length, typed: String(length), instrument: HABITS.instrument },
        },
      });
    built(18.99);
    expect(stopSet(set.state, set.now('deep'))!.check!.agrees).toBe(true);
    built(19.3);
    expect(stopSet(set.state, set.now('deep'))!.check!.agrees).toBe(false);
    expect(set.figure('seatOuter:deep', 'Measured over the stack, off by')).toMatchObject({
      word: 'doesNotConform',
    });
    expect(set.state.log.ignored).toEqual([]);
  });
});
