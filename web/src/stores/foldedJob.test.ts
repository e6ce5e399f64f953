import type { JobEvent, JobEventData, JobEventType } from '@wendaxis/core/job';
import { unitFromTemplate } from '@wendaxis/core/unit';
import { readJob } from '@wendaxis/core/plan';

import { foldedJob, readAhead } from './foldedJob.ts';

const end = { designation: null, family: null, dimensions: { bore: 30, outside: 62, width: 16 } };
const UNIT = unitFromTemplate('pinionSleeve', { name: 'Pinion', left: end, right: end, span: 42 });

function event<T extends JobEventType>(id: string, type: T, data: JobEventData[T]): JobEvent {
  const at = '2026-01-01T00:00:00.000Z';
  return { id, seq: null, type, version: 1, at, by: 'ann', data } as unknown as JobEvent;
}
const OPENED = event('e1', 'JobOpened', { unit: UNIT, reason: 'whines', scope: 'overhaul' });
const note = (id: string) => event(id, 'NoteWritten', { text: id });

describe('a job that is read again and again', () => {
  it('is read once while nothing comes', () => {
    const log = [OPENED, note('e2')];
    expect(foldedJob('once', [...log])).toBe(foldedJob('once', [...log]));
  });

  it('is what folding all of it gives, however it grew', () => {
    const log = [OPENED, ...Array.from({ length: 20 }, (_, n) => note(`n${n}`))];
    for (let length = 1; length <= log.length; length += 3) {
      const some = log.slice(0, length);
      expect(foldedJob('grows', some)).toEqual(readJob(some));
    }
  });

  it('is folded anew when something came in between, or was taken back', () => {
    foldedJob('between', [OPENED, note('mine')]);
    const log = [OPENED, note('theirs'), note('mine')];
    expect(foldedJob('between', log)).toEqual(readJob(log));
    const undone = [...log, event('u', 'Undone', { eventId: 'theirs' })];
    expect(foldedJob('between', undone)).toEqual(readJob(undone));
    expect(foldedJob('between', [OPENED])).toEqual(readJob([OPENED]));
  });

  it('keeps jobs apart', () => {
    const other = event('o1', 'JobOpened', { unit: UNIT, reason: 'leaks', scope: 'overhaul' });
    for (const id of ['a', 'b', 'c', 'd', 'e', 'f']) foldedJob(id, [id === 'a' ? other : OPENED]);
    expect(foldedJob('a', [other]).state.sheet.reason).toBe('leaks');
    expect(foldedJob('b', [OPENED]).state.sheet.reason).toBe('whines');
  });

  it('is readable again once a newer program’s entry is not in it', () => {
    const newer = { ...note('new'), version: 99 } as unknown as JobEvent;
    expect(foldedJob('newer', [OPENED, newer]).unreadable).toEqual({
      code: 'newerVersion',
      version: 99,
    });
    expect(foldedJob('newer', [OPENED, note('old')]).unreadable).toBeNull();
  });

  it('is read ahead a piece at a time, with rests between, and not again by the page', async () => {
    const log = [OPENED, ...Array.from({ length: 4500 }, (_, n) => note(`n${n}`))];
    const events = [...log, event('u', 'Undone', { eventId: 'n7' })];
    let now = 0;
    const clock = jest.spyOn(performance, 'now').mockImplementation(() => (now += 20));
    let rests = 0;
    await readAhead('long', events, () => Promise.resolve(void (rests += 1)));
    // Nine pieces of 500: each looks at the clock once, and once more after a rest.
    expect(rests).toBe(4);
    clock.mockRestore();
    const whole = readJob(events);
    const reading = foldedJob('long', [...events]);
    expect(reading).toEqual(whole);
    expect(foldedJob('long', events)).toBe(reading);
    // A short rest is left to the page.
    await readAhead('long', [...events, note('one more')], () =>
      Promise.reject(new Error('asked')),
    );
    expect(foldedJob('long', [...events, note('one more')])).toEqual(
      readJob([...events, note('one more')]),
    );
  });

  it('of a newer program is told as such, read ahead or not', async () => {
    const newer = { ...note('new'), version: 99 } as unknown as JobEvent;
    const log = [OPENED, ...Array.from({ length: 2500 }, (_, n) => note(`n${n}`)), newer];
    await readAhead('newer, long', log, () => Promise.resolve());
    expect(foldedJob('newer, long', log).unreadable).toEqual({ code: 'newerVersion', version: 99 });
  });
});
