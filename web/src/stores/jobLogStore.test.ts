import type { JobEvent } from '@wendaxis/core/job';

import { AnswerError } from '../api/client.ts';
import {
  changeLog,
  confirm,
  countUnsaved,
  heldLog,
  refuse,
  setReach,
  useJobLogs,
} from './jobLogStore.ts';

const event = (id: string, seq: number | null) =>
  ({
    id,
    seq,
    type: 'NoteWritten',
    version: 1,
    at: '',
    by: 'runa',
    data: { text: id },
  }) as JobEvent;
const ids = (events: readonly JobEvent[]) => events.map(({ id }) => id);
const refusal = new AnswerError(400, {
  code: 'badInput',
  message: 'no',
  faults: [{ code: 'outOfRange', field: 'events[0].data.text', value: '', expected: 'some text' }],
});

describe('a job’s log in the browser', () => {
  const job = (name: string, waiting: readonly string[] = []) => {
    changeLog(name, () => ({ waiting: waiting.map((id) => event(id, null)) }));
    return name;
  };

  test('should be empty and loading before anything is known', () => {
    expect(heldLog('nothing')).toEqual({ confirmed: [], waiting: [], status: 'loading' });
  });

  test('should take each confirmed event once, in order, and wait for it no longer', () => {
    const id = job('a', ['x', 'y']);
    confirm(id, [event('w', 1), event('x', 2)]);
    confirm(id, [event('x', 2), event('z', 3)]);
    expect(ids(heldLog(id).confirmed)).toEqual(['w', 'x', 'z']);
    expect(ids(heldLog(id).waiting)).toEqual(['y']);
  });

  test('should not make a new list when nothing is new', () => {
    const id = job('b');
    confirm(id, [event('x', 1)]);
    const before = heldLog(id).confirmed;
    confirm(id, [event('x', 1)]);
    expect(heldLog(id).confirmed).toBe(before);
  });

  test('should take out what the server refused, tell it, and keep the rest waiting', () => {
    const id = job('c', ['bad', 'good']);
    refuse(id, [heldLog(id).waiting[0]!], refusal);
    expect(ids(heldLog(id).waiting)).toEqual(['good']);
    expect(useJobLogs.getState().refused[0]).toMatchObject({
      event: { id: 'bad' },
      faults: [{ field: 'events[0].data.text' }],
    });
    useJobLogs.getState().dismissRefused();
    expect(useJobLogs.getState().refused).toEqual([]);
  });

  test('should leave other jobs as they are', () => {
    const [one, two] = [job('d', ['x']), job('e', ['y'])];
    const before = heldLog(two);
    confirm(one, [event('x', 1)]);
    expect(heldLog(two)).toBe(before);
  });

  test('should tell its listeners once for each change of reach', () => {
    let told = 0;
    const stop = useJobLogs.subscribe(() => (told += 1));
    setReach('offline');
    setReach('offline');
    setReach('online');
    stop();
    expect(told).toBe(2);
  });

  test('should count what is not in the browser’s own store yet', () => {
    countUnsaved(1);
    countUnsaved(1);
    countUnsaved(-1);
    expect(useJobLogs.getState().unsaved).toBe(1);
    countUnsaved(-1);
  });
});
