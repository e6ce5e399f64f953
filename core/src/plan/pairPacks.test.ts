import { jointPacks, type ShimSize } from '../shims/index.ts';
import { pairUnit } from '../simulate/index.ts';
import { withStation, type Unit } from '../unit/index.ts';
import { carrierPacks } from './carrierPacks.ts';
import { chosenFigures } from './chosenFigures.ts';
import { compilePlan } from './compilePlan.ts';
import { actionFor } from './nextAction.ts';
import { pairNow } from './pairNow.ts';
import { pairPacks } from './pairPacks.ts';
import { settersOf } from '../setters/index.ts';
import { isCrushed } from './sleeveProgress.ts';
import { DEPTH, DIAL, GEAR, OTHER, Pair } from './tests/pairBench.ts';

/** Shims in hundredths, and pieces of a millimetre. */
const BOX: readonly ShimSize[] = [
  ...Array.from({ length: 30 }, (_, at) => Number((0.1 + 0.01 * at).toFixed(2))),
  1,
].map((thickness) => ({ id: `s${thickness}`, thickness, count: 6, uncertainty: 0.001 }));

/** A pinion whose depth shim lies behind the head cup, with shims between its cones that set its play. */
function behindTheCup(): Unit {
  const unit = pairUnit(true);
  const axis = unit.axes[0]!;
  const depth = axis.stations.find(({ id }) => id === DEPTH)!;
  const { detail: _, ...bare } = { ...depth, detail: null };
  const moved = withStation(unit, axis.id, { ...bare, place: 'behindCupInHousing' });
  const both = withStation(moved, axis.id, {
    ...bare,
    id: 'cone-shims',
    name: 'Shims between the cones',
    at: depth.at + 8,
    place: 'betweenClampedCones',
  });
  return {
    ...both,
    axes: both.axes.map((one) =>
      one.id === axis.id ? { ...one, sets: ['depth', 'endPlay', 'rollingTorque'] } : one,
    ),
  };
}

const read = (pair: Pair): Pair => pair.play(0.1).backlash(0.3);
/** A head bearing that is a tenth lower than the one the shim belonged to: the pinion has to come nearer by that. */
const tooFar = (pair: Pair): Pair =>
  pair.add('DepthTaken', {
    meshId: 'mesh',
    method: 'oldShim',
    lengths: { oldShim: 1.3, oldHeight: 21.1, bearingHeight: 21 },
    sign: 'plusLarger',
    instrument: DIAL,
  });
/** The last of two plays at the pinion with the same run names as the carrier's. */
const pinionPlay = (pair: Pair, value: number): Pair =>
  pair
    .add('SpecSet', {
      specId: 'pinionPlay',
      axisId: 'axis',
      kind: 'endPlay',
      band: { lower: -0.08, upper: -0.02, target: null },
      source: 'sheet',
    })
    .pack('cone-shims', 0.5, 'PackRecorded')
    .closedRun('pinionPlay', 'trial', DIAL, value);

const fit = (pair: Pair, packs: Readonly<Record<string, number>>): Pair =>
  Object.entries(packs).reduce((all, [site, thickness]) => all.pack(site, thickness), pair);

describe('packs for all places of a pair', () => {
  test('should not be asked for while the pinion stays, or nothing is known', () => {
    const pair = new Pair();
    expect(pairPacks(pair.state, pair.carrier, BOX)).toBeNull();
    expect(pairPacks(read(pair).state, pair.carrier, BOX)).toBeNull();
  });

  test('should take the depth shim with both sides, and have the pinion’s movement in the backlash', () => {
    const pair = tooFar(read(new Pair()));
    const question = pairPacks(pair.state, pair.carrier, BOX)!;
    expect(question.specs.map(({ id }) => id)).toEqual(['depth', 'endPlay', 'backlash']);
    expect(question.sites.map(({ id }) => id)).toEqual([DEPTH, GEAR, OTHER]);
    const { choices, status } = jointPacks(question);
    expect(status).toBe('found');
    const packs = Object.fromEntries(
      choices[0]!.packs.map(({ siteId, thickness }) => [siteId, thickness]),
    );
    expect(packs[DEPTH]).toBeCloseTo(1.4, 9);
    // Carried on by the fold, once they are in: the same figures as the choice foresaw.
    const after = pairNow(fit(pair, packs).state, pair.carrier)!;
    const foreseen = Object.fromEntries(
      choices[0]!.expected.map(({ specId, value }) => [specId, value]),
    );
    expect(after.depth!.off!.value).toBeCloseTo(foreseen['depth']!, 6);
    expect(after.play!.value).toBeCloseTo(foreseen['endPlay']!, 6);
    expect(after.backlash!.now.value).toBeCloseTo(foreseen['backlash']!, 6);
    expect(foreseen['backlash']).toBeCloseTo(0.14, 1);
    expect(pair.step.status).not.toBe('refused');
  });

  test('should be the depth shim alone by its marks, where the carrier is set by threaded rings', () => {
    const unit = pairUnit(true);
    const rings: Unit = {
      ...unit,
      axes: unit.axes.map((axis) => ({
        ...axis,
        stations: axis.stations.map((one) =>
          one.id === GEAR || one.id === OTHER
            ? { ...one, kind: 'adjuster', place: 'adjusterCupInwards', lead: 1.5, notches: 30 }
            : one,
        ),
      })),
    };
    const low = { length: -0.1, height: -0.5 };
    const pair = read(new Pair(rings));
    expect(pairPacks(tooFar(pair).state, pair.carrier, BOX)).toBeNull();
    pair.marks(low, low);
    expect(pair.next.pinionBy).toBe('pattern');
    const question = pairPacks(pair.state, pair.carrier, BOX)!;
    expect(question.sites.map(({ id }) => id)).toEqual([DEPTH]);
    const { choices } = jointPacks(question);
    expect(choices[0]!.packs[0]!.thickness).toBeCloseTo(pair.next.wanted.depth!, 2);
  });

  test('should take the shims between the cones with them, where the depth shim takes from the pinion’s play', () => {
    const pair = pinionPlay(tooFar(read(new Pair(behindTheCup()))), 0.04);
    const pinion = pair.state.unit!.axes[0]!;
    expect(settersOf(pinion).map(({ station }) => station.id)).toEqual(['cone-shims']);
    const question = pairPacks(pair.state, pair.carrier, BOX)!;
    expect(question.specs.map(({ id }) => id)).toEqual([
      'depth',
      'pinionPlay',
      'endPlay',
      'backlash',
    ]);
    const { choices, status, wanted } = jointPacks(question);
    expect(status).toBe('found');
    // By hand: 0.1 more behind the cup takes 0.1 of play; the target asks for 0.09 less than 0.04: 0.01 more between the cones.
    expect(wanted['cone-shims']).toBeCloseTo(0.5 + 0.1 - 0.09, 6);
    expect(choices[0]!.expected.every(({ decision }) => decision.word === 'conforms')).toBe(true);
  });

  test('should be fitted one after the other, the depth shim at a step of its own that says what all of it does', () => {
    const pair = tooFar(read(new Pair()));
    const { choices } = jointPacks(pairPacks(pair.state, pair.carrier, BOX)!);
    const runId = pair.state.measured.runs.at(-1)!.runId;
    for (const { siteId, thickness } of choices[0]!.packs)
      pair.add('PackChosen', {
        siteId,
        runId,
        pieces: [{ sizeId: 's', thickness, quantity: 1, uncertainty: 0.001 }],
      });
    const step = () => compilePlan(pair.state).steps.find(({ id }) => id === `fitPack:${DEPTH}`);
    expect(actionFor(pair.state, step()!)).toMatchObject({
      kind: 'fitPack',
      site: { id: DEPTH },
    });
    // The pinion is behind its ring gear: the carrier comes out first.
    const ids = compilePlan(pair.state).steps.map(({ id }) => id);
    const [carrier, nut, pack] = ['liftOff:carrier', 'loosen:nut', `fitPack:${DEPTH}`].map((id) =>
      ids.indexOf(id),
    );
    expect([carrier! >= 0, carrier! < pack!, nut! >= 0, nut! < pack!]).not.toContain(false);
    const depth = pair.state.unit!.axes[0]!.stations.find(({ id }) => id === DEPTH)!;
    expect(chosenFigures(pair.state, depth)).toEqual([
      { kind: 'depth', now: expect.closeTo(0.1, 6), then: expect.closeTo(0, 2) },
      { kind: 'endPlay', now: expect.closeTo(0.1, 6), then: expect.closeTo(-0.08, 1) },
      { kind: 'backlash', now: expect.closeTo(0.3, 1), then: expect.closeTo(0.14, 1) },
    ]);
    pair.pack(DEPTH, 1.4);
    expect(step()).toBeUndefined();
  });

  test('should have the sleeve crushed anew that came out for the depth shim', () => {
    const torque = (pair: Pair, angle: number, read: number): Pair =>
      [0, 1].reduce(
        (all) =>
          all.add('TorqueRead', {
            axisId: 'axis',
            stage: 'crush',
            what: 'bearings',
            angle,
            value: read,
            steady: true,
            nutTorque: null,
            endPlay: null,
            device: null,
            typed: null,
            square: true,
            pull: null,
            tool: {
              id: 'w',
              name: 'w',
              graduation: 0.02,
              calibrationUncertainty: 0.01,
              least: 0.05,
              most: 6,
            },
          }),
        pair,
      );
    const pair = new Pair().add('SpecSet', {
      specId: 'torque',
      axisId: 'axis',
      kind: 'rollingTorque',
      band: { lower: 0.7, upper: 1.1, target: null },
      sealDrag: 'included',
      source: 'sheet',
    });
    torque(torque(pair, 0, 0.2), 60, 0.9);
    const crushed = () => isCrushed(pair.state, pair.state.unit!.axes[0]!);
    expect(crushed()).toBe(true);
    pair.pack(GEAR, 1.6);
    expect(crushed()).toBe(true);
    pair.pack(DEPTH, 1.4);
    expect(crushed()).toBe(false);
  });

  test('should have both sides of the carrier allow for a pinion that is still to be moved', () => {
    const wanted = (pair: Pair) => jointPacks(carrierPacks(pair.state, pair.carrier, BOX)!).wanted;
    const before = wanted(tooFar(read(new Pair())));
    const after = wanted(tooFar(read(new Pair())).pack(DEPTH, 1.4));
    expect(after[GEAR]).toBeCloseTo(before[GEAR]!, 6);
    expect(after[OTHER]).toBeCloseTo(before[OTHER]!, 6);
    expect(before[GEAR]).not.toBeCloseTo(wanted(read(new Pair()))[GEAR]!, 3);
  });
});
