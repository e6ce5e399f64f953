import { randomUUID } from 'node:crypto';

import { drawAxis, drawStep } from '@wendaxis/core/drawing';
import { foldJob, type JobEvent } from '@wendaxis/core/job';
import { compilePlan, stepMarks, stepPicture } from '@wendaxis/core/plan';
import type { Axis, Station, Unit } from '@wendaxis/core/unit';

import { manyAxes } from './manyAxes.ts';

/**
 * Compiling and drawing a unit of forty stations whose seats are measured, decided on and classed, as it is in the
 * middle of a job, against the time of structuredClone of the same state. A program gets faster the longer it has run:
 * the first entries of a morning are timed too, before the many that stand for the rest of the day.
 */
const RUNS = 41;
const FIRST = 20;
const WARM = 300;
const unit = fortyStations();
const log: JobEvent[] = [];
function add(type: string, data: object): void {
  const at = '2026-01-01T00:00:00.000Z';
  log.push({
    id: randomUUID(),
    seq: log.length + 1,
    type,
    version: 1,
    at,
    by: 'bench',
    data,
  } as unknown as JobEvent);
}
add('JobOpened', { unit, reason: '', scope: 'overhaul' });
add('SpecSet', {
  specId: 'play',
  axisId: 'axis',
  kind: 'endPlay',
  band: { lower: 0.1, upper: 0.18, target: null },
  source: 'bench',
});
const GAUGE = {
  id: 'g',
  name: 'Bore gauge',
  graduation: 0.001,
  calibrationUncertainty: 0.001,
  range: 1,
};
for (const { id, inside, outside, kind } of unit.axes[0]!.stations) {
  add('InspectionDecided', { targetId: id, verdict: 'reuse', repair: null, reason: '' });
  if (!/Bearing|Roller|bush/u.test(kind)) continue;
  for (const [feature, size] of [
    ['bore', kind === 'bush' ? inside + 0.04 : outside - 0.01],
    ['journal', inside + 0.008],
  ] as const)
    for (const plane of ['outer', 'inner'])
      for (const angle of [0, 60, 120])
        add('SizeMeasured', {
          stationId: id,
          feature,
          place: `${plane}-${angle}`,
          value: size + angle / 1e5,
          typed: null,
          instrument: GAUGE,
        });
}
const state = foldJob(log);
if (state.log.ignored.length > 0)
  throw new Error(`the bench records what is ignored: ${state.log.ignored[0]!.reason}`);
const [axis] = unit.axes;

// A state of its own for each run: what is worked out once for a state is worked out again, as after every entry. An entry
// leaves the unit what it was; a unit that was just read or described is worked out anew.
const states = Array.from({ length: RUNS + WARM }, () => ({ ...foldJob(log), unit: state.unit }));
const anew = Array.from({ length: RUNS + WARM }, () => foldJob(log));
const reference = median(() => structuredClone(state));
for (const [what, action, budget] of [
  ['compile', (run: number) => compilePlan(states[run]!), 10],
  ['compile, described anew,', (run: number) => compilePlan(anew[run]!), 20],
  ['draw', () => drawAxis(axis!), 16],
] as const) {
  const early = timesOf(action, 0, FIRST);
  const time = median(action);
  console.log(
    `${what} a unit of ${axis!.stations.length} stations: ${time.toFixed(2)} ms (held to ${budget} ms), ` +
      `${(time / reference).toFixed(1)} × structuredClone of its state (${reference.toFixed(3)} ms), ` +
      `medians of ${RUNS} after ${WARM}; the first ${early[0]!.toFixed(1)} ms, ` +
      `the median of the first ${FIRST} ${middle(early).toFixed(1)} ms; ${compilePlan(state).steps.length} steps`,
  );
}

for (const [stations, budget] of [
  [40, 20],
  [120, 100],
] as const) {
  const described = manyAxes(stations);
  const opening = { ...log[0]!, data: { unit: described, reason: '', scope: 'overhaul' } };
  const read = Array.from({ length: RUNS + WARM }, () =>
    foldJob([structuredClone(opening) as unknown as JobEvent]),
  );
  const time = median((run) => compilePlan(read[run]!));
  console.log(
    `compile, described anew, ${described.axes.length} axes of the templates with ` +
      `${described.axes.flatMap((one) => one.stations).length} stations: ${time.toFixed(2)} ms (held to ${budget} ms); ` +
      `${compilePlan(read[0]!).steps.length} steps`,
  );
  const { steps } = compilePlan(read[0]!);
  const pictures = steps.map((step) => {
    const start = performance.now();
    const picture = stepPicture(read[0]!, step, steps);
    if (picture !== null) {
      const { faces: notes, force, depth, hot, cold } = stepMarks(read[0]!, step, picture);
      const said = force === null ? null : { ...force, words: 'push', support: 'hold' };
      const dimension = depth === null ? null : { ...depth, words: 'below the face' };
      drawStep(picture.axis, picture.stations, { notes, force: said, dimension, hot, cold });
    }
    return performance.now() - start;
  });
  console.log(
    `  the picture of each of its steps: ${middle(pictures).toFixed(2)} ms (held to 4 ms), ` +
      `the slowest ${Math.max(...pictures).toFixed(1)} ms`,
  );
}

/** Bearings, seals, bolts and gears along one shaft, in two case halves, each in the way of all others. */
function fortyStations(): Unit {
  const kinds = [
    'ballBearing',
    'seal',
    'gear',
    'bolts',
    'taperedRoller',
    'nut',
    'bush',
    'snapRing',
  ] as const;
  const stations = Array.from({ length: 40 }, (_, at): Station => ({
    id: `station-${at}`,
    kind: kinds[at % kinds.length]!,
    name: `Station ${at}`,
    partId: `part-${at % 3}`,
    at: at * 25,
    width: 15,
    inside: 30,
    outside: 62,
    ...detailsOf(kinds[at % kinds.length]!),
  }));
  const part = (id: string, kind: 'caseHalf' | 'shaft') => ({
    id,
    name: id,
    kind,
    material: 'castAluminium' as const,
    mass: 3,
    area: 0.1,
    wall: 8,
  });
  const only: Axis = {
    id: 'axis',
    name: 'Axis',
    arrangement: 'faceToFace',
    sets: ['endPlay', 'backlash'],
    stations,
  };
  return {
    id: 'unit',
    name: 'Bench unit',
    description: '',
    parts: [part('part-0', 'caseHalf'), part('part-1', 'caseHalf'), part('part-2', 'shaft')],
    axes: [only],
  };
}

/** What such a station has described. */
function detailsOf(kind: Station['kind']): Partial<Station> {
  const rolling = {
    designation: '6206',
    tightRing: 'both',
    boreClass: 'N7',
    journalClass: 'k5',
    wayIn: 'right',
    retention: 'snapRing',
  } as const;
  if (kind === 'ballBearing' || kind === 'taperedRoller') return rolling;
  if (kind === 'bolts')
    return { count: 8, pattern: 'circle', torqueLeast: 20, torqueMost: 24, lock: 'threadlocker' };
  if (kind === 'nut') return { torqueLeast: 90, torqueMost: 110, lock: 'lockTab' };
  return kind === 'seal' ? { depth: 1, boreDepth: 20, depthRule: 'setDepth', lip: 'left' } : {};
}

/** Once the program is warm. */
function median(action: (run: number) => unknown): number {
  timesOf(action, 0, WARM);
  return middle(timesOf(action, WARM, RUNS));
}

function timesOf(action: (run: number) => unknown, from: number, count: number): readonly number[] {
  return Array.from({ length: count }, (_, at) => {
    const start = performance.now();
    action(from + at);
    return performance.now() - start;
  });
}

function middle(times: readonly number[]): number {
  return times.toSorted((a, b) => a - b)[Math.floor(times.length / 2)]!;
}
