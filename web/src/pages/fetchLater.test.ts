import { fetchLater } from './fetchLater.ts';
import { LATER_PAGES } from './laterPages.ts';

jest.mock('./laterPages.ts', () => ({
  LATER_PAGES: { one: { fetch: jest.fn() }, other: { fetch: jest.fn() } },
}));
jest.mock('../features/workshop/PersonDialog.tsx', () => ({ PersonDialog: () => null }));
const pages = LATER_PAGES as unknown as Readonly<Record<'one' | 'other', { fetch: jest.Mock }>>;

const inList = () => false;

describe('the other pages', () => {
  beforeEach(() => {
    jest.useFakeTimers({ doNotFake: ['performance'] });
    jest.clearAllMocks();
    Object.assign(globalThis, { window: {} });
  });
  afterEach(() => {
    jest.useRealTimers();
    Reflect.deleteProperty(globalThis, 'window');
  });

  test('should be fetched once what the first page asked for has come', () => {
    let asking = 1;
    fetchLater({ isFetching: () => asking }, inList);
    jest.advanceTimersByTime(2000);
    expect(pages.one.fetch).not.toHaveBeenCalled();
    asking = 0;
    jest.advanceTimersByTime(1200);
    expect(pages.one.fetch).not.toHaveBeenCalled();
    jest.advanceTimersByTime(400);
    expect(pages.one.fetch).toHaveBeenCalledTimes(1);
    expect(pages.other.fetch).toHaveBeenCalledTimes(1);
    jest.advanceTimersByTime(9000);
    expect(pages.one.fetch).toHaveBeenCalledTimes(1);
  });

  test('should not come before a page on a slow machine has begun to ask', () => {
    let asking = 0;
    fetchLater({ isFetching: () => asking }, inList);
    jest.advanceTimersByTime(800);
    asking = 1;
    jest.advanceTimersByTime(3000);
    expect(pages.one.fetch).not.toHaveBeenCalled();
    asking = 0;
    jest.advanceTimersByTime(1600);
    expect(pages.one.fetch).toHaveBeenCalledTimes(1);
  });

  test('should come where the first page asks for nothing', () => {
    fetchLater({ isFetching: () => 0 }, inList);
    jest.advanceTimersByTime(1600);
    expect(pages.one.fetch).toHaveBeenCalledTimes(1);
  });

  test('should not wait for ever for a server that does not answer', () => {
    fetchLater({ isFetching: () => 1 }, inList);
    jest.advanceTimersByTime(8200);
    expect(pages.one.fetch).toHaveBeenCalledTimes(1);
  });

  test('should be asked for again where the server was lost over it, and be marked as here once all are', async () => {
    performance.clearMarks();
    pages.other.fetch.mockRejectedValueOnce(new Error('no server'));
    fetchLater({ isFetching: () => 0 }, inList);
    await jest.advanceTimersByTimeAsync(1600);
    expect(performance.getEntriesByName('pages here')).toHaveLength(0);
    await jest.advanceTimersByTimeAsync(5000);
    expect(pages.other.fetch).toHaveBeenCalledTimes(2);
    expect(performance.getEntriesByName('pages here')).toHaveLength(1);
  });

  test('should come at once in a job: the server may be lost at any moment', () => {
    let inJob = false;
    fetchLater({ isFetching: () => 1 }, () => inJob);
    jest.advanceTimersByTime(500);
    expect(pages.one.fetch).not.toHaveBeenCalled();
    inJob = true;
    jest.advanceTimersByTime(300);
    expect(pages.one.fetch).toHaveBeenCalledTimes(1);
  });
});
