import 'reflect-metadata';
import { faultsOfEvent } from './tests/batches.ts';

describe('the time of an event', () => {
  const faults = (at: unknown) =>
    faultsOfEvent('NoteWritten', { text: 'a' }, { at }).map(({ field }) => field);

  test.each(['2026-11-24T08:00:00.000Z', '2026-11-24T08:00:00+01:00', '2028-02-29T23:59:59Z'])(
    'should be taken as %s',
    (at) => expect(faults(at)).toEqual([]),
  );

  test.each([
    '2026-W48-2',
    '2026-11-24',
    '20261124T080000Z',
    '2026-02-30T08:00:00Z',
    '2026-13-01T08:00:00Z',
    '2026-11-24T25:00:00Z',
    '',
    null,
    1,
  ])('should be refused as %s', (at) => expect(faults(at)).toEqual(['events[0].at']));
});
