import { wholeLog } from './wholeLog.ts';

const PAGE = 5000;

/** A server with a log of so many events, which it gives out by pages. */
function serverWith(count: number): readonly string[] {
  const asked: string[] = [];
  globalThis.fetch = async (input) => {
    const path = String(input);
    asked.push(path);
    const after = Number(new URL(path, 'http://localhost').searchParams.get('after') ?? 0);
    const length = Math.min(PAGE, count - after);
    const events = Array.from({ length }, (_, at) => ({ seq: after + at + 1 }));
    return Response.json({ events, lastSeq: count });
  };
  return asked;
}

describe('the whole log of a job', () => {
  const { fetch } = globalThis;
  afterEach(() => {
    globalThis.fetch = fetch;
  });

  test('should be read to its end, page after page', async () => {
    const asked = serverWith(12_345);
    const log = await wholeLog('job');
    expect(log.map(({ seq }) => seq)).toEqual(Array.from({ length: 12_345 }, (_, at) => at + 1));
    expect(asked).toEqual([0, 5000, 10_000].map((after) => `/api/jobs/job/events?after=${after}`));
  });

  test.each([0, 3, PAGE])('should ask once for a log of %i', async (count) => {
    const asked = serverWith(count);
    expect(await wholeLog('job')).toHaveLength(count);
    expect(asked).toHaveLength(1);
  });
});
