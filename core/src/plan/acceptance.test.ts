import { judgedFigures } from './judgedFigures.ts';
import { compilePlan } from './compilePlan.ts';
import { Bench, piece, unitOf } from './tests/bench.ts';

const PROVE = 'prove:axis:endPlay';
const idOf = (bench: Bench, kind: string) =>
  bench.axis.stations.find((station) => station.kind === kind)!.id;
const accept = (bench: Bench, specId = 'endPlay') =>
  bench.record({
    type: 'FigureAccepted',
    data: { specId, name: 'Edda Holm', reason: 'One hundredth over, seen by the owner' },
  });

/** Two tapered rollers under a cover, measured a little beyond the band. */
function beyond(): Bench {
  const bench = new Bench(unitOf('coverShims'), 'overhaul').band('endPlay', 0.1, 0.18);
  bench.record({
    type: 'PackRecorded',
    data: { siteId: idOf(bench, 'shimSite'), pieces: piece(1) },
  });
  return bench.run(0.2);
}

describe('a figure that is accepted outside its limits', () => {
  test('should want no other pack, but its proof as built, and be told at its steps', () => {
    const bench = beyond();
    expect(bench.stage).toBe('choose');
    accept(bench);
    expect(bench.stage).toBe('prove');
    bench.record({
      type: 'StepDone',
      data: { stepId: `torque:${idOf(bench, 'bolts')}`, note: '' },
    });
    expect(bench.status(PROVE)).not.toBe('done');
    bench.run(0.2, 'endPlay', 'final');
    expect(bench.stage).toBe('choose'); // what is read anew is judged anew
    accept(bench);
    expect(bench.stage).toBe('proven');
    const judged = judgedFigures(bench.state, bench.axis).endPlay;
    expect(judged).toMatchObject({
      word: 'doesNotConform',
      asBuilt: true,
      accepted: { name: 'Edda Holm' },
    });
    const step = compilePlan(bench.state).steps.find(({ id }) => id === PROVE)!;
    expect(step.figures).toContainEqual(
      expect.objectContaining({ text: 'by Edda Holm: One hundredth over, seen by the owner' }),
    );
  });

  test('should not be accepted any more when its limits change, nor before anything was read', () => {
    const bench = beyond();
    accept(bench);
    bench.band('endPlay', 0.1, 0.15);
    expect(bench.stage).toBe('choose');
    const unread = new Bench(unitOf('coverShims'), 'overhaul').band('endPlay', 0.1, 0.18);
    accept(unread);
    expect(unread.state.log.ignored.map(({ reason }) => reason)).toEqual([
      'no end play was read yet',
    ]);
    accept(unread, 'nothing');
    expect(unread.state.log.ignored).toHaveLength(2);
  });
});
