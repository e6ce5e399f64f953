import { memoryStorage } from './memoryStorage.ts';
import type { StreamEvent, StreamStorage } from './streamTypes.ts';
import { note, settled, bench, serverIds } from './tests/clientBench.ts';

describe('the browser’s own store', () => {
  const failing = (error: unknown): StreamStorage => {
    const fail = () => Promise.reject(error as Error);
    return {
      load: fail,
      keep: fail,
      confirm: fail,
      setAside: fail,
      aside: () => Promise.resolve([]),
      forget: fail,
      waitingStreams: fail,
    };
  };

  /** A store whose writes end when the test says so. */
  const slow = () => {
    const done: (() => void)[] = [];
    const kept = memoryStorage();
    const keep = async (id: string, event: StreamEvent) => {
      await new Promise<void>((resolve) => void done.push(resolve));
      return kept.keep(id, event);
    };
    return { storage: { ...kept, keep }, answer: () => done.forEach((end) => end()) };
  };

  test('should be told when it is refused, and what can be sent is sent', async () => {
    const one = bench(Promise.reject(new Error('private window')));
    await one.record('a', 'b');
    expect(one.state.store).toBe('refused');
    expect(serverIds(one)).toEqual(['a', 'b']);
    expect(one.state.unsaved).toBe(0);
  });

  test('should count what is on this page only, while neither store nor server has it', async () => {
    const one = bench(Promise.reject(new Error('private window')));
    one.server.answer = () => ({ kind: 'away' });
    await one.record('a', 'b');
    expect(one.state.unsaved).toBe(2);
    one.server.answer = null;
    one.client.syncOpen();
    await settled();
    expect(one.state.unsaved).toBe(0);
  });

  test('should be told apart when it is full', async () => {
    const one = bench(Promise.resolve(failing(new DOMException('full', 'QuotaExceededError'))));
    await one.record('a');
    expect(one.state.store).toBe('full');
    expect(serverIds(one)).toEqual(['a']);
  });

  test('should be given up when it hangs, so that it holds nothing up', async () => {
    const one = bench(Promise.resolve(slow().storage));
    one.client.record('job', note('a'));
    await settled();
    await one.timers.patience(8);
    expect(serverIds(one)).toEqual([]);
    await one.timers.patience(1);
    expect(serverIds(one)).toEqual(['a']);
    expect(one.state.store).toBe('refused');
  });

  test('should be believed again when it answers after all', async () => {
    const { storage, answer } = slow();
    const one = bench(Promise.resolve(storage));
    one.server.answer = () => ({ kind: 'away' });
    one.client.record('job', note('a'));
    await settled();
    await one.timers.patience(9);
    expect(one.state).toMatchObject({ store: 'refused', unsaved: 1 });
    answer();
    await settled();
    expect(one.state).toMatchObject({ store: 'kept', unsaved: 0 });
  });

  test('should not be given up because the clock was put on, or the machine slept', async () => {
    const { storage, answer } = slow();
    const one = bench(Promise.resolve(storage));
    one.client.record('job', note('a'));
    await settled();
    await one.timers.patience(1); // what is due goes once, however long the sleep
    answer();
    await settled();
    expect(one.state).toMatchObject({ store: 'kept', unsaved: 0 });
    expect(serverIds(one)).toEqual(['a']);
  });

  test('should be taken up when it opens late: it keeps what was entered, and shows what it had', async () => {
    const storage = memoryStorage();
    await storage.keep('job', note('left from before'));
    await storage.setAside([{ streamId: 'job', event: note('odd'), reason: { code: 'tooLarge' } }]);
    let open: (storage: StreamStorage) => void = () => undefined;
    const one = bench(new Promise((resolve) => (open = resolve)));
    one.server.answer = () => ({ kind: 'away' });
    await one.record('a');
    await one.timers.patience(10);
    expect(one.state).toMatchObject({ store: 'refused', unsaved: 1 });
    expect(one.ids('waiting')).toEqual(['a']);
    open(storage);
    await settled();
    expect(one.state).toMatchObject({ store: 'kept', unsaved: 0 });
    expect(one.ids('waiting')).toEqual(['left from before', 'a']);
    expect(one.state.aside.map(({ event }) => event.id)).toEqual(['odd']);
    const kept = await storage.load('job');
    expect(kept.waiting.map(({ id }) => id)).toEqual(['left from before', 'a']);
  });
});
