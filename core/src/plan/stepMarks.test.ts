import { NARROW, WIDE, drawStep } from '../drawing/index.ts';
import { buildableUnit, howMany } from '../draws/index.ts';
import type { JobState } from '../job/index.ts';
import { UNIT_TEMPLATES, type Station, type Unit, type UnitTemplate } from '../unit/index.ts';
import { compilePlan } from './compilePlan.ts';
import { stepMarks } from './stepMarks.ts';
import { stepPicture } from './stepPicture.ts';
import { Bench, unitOf } from './tests/bench.ts';

const DRAWN = howMany('WENDAXIS_TRIALS', 24);

/** A unit of a template with more said of one of its stations. */
function described(template: UnitTemplate, id: string, more: Partial<Station>): Unit {
  const unit = unitOf(template);
  return {
    ...unit,
    axes: unit.axes.map((axis) => ({
      ...axis,
      stations: axis.stations.map((one) => (one.id === id ? { ...one, ...more } : one)),
    })),
  };
}
function marksAt(state: JobState, id: string) {
  const { steps } = compilePlan(state);
  const step = steps.find((one) => one.id === id)!;
  return stepMarks(state, step, stepPicture(state, step, steps)!);
}
const overhaul = (unit: Unit) => new Bench(unit, 'overhaul');

describe('what the picture of a step says of the work', () => {
  test('should name the faces of a seal, how deep it goes and that only its outer edge is pushed', () => {
    const unit = described('pinionSleeve', 'seal-right', { lip: 'left', depth: 1.5 });
    const marks = marksAt(overhaul(unit).state, 'fitSeal:seal-right');
    expect(marks.faces).toEqual([
      { stationId: 'seal-right', side: 'left', words: 'lip and spring' },
    ]);
    expect(marks.depth).toEqual({ stationId: 'seal-right', side: 'right', value: 1.5 });
    expect(marks.force).toEqual({
      stationId: 'seal-right',
      ring: 'outer',
      side: 'right',
      pulls: false,
    });
  });

  test.each([
    [{ depthRule: 'flush', depth: 2 }, 0],
    [{ depthRule: 'shoulder', boreDepth: 9, width: 7 }, 2],
    [{ depthRule: 'setDepth' }, null],
  ] as const)('should say the depth of a seal with %j', (more, depth) => {
    const unit = described('pinionSleeve', 'seal-right', more);
    const marks = marksAt(overhaul(unit).state, 'fitSeal:seal-right');
    expect(marks.depth?.value ?? null).toBe(depth);
  });

  test('should put the force on the outer ring in a bore and on the inner ring on a shaft', () => {
    const { state } = overhaul(unitOf('pinionSleeve'));
    expect(marksAt(state, 'seatOuter:bearing-left').force?.ring).toBe('outer');
    expect(marksAt(state, 'seatInner:bearing-left').force?.ring).toBe('inner');
  });

  test.each([
    ['outer', 'outer'],
    ['inner', 'inner'],
    ['both', undefined],
  ] as const)('should pull a bearing whose tight ring is %s by the ring %s', (tightRing, ring) => {
    const unit = described('crankcaseHalves', 'bearing-left', { tightRing });
    const { force } = marksAt(overhaul(unit).state, 'pull:bearing-left');
    expect(force?.ring).toBe(ring);
    expect(force?.pulls ?? true).toBe(true);
  });

  /** Forces that take hold of the wrong ring, or of what slides off by hand. */
  function wrongForces(unit: Unit): readonly string[] {
    const { state } = overhaul(unit);
    const { steps } = compilePlan(state);
    return steps.flatMap((step) => {
      const picture = stepPicture(state, step, steps);
      const force = picture === null ? null : stepMarks(state, step, picture).force;
      if (force === null) return [];
      const { id, how, on } = step;
      const isOther =
        (on.includes(`${force.stationId}:cup`) && force.ring === 'inner') ||
        (on.includes(`${force.stationId}:cone`) && force.ring === 'outer');
      // A ring that is pushed by hand may still be held to one face.
      const byHand = force.pulls && /by hand/u.test(how);
      return isOther || byHand ? [`${id} ${force.ring}: ${how}`] : [];
    });
  }

  test.each(UNIT_TEMPLATES)(
    'should take hold of the ring that moves, and of nothing that slides off by hand: %s',
    (template) => {
      expect(wrongForces(unitOf(template))).toEqual([]);
    },
  );

  test('should do so in units that nobody designed', () => {
    for (let seed = 1; seed <= DRAWN; seed += 1)
      expect(wrongForces(buildableUnit(seed).unit)).toEqual([]);
  });

  test('should hold what is pushed into at its far end, and what is pulled or pressed out of where it comes out', () => {
    const drawn = (template: UnitTemplate, id: string, unit = unitOf(template)) => {
      const { state } = overhaul(unit);
      const { steps } = compilePlan(state);
      const step = steps.find((one) => one.id === id)!;
      const picture = stepPicture(state, step, steps)!;
      const marks = stepMarks(state, step, picture);
      const force = { ...marks.force!, words: 'force', support: 'hold' };
      const { forces, supports } = drawStep(picture.axis, picture.stations, {
        ...marks,
        dimension: null,
        notes: [],
        force,
      });
      const to = Math.sign(forces[0]!.to.x - forces[0]!.from.x);
      return { to, heldBeyond: Math.sign(supports[0]!.from.x - forces[0]!.from.x), marks };
    };
    const pushed = drawn('pinionSleeve', 'seatOuter:bearing-left');
    expect(pushed.heldBeyond).toBe(pushed.to);
    const tight = described('crankcaseHalves', 'bearing-left', { tightRing: 'outer' });
    const pulled = drawn('crankcaseHalves', 'pull:bearing-left', tight);
    expect(pulled.marks.force?.pulls).toBe(true);
    const out = drawn('bushAndSeal', 'pull:bush');
    expect(out.marks.force).toMatchObject({ ring: 'whole', pulls: false });
    expect(out.heldBeyond).toBe(out.to);
  });

  test('should tell what is hot and what is cold by the way that was chosen', () => {
    const bench = overhaul(unitOf('crankcaseHalves'));
    const hotOf = (way: string) =>
      marksAt(
        bench.record({
          type: 'WayChosen',
          data: { stationId: 'bearing-left', ring: 'outer', way, pressRating: 50_000 },
        } as never).state,
        'seatOuter:bearing-left',
      );
    const both = hotOf('ovenAndFreezer');
    expect([both.hot.length > 0, both.cold]).toEqual([true, ['bearing-left']]);
    expect(hotOf('ovenOnly').cold).toEqual([]);
    const pressed = hotOf('coldPress');
    expect([pressed.hot, pressed.cold]).toEqual([[], []]);
  });

  test('should have the bolts in their order, where their number and pattern are known', () => {
    const unit = described('crankcaseHalves', 'bolts', { count: 6, pattern: 'circle' });
    expect(marksAt(overhaul(unit).state, 'torque:bolts').bolts?.order).toEqual([1, 4, 2, 5, 3, 6]);
    const unknown = described('crankcaseHalves', 'bolts', { count: undefined, pattern: undefined });
    expect(marksAt(overhaul(unknown).state, 'torque:bolts').bolts).toBeNull();
  });

  test.each(UNIT_TEMPLATES)(
    'should lie within the picture at every step of %s, wide or narrow',
    (of) => {
      const { state } = overhaul(unitOf(of));
      const { steps } = compilePlan(state);
      for (const step of steps) {
        const picture = stepPicture(state, step, steps);
        if (picture === null) continue;
        const marks = stepMarks(state, step, picture);
        const force =
          marks.force === null ? null : { ...marks.force, words: 'push', support: 'hold' };
        const notes = marks.faces.map((face) => face);
        const dimension = marks.depth === null ? null : { ...marks.depth, words: '2.00 mm' };
        for (const layout of [WIDE, NARROW]) {
          const drawing = drawStep(
            picture.axis,
            picture.stations,
            { ...marks, notes, force, dimension },
            layout,
          );
          const { box, unit, forces } = drawing;
          expect((box.right - box.left) / unit).toBeCloseTo(layout.across, 6);
          for (const { text } of drawing.notes) {
            expect(text.x).toBeGreaterThanOrEqual(box.left);
            expect(text.y).toBeLessThanOrEqual(box.top);
          }
          expect(forces).toHaveLength(force === null ? 0 : 2);
          for (const { from, to } of forces) expect(Math.sign(from.y)).toBe(Math.sign(to.y));
        }
      }
    },
  );
});

test('a ring that goes to a shoulder says the gap it may have there, at its far face where that is known', () => {
  const { state } = overhaul(unitOf('coverShims'));
  const { steps } = compilePlan(state);
  const gaps = steps.flatMap((step) => {
    const picture = stepPicture(state, step, steps);
    const gap = picture === null ? null : stepMarks(state, step, picture).gap;
    return gap === null
      ? []
      : [
          {
            rule: step.rule,
            ...gap,
            from: picture!.stations.find(({ station }) => station.id === gap.stationId)!.side,
          },
        ];
  });
  expect(new Set(gaps.map(({ rule }) => rule))).toEqual(new Set(['seatInner', 'checkCone']));
  // Common practice, no source: a ring is home where a feeler of 0.03 mm does not enter.
  for (const { most, side, from } of gaps) {
    expect(most).toBe(0.03);
    expect(side).not.toBe(from ?? 'nowhere');
  }
  expect(gaps.some(({ rule, side }) => rule === 'seatInner' && side !== null)).toBe(true);
});
