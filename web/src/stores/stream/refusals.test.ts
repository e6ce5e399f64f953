import { memoryStorage } from './memoryStorage.ts';
import type { PushAnswer, StreamEvent } from './streamTypes.ts';
import { settled, bench, serverIds } from './tests/clientBench.ts';

describe('a refusal', () => {
  const refusing =
    (bad: string) =>
    (events: readonly StreamEvent[]): PushAnswer | null => {
      const place = events.findIndex(({ id }) => id === bad);
      return place === -1
        ? null
        : {
            kind: 'refused',
            places: [place],
            message: 'no',
            faults: [
              {
                code: 'outOfRange',
                field: `events[${place}].data.text`,
                value: '',
                wanted: { id: 'someText' },
              },
            ],
          };
    };

  test('should set aside the entry that it names, and let all others go on in order', async () => {
    const one = bench();
    one.server.answer = refusing('bad');
    await one.record('a', 'bad', 'b');
    expect(serverIds(one)).toEqual(['a', 'b']);
    expect(one.ids('waiting')).toEqual([]);
    expect(one.state.aside).toMatchObject([
      { streamId: 'job', event: { id: 'bad' }, reason: { code: 'refused', message: 'no' } },
    ]);
  });

  test('should be kept over a reload, sent again when that is asked for, and forgotten only when asked', async () => {
    const storage = memoryStorage();
    const first = bench(Promise.resolve(storage));
    first.server.answer = refusing('bad');
    await first.record('bad');
    const second = bench(Promise.resolve(storage));
    await settled();
    expect(second.state.aside).toHaveLength(1);
    await second.client.sendAgain('bad');
    await settled();
    expect(serverIds(second)).toEqual(['bad']);
    expect(second.state.aside).toEqual([]);
    expect(await storage.aside()).toEqual([]);
    await first.client.forget(['bad']);
    expect(first.state.aside).toEqual([]);
  });

  test('should not take anything else with it when it names a place that was not sent', async () => {
    const one = bench();
    one.server.answer = () => ({ kind: 'refused', places: [99], message: 'no', faults: [] });
    await one.record('a');
    expect(one.ids('waiting')).toEqual(['a']);
    expect(one.state).toMatchObject({ trouble: 'notOurServer', aside: [] });
  });

  test('should make batches smaller when they are too large, down to the one that is', async () => {
    const one = bench();
    one.server.answer = (events) =>
      events.length > 3 || events.some(({ id }) => id === 'huge') ? { kind: 'tooLarge' } : null;
    await one.record('a', 'b', 'c', 'd', 'huge', 'e');
    expect(serverIds(one)).toEqual(['a', 'b', 'c', 'd', 'e']);
    expect(one.state.aside).toMatchObject([
      { event: { id: 'huge' }, reason: { code: 'tooLarge' } },
    ]);
  });

  test('should set nothing aside where the server fails without naming an entry, and send all of it when it is well', async () => {
    const one = bench();
    one.server.answer = () => ({ kind: 'failed' });
    await one.record('a', 'b', 'c');
    for (let turn = 0; turn < 20; turn += 1) await one.timers.go();
    expect(one.state).toMatchObject({ trouble: 'serverFails', aside: [] });
    expect(one.ids('waiting')).toEqual(['a', 'b', 'c']);
    one.server.answer = () => null;
    for (let turn = 0; turn < 3; turn += 1) await one.timers.go();
    expect(serverIds(one)).toEqual(['a', 'b', 'c']);
    expect(one.state.trouble).toBeNull();
  });

  test('should end when the server says it took something, and does not name it', async () => {
    const one = bench();
    one.server.answer = () => ({ kind: 'accepted', accepted: [] });
    await one.record('a');
    expect(one.ids('waiting')).toEqual(['a']);
    expect(one.state.trouble).toBe('notOurServer');
  });
});
