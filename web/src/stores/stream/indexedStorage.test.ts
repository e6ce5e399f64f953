import 'fake-indexeddb/auto';

import { openDB } from 'idb';

import { openIndexedStorage } from './indexedStorage.ts';
import type { StreamEvent } from './streamTypes.ts';

const event = (id: string, seq: number | null = null): StreamEvent =>
  ({
    id,
    seq,
    type: 'NoteWritten',
    version: 1,
    at: '',
    by: 'ann',
    data: { text: id },
  }) as StreamEvent;
const run = (from: number, to: number) =>
  Array.from({ length: to - from + 1 }, (_, at) => event(`e${from + at}`, from + at));
const ids = (events: readonly StreamEvent[]) => events.map(({ id }) => id);
let made = 0;
const fresh = () => openIndexedStorage(`store-${(made += 1)}`);

describe('the browser’s store', () => {
  test('should give back what waits in the order in which it was written, log by log', async () => {
    const store = await fresh();
    for (const id of ['z', 'a', 'm']) await store.keep('job', event(id));
    await store.keep('other', event('o'));
    expect(ids((await store.load('job')).waiting)).toEqual(['z', 'a', 'm']);
    expect((await store.waitingStreams()).toSorted()).toEqual(['job', 'other']);
  });

  test('should keep what is confirmed once, in order, however it came, and wait for it no longer', async () => {
    const store = await fresh();
    await store.keep('job', event('e2'));
    await store.confirm('job', run(1, 3));
    await store.confirm('job', run(3, 5)); // another tab had some of it
    const { confirmed, waiting } = await store.load('job');
    expect(ids(confirmed)).toEqual(['e1', 'e2', 'e3', 'e4', 'e5']);
    expect(waiting).toEqual([]);
  });

  test('should let go of what was written after the server had it already', async () => {
    const store = await fresh();
    await store.confirm('job', run(1, 2));
    await store.keep('job', event('e2'));
    expect(ids((await store.load('job')).waiting)).toEqual([]);
    expect(await store.waitingStreams()).toEqual([]);
  });

  test('should give no more than what follows without a gap: the rest is fetched again', async () => {
    const store = await fresh();
    await store.confirm('job', run(1, 2));
    await store.confirm('job', run(5, 6));
    expect(ids((await store.load('job')).confirmed)).toEqual(['e1', 'e2']);
  });

  test('should put many small pieces together', async () => {
    const store = await fresh();
    for (let seq = 1; seq <= 130; seq += 1) await store.confirm('job', [event(`e${seq}`, seq)]);
    expect((await store.load('job')).confirmed).toHaveLength(130);
    const db = await openDB(`store-${made}`);
    expect(await db.count('confirmed')).toBeLessThanOrEqual(41);
    db.close();
  });

  test('should take an entry out of the line when it is set aside, and keep it with its reason', async () => {
    const store = await fresh();
    await store.keep('job', event('bad'));
    await store.keep('job', event('good'));
    await store.setAside([{ streamId: 'job', event: event('bad'), reason: { code: 'tooLarge' } }]);
    expect(ids((await store.load('job')).waiting)).toEqual(['good']);
    expect(await store.aside()).toEqual([
      { streamId: 'job', event: event('bad'), reason: { code: 'tooLarge' } },
    ]);
    await store.forget(['bad']);
    expect(await store.aside()).toEqual([]);
  });

  test('should take over what a store of the first shape had not sent, in its order', async () => {
    const name = `store-${(made += 1)}`;
    const old = await openDB(name, 1, {
      upgrade(db) {
        const events = db.createObjectStore('events', { keyPath: 'id' });
        events.createIndex('byStream', 'streamId');
        events.createIndex('byWaiting', 'waiting');
      },
    });
    const row = (id: string, seq: number | null, order: number) => ({
      id,
      streamId: 'job',
      event: event(id, seq),
      waiting: seq === null ? 1 : 0,
      order,
    });
    for (const one of [row('late', null, 20), row('done', 1, 5), row('early', null, 10)])
      await old.put('events', one);
    old.close();
    const store = await openIndexedStorage(name);
    const { confirmed, waiting } = await store.load('job');
    expect(confirmed).toEqual([]);
    expect(ids(waiting)).toEqual(['early', 'late']);
  });
});
