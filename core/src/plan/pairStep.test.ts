import { pairUnit } from '../simulate/index.ts';
import { withoutStation, withStation } from '../unit/index.ts';
import { compilePlan } from './compilePlan.ts';
import { actionFor } from './nextAction.ts';
import { meshAt } from './pairGears.ts';
import { pairNow } from './pairNow.ts';
import { pairTries } from './pairTries.ts';
import { DEPTH, DIAL, GEAR, MIDDLE, OTHER, Pair } from './tests/pairBench.ts';

describe('the next move of a pair', () => {
  test('should say what is missing for it, one after the other', () => {
    const pair = new Pair();
    expect(pair.step).toEqual({ status: 'waits', for: ['play', 'backlash'] });
    expect(pair.play(0.1).step).toEqual({ status: 'waits', for: ['backlash'] });
    expect(pair.backlash(0.3).step.status).toBe('move');
  });

  test('should bring play and backlash to their targets together', () => {
    const { next, carrier, state } = new Pair().play(0.1).backlash(0.3);
    const { ring } = pairNow(state, carrier)!.perMove;
    expect(next.ring).toBeCloseTo((0.14 - 0.3) / ring.value, 6);
    expect(next.total).toBeCloseTo(0.18, 6);
    expect(next.forecast.play!.value).toBeCloseTo(-0.08, 6);
    expect(next.forecast.backlash!.value).toBeCloseTo(0.14, 6);
    expect(next.odds).toBeGreaterThan(0.95);
  });

  test('should come out the same whichever side it was held against', () => {
    const pair = new Pair().play(0.1);
    const { ring } = pairNow(pair.state, pair.carrier)!.perMove;
    const towards = new Pair().play(0.1).backlash(0.3).next.wanted;
    const away = new Pair().play(0.1).backlash(0.3 + 0.1 * ring.value, 'gear').next.wanted;
    expect(away.gear).toBeCloseTo(towards.gear!, 6);
    expect(away.other).toBeCloseTo(towards.other!, 6);
  });

  test('should carry play and backlash on to packs that were fitted since, and know when all is good', () => {
    const pair = new Pair().play(0.1).backlash(0.3);
    const { wanted } = pair.next;
    pair.pack(GEAR, Number(wanted.gear!.toFixed(3))).pack(OTHER, Number(wanted.other!.toFixed(3)));
    const now = pairNow(pair.state, pair.carrier)!;
    expect(now.play!.value).toBeCloseTo(-0.08, 2);
    expect(now.backlash!.current).toBe(false);
    expect(now.backlash!.now.value).toBeCloseTo(0.14, 2);
    expect(pair.backlash(0.14, 'preload').step.status).toBe('inLimits');
  });

  test('should learn the factor in the trial build, held one way and the other, where no angle says it', () => {
    const factor = (pair: Pair) => pairNow(pair.state, pair.carrier)!.perMove;
    const pair = new Pair(pairUnit(false)).play(0.1);
    const how = () =>
      compilePlan(pair.state).steps.find(({ id }) => id === 'readBacklash:carrier-axis:backlash')!
        .how;
    expect(factor(pair).by).toBe('usual');
    expect(how()).toContain('held the other way too');
    // The carrier moved by its play of 0.1 and the backlash by 0.09: 0.9, where 0.77 is usual.
    const read = pair.backlash(0.35, 'gear').backlash(0.26, 'other');
    expect(factor(read)).toMatchObject({ by: 'tries' });
    expect(factor(read).ring.value).toBeCloseTo(0.9, 1);
    expect(factor(read).ring.uncertainty).toBeLessThan(0.06);
    expect(how()).not.toContain('held the other way too');
  });

  test('should learn the factor from a build that came out otherwise than predicted', () => {
    const pair = new Pair().play(0.1).backlash(0.3);
    const before = pairNow(pair.state, pair.carrier)!.perMove;
    const { wanted } = pair.next;
    pair.pack(GEAR, Number(wanted.gear!.toFixed(3))).pack(OTHER, Number(wanted.other!.toFixed(3)));
    pair.backlash(0.1, 'preload');
    const after = pairNow(pair.state, pair.carrier)!.perMove;
    expect(after.by).toBe('tries');
    expect(after.ring.value).toBeGreaterThan(before.ring.value);
    expect(after.ring.uncertainty).toBeLessThan(before.ring.uncertainty);
    expect(pairTries(pair.state, meshAt(pair.state.unit!, pair.carrier)!)).toHaveLength(2);
  });

  test('should choose both packs anew where the backlash came out of its limits, by the play carried on', () => {
    const pair = new Pair().play(0.1).backlash(0.3);
    const { wanted } = pair.next;
    pair.pack(GEAR, Number(wanted.gear!.toFixed(3))).pack(OTHER, Number(wanted.other!.toFixed(3)));
    const choose = () =>
      compilePlan(pair.state).steps.find(({ id }) => id === `choosePack:${GEAR}`)!;
    expect(choose().status).toBe('done');
    pair.backlash(0.06, 'preload');
    expect(choose().status).not.toBe('done');
    expect(actionFor(pair.state, choose())).toMatchObject({
      kind: 'choosePack',
      run: { specId: 'endPlay' },
    });
    expect(pair.next.forecast.backlash!.value).toBeCloseTo(0.14, 6);
    expect(pair.next.forecast.play!.value).toBeCloseTo(-0.08, 2);
  });

  test('should warn where the teeth meet before the bearing does', () => {
    const { step } = new Pair().play(0.1).backlash(0);
    expect(step).toEqual({ status: 'waits', for: ['teethFirst'] });
  });

  test('should say so too where it is held away from the pinion with more play than the backlash leaves room for', () => {
    const held = (play: number) => new Pair().play(play).backlash(0.1, 'gear').step;
    // By the angles of this pair 0.1 mm of backlash is used up by about 0.14 mm of play.
    expect(held(0.3)).toEqual({ status: 'waits', for: ['teethFirst'] });
    expect(held(0.08)).not.toEqual({ status: 'waits', for: ['teethFirst'] });
  });

  test('should say so where a side would come out thinner than nothing', () => {
    expect(new Pair().play(0.1).backlash(2.5).step).toMatchObject({
      status: 'refused',
      fault: { field: 'otherSide' },
    });
  });
});

describe('depth and marks in the next move', () => {
  const known = () => new Pair().play(0.1).backlash(0.3);
  const depth = (
    pair: Pair,
    lengths: Readonly<Record<string, number>>,
    sign: 'plusLarger' | null = 'plusLarger',
  ) =>
    pair.add('DepthTaken', { meshId: 'mesh', method: 'oldShim', lengths, sign, instrument: DIAL });

  test('should move the pinion by its depth, and keep the backlash by the ring gear', () => {
    const pair = depth(known(), { oldShim: 1.3, oldHeight: 21.1, bearingHeight: 21 });
    const { next } = pair;
    expect(next.pinionBy).toBe('depth');
    expect(next.wanted.depth).toBeCloseTo(1.4, 6);
    expect(next.pinion).toBeCloseTo(-0.1, 6);
    expect(next.forecast.backlash!.value).toBeCloseTo(0.14, 6);
    const { perMove } = pairNow(pair.state, pair.carrier)!;
    expect(next.ring).toBeCloseTo(
      (0.14 - 0.3 + 0.1 * perMove.pinion!.value) / perMove.ring.value,
      6,
    );
  });

  test('should ask what a plus means before it moves anything', () => {
    const pair = depth(known(), { oldShim: 1.3, oldEtching: 0, etching: 0.1 }, null);
    expect(pair.step).toEqual({ status: 'waits', for: ['signOfEtching'] });
  });

  test('should let the marks have the last word on the pinion', () => {
    const pair = depth(known(), { oldShim: 1.3, oldHeight: 21.1, bearingHeight: 21 });
    pair.marks({ length: -0.1, height: -0.8 }, { length: -0.1, height: -0.8 });
    expect(pair.next.pinionBy).toBe('pattern');
    expect(pair.next.pinion).toBeGreaterThan(0.05);
    expect(pair.next.wanted.depth).toBeLessThan(1.3);
    // What they overrule is not held against the move that they ask for.
    expect(pair.next.forecast.depth).toBeNull();
    expect(pair.next.odds).toBeGreaterThan(0.5);
    expect(pairNow(pair.state, pair.carrier)!.depth!.decision!.word).toBe('doesNotConform');
    const { steps } = compilePlan(pair.state);
    expect(steps.find(({ rule }) => rule === 'chooseDepth')!.status).toBe('done');
  });

  test('should not move by marks that contradict each other, nor by those of another build', () => {
    const pair = known().marks({ length: 0, height: 0.9 }, { length: 0, height: -0.9 });
    expect(pair.step).toEqual({ status: 'waits', for: ['contradictoryMarks'] });
    pair.pack(DEPTH, 1.4);
    expect(pairNow(pair.state, pair.carrier)!.pattern!.current).toBe(false);
    expect(pair.step.status).toBe('move');
  });

  test('should keep a backlash that is good and marks that are good', () => {
    const pair = known();
    const { wanted } = pair.next;
    pair.pack(GEAR, Number(wanted.gear!.toFixed(3))).pack(OTHER, Number(wanted.other!.toFixed(3)));
    pair.backlash(0.14, 'preload').marks(MIDDLE, MIDDLE);
    expect(pair.step.status).toBe('inLimits');
    expect(pairNow(pair.state, pair.carrier)!.pattern!.verdict.good).toBe(true);
  });
});

describe('a unit whose gears are described anew', () => {
  test('should forget of a mesh what is gone, and the mesh with its ring gear', () => {
    const unit = pairUnit(true);
    expect(withoutStation(unit, 'depth-shim').meshes![0]!.depthAt).toBeNull();
    expect(withoutStation(unit, 'pinion').meshes![0]!.driverId).toBeNull();
    expect(withoutStation(unit, 'carrier-ring-gear').meshes).toEqual([]);
    const side = unit.axes[1]!.stations.find(({ id }) => id === GEAR)!;
    const { place: _, ...bare } = side;
    const spacer = withStation(unit, 'carrier-axis', { ...bare, kind: 'spacer' });
    expect(spacer.meshes![0]!.gearSideAt).toBeNull();
  });

  test('should take a mesh from the drawing where none is described, and say so', () => {
    const { meshes: _, ...unit } = pairUnit(true);
    const of = meshAt(unit, unit.axes[1]!)!;
    expect(of.described).toBe(false);
    expect(of.mesh).toMatchObject({
      driverId: 'pinion',
      drivenId: 'carrier-ring-gear',
      depthAt: DEPTH,
      gearSideAt: GEAR,
      otherSideAt: OTHER,
    });
    expect(meshAt(unit, unit.axes[0]!)!.carrier.id).toBe('carrier-axis');
  });

  test('should leave the log whole when a mesh, a depth or marks name what is not there', () => {
    const pair = new Pair();
    const { meshes } = pair.state.unit!;
    pair.add('MeshDescribed', { mesh: { ...meshes![0]!, id: 'other' } });
    pair.add('MeshDescribed', { mesh: { ...meshes![0]!, drivenId: 'nut' } });
    pair.add('MeshDescribed', { mesh: { ...meshes![0]!, driverId: 'carrier-ring-gear' } });
    pair.add('PatternMarked', { meshId: 'gone', drive: MIDDLE, coast: null });
    pair.add('MeshRemoved', { meshId: 'gone' });
    expect(pair.state.log.ignored).toHaveLength(5);
    expect(pair.state.unit!.meshes).toEqual(meshes);
  });
});

describe('a pair as it came', () => {
  const LOW = { length: 0.6, height: -0.7 };
  const found = () =>
    new Pair().add('PatternMarked', {
      meshId: 'mesh',
      drive: LOW,
      coast: MIDDLE,
      stage: 'asFound',
    });
  const step = (pair: Pair, id: string) =>
    compilePlan(pair.state).steps.find((one) => one.id === id)!;

  test('should have its marks read before anything comes apart', () => {
    const steps = compilePlan(new Pair().state).steps.map(({ id }) => id);
    const at = steps.indexOf('markFound:carrier-axis:backlash');
    expect(at).toBeGreaterThanOrEqual(0);
    expect(at).toBeLessThan(steps.findIndex((id) => /^(?:loosen|liftOff|pull)/u.test(id)));
    expect(step(new Pair(), steps[at]!).status).not.toBe('done');
    expect(step(found(), steps[at]!).status).toBe('done');
  });

  test('should be moved by nothing that was found, and shown beside what is built', () => {
    const pair = found().play(0.1).backlash(0.3);
    const bare = new Pair().play(0.1).backlash(0.3);
    expect(pair.step).toEqual(bare.step);
    const of = meshAt(pair.state.unit!, pair.carrier)!;
    expect(pairNow(pair.state, pair.carrier)!.pattern).toBeNull();
    expect(pairTries(pair.state, of).every(({ pattern }) => pattern === null)).toBe(true);
    const { figures } = step(pair, 'markPattern:carrier-axis:backlash');
    expect(figures.find(({ name }) => name === 'As found')).toMatchObject({
      text: 'drive 60 % to the heel and 70 % to the root; coast 10 % to the toe and middle',
    });
  });

  test('should allow as much round the gear as its limits say', () => {
    const range = (mostRange?: number) => {
      const pair = new Pair().add('SpecSet', {
        specId: 'backlash',
        axisId: 'carrier-axis',
        kind: 'backlash',
        band: { lower: 0.1, upper: 0.3, target: null },
        source: 'sheet',
        ...(mostRange === undefined ? {} : { mostRange }),
      });
      const places = [0.15, 0.18, 0.22, 0.19].map((value, at) => ({
        angle: 90 * at,
        value,
        face: null,
      }));
      pair.play(0.1).add('BacklashRead', {
        specId: 'backlash',
        stage: 'trial',
        held: 'other',
        contact: 'squareToFlank',
        places,
        instrument: DIAL,
      });
      const { verdict } = pairNow(pair.state, pair.carrier)!.backlash!;
      return [verdict.allowedRange, verdict.rangeWord];
    };
    expect(range()).toEqual([0.05, 'doesNotConform']);
    expect(range(0.1)).toEqual([0.1, 'conforms']);
  });
});

describe('a depth that is read more than once', () => {
  const read = (pair: Pair, headToAxis: number, sign: 'plusLarger' | null = 'plusLarger') =>
    pair.add('DepthTaken', {
      meshId: 'mesh',
      method: 'head',
      lengths: { oldShim: 1.3, headToAxis, mountingDistance: 80, etching: 0.05 },
      sign,
      instrument: { ...DIAL, graduation: 0.01, calibrationUncertainty: 0.001 },
    });
  const depth = (pair: Pair) => pairNow(pair.state, pair.carrier)!.depth!;

  test('should be the mean of what agrees, known better with each reading but for what they share', () => {
    const one = depth(read(new Pair(), 80.1));
    const three = depth(read(read(read(new Pair(), 80.1), 80.11), 80.105));
    expect([one.readings, three.readings]).toEqual([1, 3]);
    expect(three.wanted!.value).toBeCloseTo(one.wanted!.value + 0.005, 9);
    // By hand: two lengths that are read, 0.01/√12 and 0.001 each; s = 0.005 is more than √2·0.01/√12.
    expect(one.wanted!.uncertainty).toBeCloseTo(
      Math.SQRT2 * Math.hypot(0.01 / Math.sqrt(12), 0.001),
      9,
    );
    expect(three.wanted!.uncertainty).toBeCloseTo(
      Math.hypot(Math.SQRT2 * 0.001, 0.005 / Math.sqrt(3)),
      9,
    );
  });

  test('should be the last alone where it does not agree with the one before, and say so', () => {
    const pair = read(read(new Pair(), 80.1), 80.2);
    expect(depth(pair)).toMatchObject({ readings: 1, apart: expect.closeTo(0.1, 9) });
    expect(depth(read(pair, 80.2))).toMatchObject({ readings: 2, apart: null });
  });

  test('should begin anew where what is given is another: a new pair, another old shim', () => {
    const pair = read(new Pair(), 80.1).add('DepthTaken', {
      meshId: 'mesh',
      method: 'head',
      lengths: { oldShim: 1.3, headToAxis: 80.1, mountingDistance: 80, etching: -0.05 },
      sign: 'plusLarger',
      instrument: DIAL,
    });
    expect(depth(pair)).toMatchObject({ readings: 1, apart: null });
  });

  test('should count a reading once whose sign was said afterwards', () => {
    expect(depth(read(read(new Pair(), 80.1, null), 80.1)).readings).toBe(1);
  });
});
