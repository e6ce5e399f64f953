import { drawsFrom, randomUnit } from '../draws/index.ts';
import { Recorder } from '../job/tests/recorder.ts';
import { MEDIA, timeConstant } from '../thermal/index.ts';
import type { Part, Unit } from '../unit/index.ts';
import { heatNow } from './heatNow.ts';
import { jobHeat } from './jobHeat.ts';
import { partBody, partEstimate } from './partEstimate.ts';
import { HALVES } from './tests/halvesBench.ts';

const GAUGE = { id: 'g', name: 'g', graduation: 0.001, calibrationUncertainty: 0.001, range: 1 };
const LEFT = HALVES.parts.find(({ id }) => id === 'half-left')!;
const withLeft = (change: Partial<Part>): Unit => ({
  ...HALVES,
  parts: HALVES.parts.map((part) => (part.id === LEFT.id ? { ...part, ...change } : part)),
});
const partOf = (unit: Unit) => unit.parts.find(({ id }) => id === LEFT.id)!;
const AIR = MEDIA.stillAir.transfer;

describe('a part whose weight and surface nobody knows', () => {
  test('should weigh what a wall of its material weighs over half its surface', () => {
    // Grey iron, 7150 kg/m³: 8 mm over 0.5 m² of one face, 1 m² of both, is 28.6 kg.
    const unit = withLeft({ material: 'greyIron', mass: null, area: 1, wall: 8 });
    const { body, isWallKnown } = partEstimate(unit, partOf(unit))!;
    expect(body.mass).toBeCloseTo(28.6, 6);
    expect(isWallKnown).toBe(true);
    const weighed = withLeft({ material: 'greyIron', mass: 28.6, area: null, wall: 8 });
    expect(partEstimate(weighed, partOf(weighed))!.body.area).toBeCloseTo(1, 6);
  });

  test('should be unsurer where its wall is a guess too, and not be guessed at all without anything in it', () => {
    const guessed = withLeft({ mass: null, area: null, wall: null });
    const known = withLeft({ mass: null, area: null, wall: 6 });
    expect(partEstimate(guessed, partOf(guessed))!.spread).toBeGreaterThan(
      partEstimate(known, partOf(known))!.spread,
    );
    const empty = { ...guessed, axes: guessed.axes.map((axis) => ({ ...axis, stations: [] })) };
    expect(partEstimate(empty, partOf(empty))).toBeNull();
    const unnamed = withLeft({ mass: null, area: null, material: null });
    expect(partEstimate(unnamed, partOf(unnamed))).toBeNull();
  });

  test('should cool as fast and warm as slowly as its wall allows', () => {
    const unit = withLeft({ mass: null, area: null, wall: null });
    const tau = (as: 'cools' | 'warms' | 'follows') =>
      timeConstant(partBody(unit, partOf(unit), as)!, AIR);
    const { spread } = partEstimate(unit, partOf(unit))!;
    expect(tau('warms') / tau('follows')).toBeCloseTo(spread, 9);
    expect(tau('follows') / tau('cools')).toBeCloseTo(spread, 9);
    // As described it is what it is, whichever way it is asked.
    expect(partBody(HALVES, LEFT, 'cools')).toEqual(partBody(HALVES, LEFT, 'warms'));
  });

  test('should have its heat planned: a shorter window, a longer soak', () => {
    const planOf = (unit: Unit) => {
      const log = new Recorder(unit);
      for (const place of ['outer-0', 'outer-60', 'inner-0'])
        log.add('SizeMeasured', {
          stationId: 'bearing-left',
          feature: 'bore',
          place,
          value: 51.985,
          typed: null,
          instrument: GAUGE,
        });
      return jobHeat(log.state, partOf(unit), { oven: 100, rings: 20 });
    };
    const guessed = withLeft({ mass: null, area: null });
    const estimate = partEstimate(guessed, partOf(guessed))!;
    const told = planOf(withLeft({ mass: estimate.body.mass, area: estimate.body.area }));
    const safe = planOf(guessed);
    expect(told.estimate).toBeNull();
    expect(safe.estimate).toEqual(estimate);
    expect(safe.plan!.soak).toBeGreaterThan(1.2 * told.plan!.soak);
    const last = ({ plan }: typeof safe) => plan!.seats[0]!.window.lastSafe!;
    expect(last(safe)).toBeLessThan(last(told));
  });

  test('should leave no part of any unit without an answer, however it is described', () => {
    let estimated = 0;
    for (let seed = 1; seed <= 250; seed += 1) {
      const unit = randomUnit(drawsFrom(seed));
      const { state } = new Recorder(unit);
      if (state.unit === null) continue;
      for (const part of state.unit.parts) {
        const bare = { ...part, mass: null, area: null };
        const slow = partBody(unit, bare, 'warms');
        if (slow !== null) {
          estimated += 1;
          expect(timeConstant(slow, AIR)).toBeGreaterThan(0);
        }
        for (const one of [part, bare, { ...bare, mass: 4999 }, { ...bare, area: 50 }]) {
          expect(() => jobHeat(state, one)).not.toThrow();
          expect(() => heatNow(state, one, '2026-12-01T08:00:00.000Z')).not.toThrow();
        }
      }
    }
    expect(estimated).toBeGreaterThan(50);
  });
});
