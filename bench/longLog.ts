import { randomUUID } from 'node:crypto';

import type { JobEvent } from '@wendaxis/core/job';
import type { Unit } from '@wendaxis/core/unit';

import { sillLog } from '../server/src/demo/sill.ts';
import { INSTRUMENTS, TORQUE_TOOLS } from '../server/src/demo/workshop.ts';

const PLACES = ['outer-0', 'outer-60', 'outer-120', 'inner-0', 'inner-60', 'inner-120'];

/**
 * A job of many events of the dearest mix: sizes of its seats, closed runs whose verdicts count, torque readings, ticks
 * of thousands of steps, findings, marks, notes, and now and then something taken back. Invented.
 */
export function longLog(length: number): readonly JobEvent[] {
  const log: { id: string; type: string; data: object }[] = [];
  const add = (type: string, data: object): string => {
    const id = randomUUID();
    const at = new Date(Date.UTC(2026, 0, 1) + log.length * 20_000).toISOString();
    log.push({ id, type, data, ...{ version: 1, at, by: 'runa', seq: log.length + 1 } });
    return id;
  };
  const opening = sillLog().events;
  for (const { type, data } of opening) add(type, data);
  const { unit } = opening[0]!.data as { unit: Unit };
  const axis = unit.axes[0]!;
  const bearings = axis.stations.filter(({ kind }) => kind === 'taperedRoller');
  for (let round = 0; log.length < length; round += 1) {
    const runId = randomUUID();
    add('RunOpened', {
      runId,
      specId: 'output-play',
      stage: 'trial',
      instrument: INSTRUMENTS.shopDial,
      indicator: { contact: 'faceSquareToTravel', angle: 0 },
      shaftHeld: true,
    });
    for (let reading = 0; reading < 9; reading += 1)
      add('ReadingTaken', {
        runId,
        value: reading % 3 === 1 ? 0.26 : 0,
        typed: '0',
        device: null,
        position: (reading % 3) * 120,
      });
    add('RunClosed', { runId });
    for (const station of bearings)
      for (const feature of ['bore', 'journal'])
        for (const place of PLACES)
          add('SizeMeasured', {
            stationId: station.id,
            feature,
            place,
            value: (feature === 'bore' ? station.outside : station.inside) - 0.01,
            typed: null,
            instrument: INSTRUMENTS.boreGauge,
          });
    for (let tick = 0; tick < 20; tick += 1)
      add('StepDone', { stepId: `drain:old-${round}-${tick}`, note: '' });
    for (let turn = 0; turn < 4; turn += 1)
      add('TorqueRead', {
        axisId: axis.id,
        stage: 'trial',
        what: 'bearings',
        value: 0.9,
        steady: true,
        square: true,
        typed: '0.9',
        device: null,
        tool: TORQUE_TOOLS.beam,
        pull: null,
        angle: null,
        nutTorque: null,
        endPlay: null,
      });
    add('MarkMade', { stationId: bearings[0]!.id, text: 'one dot' });
    const note = add('NoteWritten', { text: 'Drains clear' });
    if (round % 5 === 0) add('Undone', { eventId: note });
  }
  return log.slice(0, length) as unknown as readonly JobEvent[];
}
