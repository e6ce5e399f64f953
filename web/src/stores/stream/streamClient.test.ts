import { memoryStorage } from './memoryStorage.ts';
import type { PushAnswer } from './streamTypes.ts';
import { note, settled, bench, serverIds } from './tests/clientBench.ts';

describe('recording', () => {
  test('should be on screen at once, kept, told to other tabs, and sent in order', async () => {
    const one = bench();
    one.client.record('job', note('a'));
    expect(one.ids('waiting')).toEqual(['a']);
    await one.record('b', 'c');
    expect(one.ids('confirmed')).toEqual(['a', 'b', 'c']);
    expect(one.ids('waiting')).toEqual([]);
    expect(serverIds(one)).toEqual(['a', 'b', 'c']);
    expect(one.told).toEqual(['a', 'b', 'c']);
    expect(one.state).toMatchObject({ reach: 'online', trouble: null, store: 'kept', unsaved: 0 });
  });

  test('should keep the order in which it was done, whatever the clock says, over a closed tab', async () => {
    const storage = memoryStorage();
    const first = bench(Promise.resolve(storage));
    first.server.answer = () => ({ kind: 'away' });
    await first.record('0.01', '0.26');
    // The tab is closed, the clock set back a day; the next tab finds what waits and goes on behind it.
    const second = bench(Promise.resolve(storage));
    second.client.open('job');
    await second.record('0.02', '0.03');
    expect(serverIds(second)).toEqual(['0.01', '0.26', '0.02', '0.03']);
  });

  test('should send what an earlier visit left, without being opened', async () => {
    const storage = memoryStorage();
    await storage.keep('job', note('left'));
    const later = bench(Promise.resolve(storage));
    await later.client.sendLeftovers();
    await settled();
    expect(serverIds(later)).toEqual(['left']);
    expect(await storage.waitingStreams()).toEqual([]);
  });

  test('should show what came once it was looked at, with what was recorded meanwhile', async () => {
    const looked: string[][] = [];
    let done = () => {};
    const one = bench(undefined, (_, events) => {
      looked.push(events.map(({ id }) => id));
      return new Promise((resolve) => (done = resolve));
    });
    one.server.stored.push({ ...note('theirs'), seq: 1 });
    one.client.open('job');
    await settled();
    expect(looked).toEqual([['theirs']]);
    expect(one.ids('confirmed')).toEqual([]);
    await one.record('mine');
    expect(one.ids('waiting')).toEqual(['mine']);
    done();
    await settled();
    expect([one.ids('confirmed'), one.ids('waiting')]).toEqual([['theirs'], ['mine']]);
    expect(looked.at(-1)).toEqual(['theirs', 'mine']);
  });

  test('should put entries of others where they belong', async () => {
    const one = bench();
    one.client.open('job');
    await settled();
    one.server.stored.push({ ...note('theirs'), seq: 1 });
    await one.record('mine');
    expect(one.ids('confirmed')).toEqual(['theirs', 'mine']);
  });

  test('should show what another tab recorded, and leave the sending to it', async () => {
    const one = bench();
    one.client.open('job');
    await settled();
    one.client.recordedElsewhere('job', note('other tab'));
    expect(one.ids('waiting')).toEqual(['other tab']);
    one.client.syncOpen();
    await settled();
    expect(one.server.batches).toEqual([]);
    one.server.stored.push({ ...note('other tab'), seq: 1 });
    one.client.grown('job', 1);
    await settled();
    expect(one.ids('waiting')).toEqual([]);
    expect(one.ids('confirmed')).toEqual(['other tab']);
  });
});

describe('a server that is away', () => {
  test('should be told, with everything kept, tried again ever more patiently, and gone on with by itself', async () => {
    const one = bench();
    one.server.answer = () => ({ kind: 'away' });
    await one.record('a');
    expect(one.state).toMatchObject({ reach: 'offline', unsaved: 0 });
    const waits: number[] = [];
    for (let turn = 0; turn < 6; turn += 1) waits.push(...(await one.timers.go()));
    expect(waits).toEqual([1000, 2000, 4000, 8000, 15_000, 15_000]);
    one.server.answer = null;
    one.client.syncOpen();
    await settled();
    expect(serverIds(one)).toEqual(['a']);
    expect(one.state).toMatchObject({ reach: 'online', trouble: null });
  });

  test.each<[PushAnswer['kind'], string]>([
    ['notOurServer', 'notOurServer'],
    ['noSuchLog', 'noSuchLog'],
  ])('should keep every entry when the answer is %s, and say so', async (kind, trouble) => {
    const one = bench();
    one.server.answer = () => ({ kind }) as PushAnswer;
    await one.record(...Array.from({ length: 120 }, (_, n) => `n${n}`));
    expect(one.ids('waiting')).toHaveLength(120);
    expect(one.state).toMatchObject({ trouble, aside: [] });
    one.server.answer = null;
    await one.timers.go();
    expect(serverIds(one)).toHaveLength(120);
    expect(one.state.trouble).toBeNull();
  });

  test('should be tried at once when it is heard of again', async () => {
    const one = bench();
    one.server.answer = () => ({ kind: 'away' });
    await one.record('a');
    one.server.answer = null;
    one.client.syncOpen();
    await settled();
    expect(one.ids('confirmed')).toEqual(['a']);
  });
});

describe('opening a log', () => {
  test('should show what the store has, then what the server has more', async () => {
    const storage = memoryStorage();
    await storage.confirm('job', [{ ...note('a'), seq: 1 }]);
    const one = bench(Promise.resolve(storage));
    one.server.stored.push({ ...note('a'), seq: 1 }, { ...note('b'), seq: 2 });
    one.client.open('job');
    await settled();
    expect(one.ids('confirmed')).toEqual(['a', 'b']);
    expect((await storage.load('job')).confirmed.map(({ id }) => id)).toEqual(['a', 'b']);
    expect(one.state.logs['job']!.status).toBe('ready');
  });

  test('should tell a log that the server does not have from a server that cannot be reached', async () => {
    const missing = bench();
    missing.server.pullAnswer = { kind: 'noSuchLog' };
    missing.client.open('job');
    await settled();
    expect(missing.state.logs['job']!.status).toBe('missing');
    expect(missing.state).toMatchObject({ reach: 'online', trouble: null });
    const away = bench();
    away.server.pullAnswer = { kind: 'away' };
    away.client.open('job');
    await settled();
    expect(away.state.logs['job']!.status).toBe('unreachable');
    expect(away.state.reach).toBe('offline');
  });

  test('should look again only at logs that are open', async () => {
    const one = bench();
    const close = one.client.open('job');
    await settled();
    close();
    one.server.stored.push({ ...note('x'), seq: 1 });
    one.client.grown('job', 1);
    await settled();
    expect(one.ids('confirmed')).toEqual([]);
  });
});
