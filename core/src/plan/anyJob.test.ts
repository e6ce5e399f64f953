import { drawAxis } from '../drawing/index.ts';
import {
  foldJob,
  nextToRedo,
  nextToUndo,
  standingEvents,
  type JobEvent,
  type JobState,
  type Spec,
} from '../job/index.ts';
import { stationStates } from './stationStates.ts';
import { readJob } from './readJob.ts';
import type { Step } from './step.ts';
import { drawsFrom, howMany, randomLog, randomUnit } from '../draws/index.ts';

/** How many of each are drawn; the long form is asked for by the environment. */
const TRIALS = howMany('WENDAXIS_TRIALS', 120);
const FIRST_SEED = howMany('WENDAXIS_SEED', 1);

/** Paths at which something is no number, or a word holds one that is none. */
function broken(value: unknown, path = ''): readonly string[] {
  if (typeof value === 'number') return Number.isFinite(value) ? [] : [path];
  if (typeof value === 'string')
    return /\b(NaN|Infinity|undefined)\b/.test(value) ? [`${path}: ${value}`] : [];
  if (typeof value !== 'object' || value === null) return [];
  return Object.entries(value).flatMap(([name, member]) => broken(member, `${path}.${name}`));
}

function within({ band: { lower, upper } }: Spec, value: number): boolean {
  return (lower === null || value >= lower - 1e-9) && (upper === null || value <= upper + 1e-9);
}

/** Mean travel of a spec's last accepted run, worked out anew from the bare readings. */
function lastTravel(state: JobState, { specId }: Spec): number | null {
  const run = state.measured.runs.findLast(
    (one) => one.specId === specId && one.status === 'closed' && one.stage !== 'asFound',
  );
  if (run === undefined) return null;
  const values = run.readings.map(({ value }) => value);
  const travels = Array.from(
    { length: Math.floor(values.length / 3) },
    (_, n) => values[3 * n + 1]! - (values[3 * n]! + values[3 * n + 2]!) / 2,
  );
  return travels.reduce((sum, one) => sum + one, 0) / travels.length;
}

/** Steps that say a figure is proven although nothing that was read in the log says so. */
function inventedProofs(state: JobState, steps: readonly Step[]): readonly string[] {
  return steps
    .filter(
      ({ id, rule, status }) =>
        status === 'done' &&
        state.steps[id] === undefined &&
        ['prove', 'proveFigure'].includes(rule),
    )
    .filter(({ rule, axisId, specKind }) => {
      const spec = state.specs.find((row) => row.axisId === axisId && row.kind === specKind);
      if (spec === undefined) return true;
      if (rule === 'prove') {
        if (spec.band.upper !== null && spec.band.upper <= 0) return false; // preload is computed, not read
        const travel = lastTravel(state, spec);
        return travel === null;
      }
      const figure = state.measured.figures.findLast(
        (row) => row.specId === spec.specId && row.stage === 'final',
      );
      const read = state.measured.torques.some(
        (row) => row.axisId === axisId && row.steady && row.stage !== 'asFound',
      );
      return !read && (figure === undefined || !within(spec, figure.value));
    })
    .map(({ id }) => id);
}

/** Everything that is shown of a log, and what is wrong with it. */
function faultsOf(events: readonly JobEvent[]): readonly string[] {
  const { state, plan, unreadable } = readJob(events);
  stationStates(plan);
  nextToUndo(events);
  nextToRedo(events);
  const drawings = (state.unit?.axes ?? []).map((axis) => drawAxis(axis));
  return [
    ...(unreadable === null ? [] : [`unreadable: ${JSON.stringify(unreadable)}`]),
    ...broken({ steps: plan.steps, drawings }),
    ...inventedProofs(state, plan.steps).map((id) => `invented proof: ${id}`),
  ];
}

/** Each seed at which something went wrong, with what. */
function failures(make: (seed: number) => readonly JobEvent[]): readonly string[] {
  return Array.from({ length: TRIALS }, (_, n) => FIRST_SEED + n).flatMap((seed) => {
    const events = make(seed);
    return faultsOf(events).map((fault) => `seed ${seed}: ${fault}`);
  });
}

describe('whatever was recorded', () => {
  test('should read, plan and draw any unit that is described', () => {
    const found = failures((seed) => {
      const unit = randomUnit(drawsFrom(seed));
      const at = '2026-01-01T00:00:00.000Z';
      const scope = seed % 2 === 0 ? 'overhaul' : 'setPlay';
      return [
        {
          id: 'e1',
          seq: 1,
          type: 'JobOpened',
          version: 1,
          at,
          by: 'ann',
          data: { unit, reason: '', scope },
        },
      ];
    });
    expect(found).toEqual([]);
  });

  test('should read, plan and draw any sequence of sound events', () => {
    expect(failures((seed) => randomLog(drawsFrom(seed), 5 + (seed % 60)))).toEqual([]);
  });

  test('should read, plan and draw a log in which values are not what they should be', () => {
    expect(failures((seed) => randomLog(drawsFrom(seed), 5 + (seed % 60), 0.3))).toEqual([]);
  });

  test('should never let a rule fail on a unit by anything but what is described of it', () => {
    const failed = Array.from({ length: TRIALS }, (_, n) => {
      const { plan } = readJob(randomLog(drawsFrom(FIRST_SEED + n), 40));
      return plan.steps.filter(({ how }) => how.includes('the computation failed'));
    });
    expect(failed.flat().map(({ id, how }) => `${id}: ${how}`)).toEqual([]);
  });

  test('should fold the rest of a log onto what was read before as if it had been folded whole', () => {
    for (let seed = 1; seed <= Math.min(TRIALS, 200); seed += 1) {
      const events = randomLog(drawsFrom(seed), 50, 0.1);
      for (const count of [1, 20, 49]) {
        const before = { count, state: foldJob(events.slice(0, count)) };
        expect(readJob(events, before).state).toEqual(foldJob(events));
      }
      expect(standingEvents(events).length).toBeLessThanOrEqual(events.length);
    }
  });
});

describe('a log of a newer program', () => {
  test('should be refused whole, with its version named', () => {
    const [first, ...rest] = randomLog(drawsFrom(3), 4);
    const newer = [first!, { ...rest[0]!, version: 7 }, ...rest.slice(1)];
    const { unreadable, state, plan } = readJob(newer);
    expect(unreadable).toEqual({ code: 'newerVersion', version: 7 });
    expect(state.unit).toBeNull();
    expect(plan.steps).toEqual([]);
  });
});
