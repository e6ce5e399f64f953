import { ask, AnswerError, OutOfReachError, send } from './client.ts';

const FAULT = {
  code: 'outOfRange',
  field: 'after',
  value: -1,
  wanted: { id: 'number', min: 0 },
  expected: 'at least 0',
} as const;
const answer = (status: number, body: string) =>
  jest
    .spyOn(globalThis, 'fetch')
    .mockImplementation(() => Promise.resolve(new Response(body, { status })));

describe('asking the server', () => {
  afterEach(() => jest.restoreAllMocks());

  test('should give what it answers, and send JSON', async () => {
    const fetched = answer(200, '{"jobs":[]}');
    expect(await ask('/jobs')).toEqual({ jobs: [] });
    expect(await send('/jobs/x/events', { events: [] })).toEqual({ jobs: [] });
    expect(fetched.mock.calls[1]).toMatchObject([
      '/api/jobs/x/events',
      { method: 'POST', body: '{"events":[]}' },
    ]);
  });

  test('should tell a refusal with its faults, so that they can be shown at their fields', async () => {
    answer(400, JSON.stringify({ error: { code: 'badInput', message: 'No.', faults: [FAULT] } }));
    const error = await ask('/jobs').catch((thrown: unknown) => thrown);
    expect(error).toBeInstanceOf(AnswerError);
    expect(error).toMatchObject({ status: 400, code: 'badInput', faults: [FAULT] });
  });

  test.each<[string, () => unknown]>([
    ['cannot be reached', () => jest.spyOn(globalThis, 'fetch').mockRejectedValue(new TypeError())],
    [
      'says that its database is away',
      () => answer(503, '{"error":{"code":"unavailable","message":"Away.","faults":[]}}'),
    ],
    ['fails without a word', () => answer(502, '<html>')],
  ])('should be tried again where it %s', async (_, happen) => {
    happen();
    await expect(ask('/jobs')).rejects.toBeInstanceOf(OutOfReachError);
  });

  test('should say of an answer that cannot be read which status it had', async () => {
    answer(404, 'nothing');
    await expect(ask('/jobs')).rejects.toThrow('The server answered 404.');
  });
});
