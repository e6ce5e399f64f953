import { AppendQueue, type Batch } from './appendQueue.ts';

const batch = (streamId: string, id: string): Batch => ({
  kind: 'job',
  streamId,
  opens: false,
  events: [{ id, type: 'NoteWritten', version: 1, at: '', by: 'ann', data: {} }],
});

/** A store whose calls end when the test says so. */
function slowStore() {
  const calls: { readonly ids: readonly string[]; readonly end: (error?: Error) => void }[] = [];
  const queue = new AppendQueue<string>(
    (batches) =>
      new Promise((resolve, reject) => {
        const ids = batches.map(({ events }) => events[0]!.id);
        calls.push({
          ids,
          end: (error) =>
            error === undefined ? resolve(ids.map((id) => `stored ${id}`)) : reject(error),
        });
      }),
  );
  return { queue, calls };
}
const turn = () => new Promise((resolve) => setImmediate(resolve));

describe('batches that come in the same turn, or while the database is busy', () => {
  test('should go in together, each answered for itself', async () => {
    const { queue, calls } = slowStore();
    const answers = ['a', 'b'].map((id) => queue.append(batch(id, id)));
    await turn();
    expect(calls.map(({ ids }) => ids)).toEqual([['a', 'b']]);
    for (const id of ['c', 'd', 'e']) answers.push(queue.append(batch(id, id)));
    await turn();
    expect(calls).toHaveLength(1); // one call at a time
    calls[0]!.end();
    await turn();
    await turn();
    expect(calls[1]!.ids).toEqual(['c', 'd', 'e']);
    calls[1]!.end();
    expect(await Promise.all(answers)).toEqual(
      ['a', 'b', 'c', 'd', 'e'].map((id) => `stored ${id}`),
    );
  });

  test('should keep their order within a stream, and lock streams in one order', async () => {
    const { queue, calls } = slowStore();
    const first = queue.append(batch('x', '1'));
    await turn();
    const rest = [batch('z', 'z1'), batch('a', 'a1'), batch('z', 'z2'), batch('a', 'a2')].map(
      (one) => queue.append(one),
    );
    calls[0]!.end();
    await turn();
    await turn();
    expect(calls[1]!.ids).toEqual(['a1', 'a2', 'z1', 'z2']);
    calls[1]!.end();
    expect(await Promise.all(rest)).toEqual(['stored z1', 'stored a1', 'stored z2', 'stored a2']);
    await first;
  });

  test('should all be told when the database is away, and the next go on', async () => {
    const { queue, calls } = slowStore();
    const lost = queue.append(batch('a', '1'));
    await turn();
    calls[0]!.end(new Error('away'));
    await expect(lost).rejects.toThrow('away');
    const next = queue.append(batch('a', '2'));
    await turn();
    await turn();
    calls[1]!.end();
    expect(await next).toBe('stored 2');
  });
});
