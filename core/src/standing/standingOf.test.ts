import { courseOf, modelOf, type Row } from '../course/index.ts';
import { howMany } from '../draws/index.ts';
import { foldJob } from '../job/index.ts';
import { Bench, complete, reel } from '../plan/tests/planOf.ts';
import { UNIT_TEMPLATES } from '../unit/index.ts';
import { goalOf, standingOf } from './index.ts';

const standing = (bench: Bench) => standingOf(bench.state, bench.events);
/** What is still to be done by what is so. */
const course = (bench: Bench) =>
  courseOf(modelOf(bench.state.unit!), goalOf(bench.state), standing(bench));
const moves = (rows: readonly Row[], to: 'out' | 'in') =>
  rows.flatMap(({ move }) => (move?.to === to ? [move.body ?? move.part ?? move.bolts ?? ''] : []));
const halves = () => new Bench(complete(reel('crankcaseHalves')));
const cover = () => new Bench(complete(reel('coverShims')));

/** Templates that are worked through to their end: a third of them, all of them where the long form is asked for. */
const WORKED = UNIT_TEMPLATES.filter((_, n) => howMany('WENDAXIS_TRIALS', 0) > 0 || n % 3 === 0);

describe('what is so by a log', () => {
  test.each(WORKED)(
    'should be a whole unit once %s was worked to its end, of which nothing is asked',
    (template) => {
      const bench = new Bench(complete(reel(template))).work();
      const { place, bad, slack } = standing(bench);
      const { events } = modelOf(bench.state.unit!);
      expect(events.filter((event) => !place.in.has(event))).toEqual([]);
      expect([[...bad], [...slack]]).toEqual([[], []]);
      const { rows, noWay } = course(bench);
      expect([noWay, moves(rows, 'out'), moves(rows, 'in')]).toEqual([[], [], []]);
    },
  );

  test('should have a course at every moment of a job, with what is out in it and what is in left alone', () => {
    const { events } = halves().work();
    for (let count = 1; count <= events.length; count += 3) {
      const so = events.slice(0, count);
      const state = foldJob(so);
      const model = modelOf(state.unit!);
      const now = standingOf(state, so);
      const { rows, noWay } = courseOf(model, goalOf(state), now);
      expect([count, noWay]).toEqual([count, []]);
      const back = new Set(moves(rows, 'in'));
      const missing = model.events
        .filter((event) => !now.place.in.has(event))
        .map((event) => event.slice(event.indexOf(' ') + 1));
      expect([count, missing.filter((id) => !back.has(id))]).toEqual([count, []]);
    }
  });

  test('should open a bearing that is found bad after it was seated and proven, and no other', () => {
    const bench = halves().work();
    bench.add('JobReopened', { reason: 'noise' }).add('InspectionDecided', {
      targetId: 'bearing-right',
      verdict: 'replace',
      repair: null,
      reason: 'rough',
    });
    expect([...standing(bench).bad]).toEqual(['bearing-right:cone', 'bearing-right:cup']);
    const { rows } = course(bench);
    expect(moves(rows, 'out')).toEqual(
      expect.arrayContaining(['bolts', 'half-right', 'bearing-right:cup']),
    );
    expect(moves(rows, 'out')).not.toContain('bearing-left:cup');
    expect(rows.map(({ act }) => act)).toEqual(
      expect.arrayContaining(['compare', 'heat', 'prove']),
    );
  });

  test('should choose a pack anew whose final reading is out of its limits, and leave one that is within', () => {
    const acts = (play: number) => {
      const bench = cover().work('prove');
      const spec = bench.state.specs.find(({ kind }) => kind === 'endPlay')!;
      bench.closedRun(spec.specId, 'final', bench.state.measured.runs[0]!.instrument, play);
      return course(bench).rows.map(({ act }) => act);
    };
    expect(acts(0.3)).toEqual(expect.arrayContaining(['choose', 'fitPack', 'prove']));
    expect(acts(0.14)).not.toContain('choose');
  });

  test('should take out again a ring that stopped half way, until one goes in', () => {
    const bench = halves().work('checkSeat');
    const [id] = Object.keys(bench.state.fitting.tries);
    bench.add('SeatTried', { stationId: id!, outcome: 'stoppedHalfWay' });
    expect([...standing(bench).bad]).toEqual([id]);
    bench.add('SeatTried', { stationId: id!, outcome: 'droppedIn' });
    expect([...standing(bench).bad]).toEqual([]);
  });

  test('should have out again what was ticked off by mistake, over any check, and in what was put back into the log', () => {
    const bench = cover();
    const is = () => standing(bench).place.in.has('in seal-right');
    bench.add('StepDone', { stepId: 'pullSeal:seal-right', note: '' });
    expect(is()).toBe(false);
    bench.add('StepDone', { stepId: 'fitSeal:seal-right', note: '' });
    expect(is()).toBe(true);
    const done = bench.events.at(-1)!.id;
    bench.add('Undone', { eventId: done });
    expect(is()).toBe(false);
    bench.add('Undone', { eventId: bench.events.at(-1)!.id });
    expect(is()).toBe(true);
  });

  test('should have a stack looked at once all its looks are good, without its nut, and until it moves', () => {
    const unit = complete(reel('thrustPastPlate'));
    const axisId = unit.axes[0]!.id;
    const bench = new Bench(unit).work('checkStack');
    const isNoted = () => standing(bench).noted.has(`checkHome ${axisId}`);
    for (const check of ['stackOnSpacer', 'stackRaces', 'stackTurns'] as const) {
      expect(isNoted()).toBe(false);
      bench.add('SeatChecked', { targetId: axisId, check, good: true });
    }
    expect(isNoted()).toBe(true);
    expect(standing(bench).place.in.has('in nut')).toBe(false);
    bench.add('SeatChecked', { targetId: axisId, check: 'stackRaces', good: false });
    expect(isNoted()).toBe(false);
    bench.add('SeatChecked', { targetId: axisId, check: 'stackRaces', good: true });
    bench.add('StepDone', { stepId: 'takeOff:needles-right', note: '' });
    expect(isNoted()).toBe(false);
  });

  test('should begin as the unit came, and take a reading for a witness', () => {
    const unit = complete(reel('coverShims'));
    const bench = cover();
    bench.add('ScopeSet', { scope: 'overhaul', start: 'bare' });
    expect(standing(bench).place.in.size).toBe(0);
    bench
      .add('SpecSet', {
        specId: 'play',
        axisId: unit.axes[0]!.id,
        kind: 'endPlay',
        band: { lower: 0.1, upper: 0.18, target: null },
        source: 'book',
      })
      .closedRun(
        'play',
        'trial',
        { id: 'd', name: 'd', graduation: 0.01, calibrationUncertainty: 0, range: 10 },
        0.2,
      );
    const { place, slack } = standing(bench);
    expect(place.in.has('in bearing-left:cup')).toBe(true);
    expect([...slack]).toContain('bolts');
    expect(place.in.has('in seal-right')).toBe(false);
  });
});
