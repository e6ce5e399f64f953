import { plainJournal } from './journal.ts';
import { memoryStorage } from './memoryStorage.ts';
import { bench, NO_JOURNAL, note, PlainMap, serverIds, settled } from './tests/clientBench.ts';

const journalOn = (place: PlainMap, now = () => 5) => plainJournal(() => place, now);

describe('what is written down at once', () => {
  test('should be there for the next page in the order in which it was recorded, and be dropped by id', () => {
    const place = new PlainMap();
    const first = journalOn(place);
    for (const id of ['z', 'a', 'm']) first.write('job', note(id));
    first.drop(['a', 'never written']);
    expect(journalOn(place).left()).toEqual([
      { streamId: 'job', event: note('z') },
      { streamId: 'job', event: note('m') },
    ]);
    expect(first.left()).toEqual([]); // its own are on their way
  });

  test('should leave alone what is not its own, and let go of what cannot be read', () => {
    const place = new PlainMap([
      ['wendaxis.settings', '{}'],
      ['wendaxis.journal.1.x', '{"streamId":'],
      ['wendaxis.journal.2.y', '{"streamId":"job"}'],
    ]);
    expect(journalOn(place).left()).toEqual([]);
    expect([...place.keys()]).toEqual(['wendaxis.settings']);
  });

  test('should hold nothing up where the browser refuses it', () => {
    expect(NO_JOURNAL.write('job', note('a'))).toBe(false);
    NO_JOURNAL.drop(['a']);
    expect(NO_JOURNAL.left()).toEqual([]);
  });
});

describe('a page that is left before the browser’s store has an entry', () => {
  test('should lose nothing: both halves of one act go up from the next page, behind what was kept', async () => {
    const place = new PlainMap();
    const storage = memoryStorage();
    // The store takes the first and never answers again: the page is gone.
    let asked = 0;
    const gone = bench(
      Promise.resolve({
        ...storage,
        keep: (streamId, event) =>
          (asked += 1) === 1 ? storage.keep(streamId, event) : new Promise<void>(() => {}),
      }),
      undefined,
      journalOn(place),
    );
    gone.server.answer = () => ({ kind: 'away' });
    gone.client.record('job', note('seen'));
    await settled();
    gone.client.record('job', note('decided'));
    gone.client.record('job', note('noted'));
    await settled();
    expect(place.size).toBe(2);

    const next = bench(Promise.resolve(storage), undefined, journalOn(place));
    await settled();
    expect(serverIds(next)).toEqual(['seen', 'decided', 'noted']);
    expect(next.ids('confirmed')).toEqual(['seen', 'decided', 'noted']);
    expect(place.size).toBe(0);
    expect(await storage.waitingStreams()).toEqual([]);
  });

  test('should be carried over even where the browser has no store', async () => {
    const place = new PlainMap();
    const refused = () => Promise.reject(new Error('refused'));
    const gone = bench(refused(), undefined, journalOn(place));
    gone.server.answer = () => ({ kind: 'away' });
    await gone.record('a');
    expect(gone.state).toMatchObject({ store: 'refused', unsaved: 0 });
    const next = bench(refused(), undefined, journalOn(place));
    await settled();
    expect(serverIds(next)).toEqual(['a']);
    expect(place.size).toBe(0);
  });

  test('should be sent once when two pages find it', async () => {
    const place = new PlainMap();
    journalOn(place).write('job', note('a'));
    const storage = memoryStorage();
    const one = bench(Promise.resolve(storage), undefined, journalOn(place));
    const other = bench(Promise.resolve(storage), undefined, journalOn(place));
    await settled();
    expect([serverIds(one), serverIds(other)]).toEqual([['a'], ['a']]);
    expect((await storage.load('job')).waiting).toEqual([]);
  });
});
