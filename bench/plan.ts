import { randomUUID } from 'node:crypto';

import { drawAxis } from '@wendaxis/core/drawing';
import { foldJob, type JobEvent } from '@wendaxis/core/job';
import { compilePlan } from '@wendaxis/core/plan';
import type { Axis, Station, Unit } from '@wendaxis/core/unit';

/** Compiling and drawing a unit of forty stations, against the time of structuredClone of the same state. */
const RUNS = 41;
const unit = fortyStations();
const opened = {
  id: randomUUID(), seq: 1, type: 'JobOpened', version: 1, at: '', by: 'bench',
  data: { unit, reason: '', scope: 'overhaul' },
} as const satisfies JobEvent; // prettier-ignore
const state = foldJob([opened]);
const [axis] = unit.axes;

const reference = median(() => structuredClone(state));
for (const [what, action, budget] of [
  ['compile', () => compilePlan(state), 10],
  ['draw', () => drawAxis(axis!), 16],
] as const) {
  const time = median(action);
  console.log(
    `${what} a unit of ${axis!.stations.length} stations: ${time.toFixed(2)} ms (held to ${budget} ms), ${(time / reference).toFixed(1)} × structuredClone of its state (${reference.toFixed(3)} ms), medians of ${RUNS}; ${compilePlan(state).steps.length} steps`,
  );
}

/** Bearings, seals, bolts and gears along one shaft, in two case halves. */
function fortyStations(): Unit {
  const kinds = ['ballBearing', 'seal', 'gear', 'bolts', 'taperedRoller', 'nut', 'bush', 'snapRing'] as const; // prettier-ignore
  const stations = Array.from({ length: 40 }, (_, at): Station => ({
    id: `station-${at}`, kind: kinds[at % kinds.length]!, name: `Station ${at}`, partId: `part-${at % 3}`,
    at: at * 25, width: 15, inside: 30, outside: 62,
  })); // prettier-ignore
  const part = (id: string, kind: 'caseHalf' | 'shaft') => ({ id, name: id, kind, material: 'castAluminium' as const, mass: 3, area: 0.1, wall: 8 }); // prettier-ignore
  const only: Axis = { id: 'axis', name: 'Axis', arrangement: 'faceToFace', sets: ['endPlay', 'backlash'], stations }; // prettier-ignore
  return {
    id: 'unit', name: 'Bench unit', description: '',
    parts: [part('part-0', 'caseHalf'), part('part-1', 'caseHalf'), part('part-2', 'shaft')],
    axes: [only],
  }; // prettier-ignore
}

function median(action: () => unknown): number {
  for (let warm = 0; warm < 5; warm += 1) action();
  const times = Array.from({ length: RUNS }, () => {
    const start = performance.now();
    action();
    return performance.now() - start;
  });
  return times.toSorted((a, b) => a - b)[Math.floor(RUNS / 2)]!;
}
