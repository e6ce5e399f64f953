import type { StreamState } from '../../stores/stream/index.ts';
import { keptWords, sendingOf, storeWords } from './sendingModel.ts';

const log = (waiting: number) => ({
  confirmed: [],
  waiting: Array.from({ length: waiting }, () => ({})),
  status: 'ready',
});
const state = (change: Partial<StreamState>, ...waiting: readonly number[]): StreamState =>
  ({
    logs: Object.fromEntries(waiting.map((count, at) => [`log-${at}`, log(count)])),
    reach: 'online',
    trouble: null,
    store: 'kept',
    unsaved: 0,
    aside: [],
    ...change,
  }) as unknown as StreamState;
const words = (now: StreamState) => {
  const sending = sendingOf(now);
  return sending === null ? null : sending.words + keptWords(sending);
};

describe('what the header says of sending', () => {
  test('should say nothing before anything is known, and that all is sent when it is', () => {
    expect(words(state({ reach: 'connecting' }))).toBeNull();
    expect(words(state({}, 0, 0))).toBe('All sent');
    expect(sendingOf(state({}))?.well).toBe(true);
  });

  test('should count what waits over all logs, and say where it is kept', () => {
    expect(words(state({ reach: 'offline' }, 2, 1))).toBe('Server out of reach (3 kept here)');
    expect(words(state({ reach: 'offline', unsaved: 2 }, 3))).toBe(
      'Server out of reach (3 wait, 2 on this page only)',
    );
    expect(words(state({}, 1))).toBe('Sending (1 kept here)');
  });

  test.each([
    ['notOurServer', 'Another program answers (1 kept here)'],
    ['serverFails', 'The server fails (1 kept here)'],
    ['noSuchLog', 'The server lacks this job (1 kept here)'],
  ] as const)('should tell %s from a server that cannot be reached', (trouble, expected) => {
    expect(words(state({ trouble }, 1))).toBe(expected);
    expect(sendingOf(state({ trouble }))?.well).toBe(false);
  });
});

describe('what a browser without a store says', () => {
  test.each([
    [{ waiting: 2, unsaved: 1 }, /^1 entry is on this page only/u],
    [{ waiting: 2, unsaved: 0 }, /^2 entries wait for the server, kept here/u],
    [{ waiting: 0, unsaved: 0 }, /at the server\.$/u],
  ])('should never call sent what still waits: %j', (now, expected) => {
    expect(storeWords(now)).toMatch(expected);
  });
});
