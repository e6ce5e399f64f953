import { nextAction } from './nextAction.ts';
import { isProvenPlay, playStage, playVerdict } from './playProgress.ts';
import { Bench, DIAL, piece, unitOf } from './tests/bench.ts';

const GAUGE = { ...DIAL, id: 'g', name: 'Depth gauge', range: 150 };
const chain = (stack: number) => [
  { name: 'case', length: 61.5, takes: false },
  { name: 'cover', length: 4, takes: false },
  { name: 'stack', length: stack, takes: true },
];
const worked = (stack: number) => ({
  type: 'PlayWorkedOut' as const,
  data: { runId: `depths-${stack}`, specId: 'endPlay', instrument: GAUGE, lengths: chain(stack) },
});
/** Cover shims, 1 mm in; the play is to be 0.10 to 0.18. */
const bench = () =>
  new Bench(unitOf('coverShims'))
    .band('endPlay', 0.1, 0.18)
    .record({ type: 'PackRecorded', data: { siteId: 'shims', pieces: piece(1) } });
const axisOf = (one: Bench) => one.state.unit!.axes[0]!;

describe('a play that is worked out from depths', () => {
  test('should be what a pack is chosen after, with no run taken', () => {
    const one = bench().record(worked(65.2));
    expect(playVerdict(one.state, 'endPlay')!.value.mean).toBeCloseTo(0.3, 12);
    expect(playStage(one.state, axisOf(one))).toBe('choose');
    expect(nextAction(one.state)).toMatchObject({ kind: 'choosePack', site: { id: 'shims' } });
  });

  test('should never prove a play, within limits though it is', () => {
    const one = bench().record(worked(65.36));
    const [spec] = one.state.specs;
    expect(playVerdict(one.state, 'endPlay')!.decision.word).toBe('conforms');
    expect(isProvenPlay(one.state, axisOf(one), spec!)).toBe(false);
    expect(playStage(one.state, axisOf(one))).toBe('prove');
  });

  test('should say nothing of the build once another pack is in', () => {
    const one = bench()
      .record(worked(65.2))
      .record({
        type: 'PackChosen',
        data: { siteId: 'shims', pieces: piece(0.84), runId: 'depths-65.2' },
      })
      .record({ type: 'PackFitted', data: { siteId: 'shims', pieces: piece(0.84) } });
    expect(playVerdict(one.state, 'endPlay')).toBeNull();
    expect(playStage(one.state, axisOf(one))).toBe('prove');
  });

  test.each([
    ['a spec that is none', { specId: 'none' }],
    ['the same id again', { runId: 'depths-65.2' }],
  ])('should change nothing with %s', (_, change) => {
    const before = bench().record(worked(65.2));
    const { runs } = before.state.measured;
    const { data, type } = worked(65.1);
    before.record({ type, data: { ...data, ...change } });
    expect(before.state.measured.runs).toEqual(runs);
  });
});
