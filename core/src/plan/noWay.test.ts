import { at, madeUnit, SHUT_IN } from '../course/tests/madeUnit.ts';
import { EMPTY_JOB, type JobState } from '../job/index.ts';
import { drawsFrom, randomUnit } from '../draws/index.ts';
import { SIZE_NAMES, type Station, type Unit } from '../unit/index.ts';
import { compilePlan } from './compilePlan.ts';
import { noWayIn } from './noWay.ts';
import { Bench } from './tests/bench.ts';

/** A unit in which a sound seal stands beside what is shut in. */
const WITH_CAP: Unit = {
  ...SHUT_IN,
  axes: SHUT_IN.axes.map((axis) => ({
    ...axis,
    stations: [
      ...axis.stations,
      at(['cap', 'seal', 'case'], [60, 66], [20, 40], { wayIn: 'left' }),
    ],
  })),
};
const drawn = (unit: Unit, isDrawn: (station: Station) => boolean): Unit => ({
  ...unit,
  axes: unit.axes.map((axis) => ({
    ...axis,
    stations: axis.stations.map((one) => (isDrawn(one) ? { ...one, drawn: SIZE_NAMES } : one)),
  })),
});
const stateOf = (unit: Unit): JobState => ({
  ...EMPTY_JOB,
  unit,
  sheet: { ...EMPTY_JOB.sheet, scope: 'overhaul' },
});
const planOf = (unit: Unit) => compilePlan(new Bench(unit, 'overhaul').state);

describe('what has no way in', () => {
  test('should be told with what is in its way, and the rest be planned', () => {
    const { steps } = planOf(WITH_CAP);
    const told = steps.filter(({ rule }) => rule === 'findWay').flatMap(({ faults }) => faults);
    expect(told.map(({ wanted }) => wanted)).toContainEqual({
      id: 'wayPast',
      moving: 'lip',
      other: 'wall-r',
      between: ['lip', 'wall-r'],
    });
    expect(steps.map(({ id }) => id)).toContain('fitSeal:cap');
    // What is told is planned as if it passed; told once that it does, nothing is open any more.
    expect(steps.map(({ id }) => id)).toContain('fitSeal:lip');
    const bench = new Bench(WITH_CAP, 'overhaul').record({
      type: 'StepSetAside',
      data: { stepId: 'findWay:lip', reason: 'A plug in the wall' },
    });
    expect(compilePlan(bench.state).steps.find(({ id }) => id === 'findWay:lip')).toMatchObject({
      status: 'setAside',
    });
  });

  test('should not be said where only a drawing shuts it in: it is planned as if it passed', () => {
    const { steps } = planOf(drawn(WITH_CAP, ({ id }) => id !== 'lip' && id !== 'cap'));
    expect(steps.filter(({ rule }) => rule === 'findWay')).toEqual([]);
    expect(steps.map(({ id }) => id)).toContain('fitSeal:lip');
  });

  test('should say nothing of what passes', () => {
    const open = madeUnit({ case: 'case' }, [
      at(['wall', 'housing', 'case'], [0, 20], [40, 90]),
      at(['seal', 'seal', 'case'], [12, 20], [25, 40], { wayIn: 'left' }),
    ]);
    expect(noWayIn(stateOf(open), open)).toEqual([]);
  });

  test('should never be known of a unit of which no size is known', () => {
    for (let seed = 1; seed <= 120; seed += 1) {
      const unit = drawn(randomUnit(drawsFrom(seed)), () => true);
      const known = noWayIn(stateOf(unit), unit).filter((one) => !one.drawn);
      expect([seed, known]).toEqual([seed, []]);
    }
  });
});
