import { verdictOf } from '../job/index.ts';
import { judgedFigures } from './judgedFigures.ts';
import { rollingVerdict } from './torqueProgress.ts';
import { RULE_IDS } from './ruleIds.ts';
import { RULES } from './rules/rules.ts';
import { Bench, piece, unitOf } from './tests/bench.ts';

/** Two tapered rollers under a cover with bolts; the pack as found gives a play in band. */
function booked(kinds: readonly ('endPlay' | 'backlash' | 'rollingTorque')[]): Bench {
  const unit = unitOf('coverShims');
  const axes = unit.axes.map((axis) => ({ ...axis, sets: kinds }));
  return new Bench({ ...unit, axes }, 'overhaul');
}
const shims = (bench: Bench) => bench.axis.stations.find(({ kind }) => kind === 'shimSite')!.id;
const bolts = (bench: Bench) => bench.axis.stations.find(({ kind }) => kind === 'bolts')!.id;
const tick = (bench: Bench, stepId: string) =>
  bench.record({ type: 'StepDone', data: { stepId, note: '' } });
/** Whether the figure of an axis that sets one is within its limits, read after all that can move it. */
const isProven = (bench: Bench): boolean => {
  const [kind] = bench.axis.sets;
  const judged = judgedFigures(bench.state, bench.axis)[kind!];
  return judged?.asBuilt === true && judged.word === 'conforms';
};
const figureRead = (bench: Bench, value: number) =>
  bench.record({
    type: 'FigureTaken',
    data: { specId: 'backlash', stage: 'final', value, typed: null },
  });

describe('a play in band', () => {
  const measured = () => {
    const bench = booked(['endPlay']).band('endPlay', 0.1, 0.18);
    bench.record({ type: 'PackRecorded', data: { siteId: shims(bench), pieces: piece(1) } });
    return bench.run(0.14);
  };

  test('should not be proven by a trial before the cover is at its torque', () => {
    const bench = measured();
    expect(bench.stage).toBe('prove');
    expect(isProven(bench)).toBe(false);
    tick(bench, `torque:${bolts(bench)}`);
    expect(isProven(bench)).toBe(false);
    bench.run(0.14, 'endPlay', 'final');
    expect(isProven(bench)).toBe(true);
    expect(bench.stage).toBe('proven');
  });

  test('should lose its proof when anything it depends on is moved, and have it again from a run', () => {
    const bench = measured();
    tick(bench, `torque:${bolts(bench)}`);
    bench.run(0.14, 'endPlay', 'final');
    for (const move of [
      () => bench.pack(shims(bench), 1.002),
      () => tick(bench, `torque:${bolts(bench)}`),
      () => tick(bench, `loosen:${bolts(bench)}`),
      () => tick(bench, 'takeOutShaft:shaft'),
    ]) {
      expect(isProven(bench)).toBe(true);
      move();
      expect(isProven(bench)).toBe(false);
      tick(bench, `torque:${bolts(bench)}`);
      bench.run(0.14, 'endPlay', 'final');
    }
    expect(isProven(bench)).toBe(true);
  });

  test('should be proven where the bolts are set aside, and by the last act undone', () => {
    const bench = measured();
    const stepId = `torque:${bolts(bench)}`;
    bench.record({ type: 'StepSetAside', data: { stepId, reason: 'Glued, not bolted' } });
    bench.run(0.14, 'endPlay', 'final');
    expect(isProven(bench)).toBe(true);
    tick(bench, 'takeOutShaft:shaft');
    expect(isProven(bench)).toBe(false);
    bench.record({ type: 'Undone', data: { eventId: bench.events.at(-1)!.id } });
    expect(isProven(bench)).toBe(true);
  });

  test('should not be proven by a tick from before something was moved', () => {
    const bench = booked(['endPlay']).band('endPlay', -0.08, -0.02);
    tick(bench, 'provePreload:axis:endPlay');
    expect(bench.status('provePreload:axis:endPlay')).toBe('done');
    bench.pack(shims(bench), 1.2);
    expect(bench.status('provePreload:axis:endPlay')).not.toBe('done');
  });
});

describe('a figure that is read off', () => {
  test('should lose its proof when a pack or a bolt is moved after it', () => {
    const bench = booked(['backlash']).record({
      type: 'SpecSet',
      data: {
        specId: 'backlash',
        axisId: 'axis',
        kind: 'backlash',
        band: { lower: 0.1, upper: 0.2, target: null },
        source: 'book',
      },
    });
    figureRead(bench, 0.15);
    expect(isProven(bench)).toBe(true);
    tick(bench, `torque:${bolts(bench)}`);
    expect(isProven(bench)).toBe(false);
    figureRead(bench, 0.15);
    expect(isProven(bench)).toBe(true);
    bench.pack(shims(bench), 1.1);
    expect(isProven(bench)).toBe(false);
  });
});

describe('a rolling torque', () => {
  test('should be read again after what holds the bearings was tightened', () => {
    const bench = booked(['rollingTorque']).band('rollingTorque', 0.7, 1.1);
    for (const value of [0.9, 0.9, 0.9]) bench.torque(value, { stage: 'final' });
    expect(rollingVerdict(bench.state, bench.axis, 'final')).not.toBeNull();
    tick(bench, `torque:${bolts(bench)}`);
    expect(rollingVerdict(bench.state, bench.axis, 'final')).toBeNull();
  });
});

describe('an act that moves one thing', () => {
  test('should leave the proof of what does not depend on it', () => {
    const bench = booked(['endPlay', 'rollingTorque'])
      .band('endPlay', 0.1, 0.18)
      .band('rollingTorque', 0.7, 1.1);
    const seal = bench.axis.stations.find(({ kind }) => kind === 'seal')!.id;
    tick(bench, `torque:${bolts(bench)}`);
    bench.run(0.14, 'endPlay', 'final');
    for (const value of [0.9, 0.9, 0.9]) bench.torque(value, { stage: 'final' });
    const built = () => judgedFigures(bench.state, bench.axis);
    expect(built().endPlay).toMatchObject({ word: 'conforms', asBuilt: true });
    expect(built().rollingTorque).toMatchObject({ value: 0.9, asBuilt: true });
    tick(bench, `fitSeal:${seal}`);
    expect(built().endPlay).toMatchObject({ asBuilt: true });
    expect(built().rollingTorque).toBeUndefined();
    tick(bench, 'takeOutShaft:shaft');
    expect(built().endPlay).toMatchObject({ asBuilt: false });
  });

  test('should be judged once for a state', () => {
    const bench = booked(['endPlay']).band('endPlay', 0.1, 0.18).run(0.14, 'endPlay', 'final');
    const { state, axis } = bench;
    expect(judgedFigures(state, axis)).toBe(judgedFigures(state, axis));
    expect(verdictOf(state, state.measured.runs[0]!)).toBe(
      verdictOf(state, state.measured.runs[0]!),
    );
  });
});

test('every rule of the plan has its id in the table, once, and so have steps of one’s own', () => {
  const ids = [...RULES.map(({ id }) => id), 'ownStep' as const];
  expect(ids.toSorted()).toEqual([...RULE_IDS].toSorted());
});
