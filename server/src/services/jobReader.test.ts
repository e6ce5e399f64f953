import type { JobEvent } from '@wendaxis/core/job';
import { unitFromTemplate } from '@wendaxis/core/unit';

import type { EventRepository } from '../repositories/eventRepository.ts';
import { JobReader } from './jobReader.ts';
import { listRow } from './listRow.ts';

const end = { designation: null, family: null, dimensions: { bore: 30, outside: 62, width: 16 } };
const UNIT = unitFromTemplate('pinionSleeve', { name: 'Pinion', left: end, right: end, span: 42 });

/** Logs in memory that count what is read of them. */
class Logs {
  readonly logs = new Map<string, JobEvent[]>();
  readonly asked: number[] = [];

  add(jobId: string, type: string, data: object, version = 1): void {
    const log = this.logs.get(jobId) ?? [];
    const seq = log.length + 1;
    const at = `2026-01-01T00:00:${String(seq).padStart(2, '0')}.000Z`;
    log.push({ id: `${jobId}-${seq}`, seq, type, version, at, by: 'ann', data } as never);
    this.logs.set(jobId, log);
  }

  open(jobId: string): void {
    this.add(jobId, 'JobOpened', { unit: UNIT, reason: jobId, scope: 'overhaul' });
  }

  get reader(): JobReader {
    const after = (jobId: string, place: number) => {
      const rest = (this.logs.get(jobId) ?? []).filter(({ seq }) => seq! > place);
      this.asked.push(rest.length);
      return Promise.resolve(rest);
    };
    return new JobReader({ after } as unknown as EventRepository);
  }
}

describe('a job read at the server', () => {
  it('is folded on from where it was', async () => {
    const logs = new Logs();
    logs.open('job');
    const reader = logs.reader;
    expect(await reader.read('job')).toMatchObject({
      seq: 1,
      openedAt: '2026-01-01T00:00:01.000Z',
    });
    logs.add('job', 'NoteWritten', { text: 'cold' });
    const grown = await reader.read('job');
    expect(grown).toMatchObject({ seq: 2, updatedAt: '2026-01-01T00:00:02.000Z' });
    expect(grown.openedAt).toBe('2026-01-01T00:00:01.000Z');
    expect(await reader.read('job')).toMatchObject({ seq: 2, updatedAt: grown.updatedAt });
    expect(logs.asked).toEqual([1, 1, 0]);
  });

  it('is folded from the start where something is taken back', async () => {
    const logs = new Logs();
    logs.open('job');
    logs.add('job', 'PracticeMarked', { practice: true });
    const reader = logs.reader;
    expect((await reader.read('job')).state.sheet.practice).toBe(true);
    logs.add('job', 'Undone', { eventId: 'job-2' });
    expect(await reader.read('job')).toMatchObject({
      seq: 3,
      state: { sheet: { practice: false } },
    });
  });

  it('that is not there is said to be none, and is there once it is opened', async () => {
    const logs = new Logs();
    const reader = logs.reader;
    await expect(reader.read('job')).rejects.toMatchObject({ code: 'noSuchStream' });
    logs.open('job');
    expect((await reader.read('job')).seq).toBe(1);
  });

  it('is held with some others only, and read whole again after', async () => {
    const logs = new Logs();
    const reader = logs.reader;
    for (let n = 0; n < 66; n += 1) {
      logs.open(`job-${n}`);
      await reader.read(`job-${n}`);
    }
    logs.asked.length = 0;
    await reader.read('job-65');
    await reader.read('job-0');
    expect(logs.asked).toEqual([0, 1]);
  });
});

describe('its row in the list', () => {
  it('is searched by its name, why it is open, its stations', async () => {
    const logs = new Logs();
    logs.open('WHINES');
    const row = listRow('WHINES', await logs.reader.read('WHINES'));
    for (const text of ['pinion', 'whines', UNIT.axes[0]!.stations[0]!.name.toLowerCase()])
      expect(row.search).toContain(text);
    expect(row.unreadable).toBeNull();
    expect(row.steps).toBeGreaterThan(10);
  });

  it('says of an entry of a newer program that the job cannot be read, and by which', async () => {
    const logs = new Logs();
    logs.open('job');
    logs.add('job', 'NoteWritten', { text: 'from afar' }, 7);
    const row = listRow('job', await logs.reader.read('job'));
    expect(row.unreadable).toEqual({ code: 'newerVersion', version: 7 });
    expect(row.openedAt).toBe('2026-01-01T00:00:01.000Z');
  });
});
