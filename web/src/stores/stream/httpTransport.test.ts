import { httpTransport } from './httpTransport.ts';
import type { StreamEvent } from './streamTypes.ts';

const EVENT = {
  id: 'a',
  seq: null,
  type: 'NoteWritten',
  version: 1,
  at: '',
  by: 'ann',
  data: {},
} as unknown as StreamEvent;
const error = (code: string, fields: readonly string[] = []) => ({
  error: {
    code,
    message: 'words',
    faults: fields.map((field) => ({
      code: 'outOfRange',
      field,
      value: 1,
      expected: 'less',
      wanted: { id: 'smallerNumber' },
    })),
  },
});

/** A transport whose server answers this. */
const answering = (status: number, body: unknown) => {
  const asked: { path: string; init: RequestInit }[] = [];
  const transport = httpTransport((path, init) => {
    asked.push({ path, init });
    const text = typeof body === 'string' ? body : JSON.stringify(body);
    return Promise.resolve(new Response(text, { status }));
  });
  return { transport, asked };
};
const push = (status: number, body: unknown) =>
  answering(status, body).transport.push('job-1', [EVENT, EVENT]);
const pull = (status: number, body: unknown) => answering(status, body).transport.pull('job-1', 7);

describe('sending events', () => {
  test('should go to the log’s own address, without the place that only the server gives', async () => {
    const { transport, asked } = answering(201, { accepted: [], lastSeq: 0 });
    await transport.push('job-1', [EVENT]);
    await transport.push('workshop', [EVENT]);
    expect(asked.map(({ path }) => path)).toEqual([
      '/api/jobs/job-1/events',
      '/api/workshop/events',
    ]);
    expect(JSON.parse(asked[0]!.init.body as string).events[0]).not.toHaveProperty('seq');
  });

  test.each<[string, number, unknown, object]>([
    [
      'a refusal that names events',
      400,
      error('badInput', ['events[1].data.text']),
      { kind: 'refused', places: [1] },
    ],
    [
      'an id that stands for something else',
      409,
      error('idTaken', ['events[0].id']),
      { kind: 'refused', places: [0] },
    ],
    ['a refusal that names no event', 400, error('badInput', ['events']), { kind: 'notOurServer' }],
    ['a log that is not there', 404, error('noSuchStream', ['streamId']), { kind: 'noSuchLog' }],
    ['another program on the port', 404, '<html>Not found</html>', { kind: 'notOurServer' }],
    ['another program that says yes to anything', 200, '<html>ok</html>', { kind: 'notOurServer' }],
    ['JSON of another program', 400, { message: 'bad' }, { kind: 'notOurServer' }],
    ['too much at once', 413, error('tooLarge'), { kind: 'tooLarge' }],
    ['too much, says some other program', 413, 'too large', { kind: 'notOurServer' }],
    ['a database that is away', 503, error('unavailable'), { kind: 'away' }],
    ['a server that fails', 500, error('internal'), { kind: 'failed' }],
    [
      'a server that fails and names an event',
      500,
      error('internal', ['events[0]']),
      { kind: 'failed' },
    ],
    ['a gateway without a server behind it', 502, 'bad gateway', { kind: 'away' }],
  ])('should tell %s', async (_, status, body, expected) => {
    expect(await push(status, body)).toMatchObject(expected);
  });

  test('should tell a network that is cut', async () => {
    const cut = httpTransport(() => Promise.reject(new TypeError('failed to fetch')));
    expect(await cut.push('job-1', [EVENT])).toEqual({ kind: 'away' });
    expect(await cut.pull('job-1', 0)).toEqual({ kind: 'away' });
  });
});

describe('fetching events', () => {
  test.each<[string, number, unknown, object]>([
    ['a page', 200, { events: [EVENT], lastSeq: 8 }, { kind: 'page', lastSeq: 8 }],
    ['a log that is not there', 404, error('noSuchStream'), { kind: 'noSuchLog' }],
    ['another program on the port', 200, '<html></html>', { kind: 'notOurServer' }],
    ['a server that fails', 500, error('internal'), { kind: 'failed' }],
    ['a database that is away', 503, error('unavailable'), { kind: 'away' }],
  ])('should tell %s', async (_, status, body, expected) => {
    expect(await pull(status, body)).toMatchObject(expected);
  });
});
