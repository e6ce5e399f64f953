import type { JobEventData, MeasuredPiece } from '@wendaxis/core/job';
import type { Unit } from '@wendaxis/core/unit';

import { DemoLog } from './demoLog.ts';
import { INSTRUMENTS, SHIM_UNCERTAINTY } from './workshop.ts';

/** The Alder saw-bench feed gearbox (invented): a feed shaft between thrust faces, one washer. */
const ALDER: Unit = {
  id: 'alder-feed',
  name: 'Alder feed gearbox',
  description:
    'Saw-bench feed gearbox, feed shaft on two ball bearings, end float set by one thrust washer.',
  parts: [
    {
      id: 'case',
      name: 'Case',
      kind: 'case',
      material: 'castAluminium',
      mass: 3.1,
      area: 0.11,
      wall: 7,
    },
    {
      id: 'shaft',
      name: 'Feed shaft',
      kind: 'shaft',
      material: 'carbonSteel',
      mass: 0.8,
      area: 0.02,
      wall: null,
    },
  ],
  axes: [
    {
      id: 'feed',
      name: 'Feed shaft',
      arrangement: 'plainThrust',
      sets: ['endPlay'],
      stations: [
        {
          id: 'left-end',
          kind: 'shaftStep',
          name: 'Feed end',
          partId: 'shaft',
          at: -20,
          width: 34,
          inside: 0,
          outside: 20,
        },
        {
          id: 'bearing-left',
          kind: 'ballBearing',
          name: 'Feed-side bearing',
          partId: 'case',
          at: 0,
          width: 14,
          inside: 20,
          outside: 47,
          designation: '6204',
        },
        {
          id: 'wall-left',
          kind: 'housing',
          name: 'Case wall',
          partId: 'case',
          at: 0,
          width: 16,
          inside: 47,
          outside: 76,
        },
        {
          id: 'washer',
          kind: 'shimSite',
          name: 'Thrust washer',
          partId: 'shaft',
          at: 14,
          width: 2,
          inside: 21,
          outside: 34,
          place: 'fillsThrustGap',
        },
        {
          id: 'gear',
          kind: 'gear',
          name: 'Feed gear',
          partId: 'shaft',
          at: 24,
          width: 18,
          inside: 26,
          outside: 46,
        },
        {
          id: 'body',
          kind: 'shaftStep',
          name: 'Shaft body',
          partId: 'shaft',
          at: 14,
          width: 42,
          inside: 0,
          outside: 26,
        },
        {
          id: 'bearing-right',
          kind: 'ballBearing',
          name: 'Drive-side bearing',
          partId: 'case',
          at: 56,
          width: 14,
          inside: 20,
          outside: 47,
          designation: '6204',
        },
        {
          id: 'wall-right',
          kind: 'housing',
          name: 'Case wall',
          partId: 'case',
          at: 54,
          width: 16,
          inside: 47,
          outside: 76,
        },
        {
          id: 'right-end',
          kind: 'shaftStep',
          name: 'Drive end',
          partId: 'shaft',
          at: 56,
          width: 30,
          inside: 0,
          outside: 20,
        },
      ],
    },
  ],
};

const FOUND: readonly MeasuredPiece[] = [
  { sizeId: 'found-1.902', thickness: 1.902, quantity: 1, uncertainty: SHIM_UNCERTAINTY },
];
const FITTED: readonly MeasuredPiece[] = [
  { sizeId: 'box-1.003', thickness: 1.003, quantity: 2, uncertainty: SHIM_UNCERTAINTY },
];

type Cycle = readonly [zero: number, lift: number, returned: number];

/** Finished, so that the logbook has a whole job to read. */
export function alderLog(): DemoLog<JobEventData> {
  const log = new DemoLog<JobEventData>('alder', '2026-11-10T13:00:00Z', 'runa');
  log.add('JobOpened', { unit: ALDER, reason: 'Feed shaft rattles end to end.', scope: 'setPlay' });
  log.add(
    'SpecSet',
    {
      specId: 'feed-float',
      axisId: 'feed',
      kind: 'endPlay',
      band: { lower: 0.1, upper: 0.18, target: null },
      source: 'Alder workshop card 7: feed shaft end float 0.10 to 0.18 mm',
    },
    4,
  );
  log.add('PackRecorded', { siteId: 'washer', pieces: FOUND }, 15);
  addRun(log, 'alder-run-1', 'trial', [
    [0, 0.26, 0],
    [0, 0.25, 0],
    [0, 0.25, 0],
  ]);
  log.add('PackChosen', { siteId: 'washer', runId: 'alder-run-1', pieces: FITTED }, 3);
  log.add('PackFitted', { siteId: 'washer', pieces: FITTED }, 35);
  addRun(log, 'alder-run-2', 'final', [
    [0, 0.15, 0],
    [0, 0.14, 0],
    [0, 0.15, 0],
  ]);
  log.add(
    'NoteWritten',
    { text: 'Groove side of the washer towards the gear. Drain plug has a new ring.' },
    2,
  );
  return log.add('JobFinished', { note: 'End float within limits. Filled, spun, no noise.' }, 10);
}

function addRun(
  log: DemoLog<JobEventData>,
  runId: string,
  stage: 'trial' | 'final',
  cycles: readonly Cycle[],
): void {
  log.add(
    'RunOpened',
    {
      runId,
      specId: 'feed-float',
      stage,
      instrument: INSTRUMENTS.shopDial,
      indicator: { contact: 'faceSquareToTravel', angle: 0 },
      shaftHeld: true,
    },
    5,
  );
  for (const value of cycles.flat())
    log.add('ReadingTaken', { runId, value, typed: String(value), device: null, position: null });
  log.add('RunClosed', { runId });
}
