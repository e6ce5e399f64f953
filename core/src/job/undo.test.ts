import fc from 'fast-check';

import { foldJob } from './foldJob.ts';
import { LogBuilder } from './tests/jobFixture.ts';
import { nextToRedo, nextToUndo, standingEvents } from './undo.ts';

const undo = (log: LogBuilder) => log.add('Undone', { eventId: nextToUndo(log.events)!.id });
const redo = (log: LogBuilder) => log.add('Undone', { eventId: nextToRedo(log.events)!.id });
const standing = (log: LogBuilder) => standingEvents(log.events).map(({ id }) => id);

describe('undo as an event', () => {
  test('should take back the last thing that stands, one press at a time', () => {
    const log = new LogBuilder().booked();
    expect(standing(undo(log))).toEqual(['e1', 'e2']);
    expect(standing(undo(log))).toEqual(['e1']);
    expect(log.events).toHaveLength(5); // nothing is removed from the log
  });

  test('should never take back the opening of the job', () => {
    const log = undo(undo(new LogBuilder().booked()));
    expect(nextToUndo(log.events)).toBeNull();
    expect(nextToUndo([])).toBeNull();
  });

  test('should bring back what the last undos took, in turn', () => {
    const log = undo(undo(new LogBuilder().booked()));
    expect(standing(redo(log))).toEqual(['e1', 'e2']);
    expect(standing(redo(log))).toEqual(['e1', 'e2', 'e3']);
    expect(nextToRedo(log.events)).toBeNull();
  });

  test('should not bring back anything once something new was done', () => {
    const log = undo(new LogBuilder().booked()).add('NoteWritten', { text: 'new' });
    expect(nextToRedo(log.events)).toBeNull();
  });

  const left = (what: (log: LogBuilder) => string) => {
    const log = new LogBuilder().booked().run('r1', [0.3, 0.3, 0.3]).run('r2', [0.2, 0.2, 0.2]);
    return log.add('Undone', { eventId: what(log) });
  };
  test.each([
    ['a reading of it', (log: LogBuilder) => log.events.find((e) => e.type === 'ReadingTaken')!.id],
    ['its closing', (log: LogBuilder) => log.events.find((e) => e.type === 'RunClosed')!.id],
  ])('should keep what was measured after a run that is not closed any more: %s', (_, what) => {
    const log = left(what);
    const { measured, log: folded } = foldJob(log.events);
    expect(measured.runs.map(({ status }) => status)).toEqual(['abandoned', 'closed']);
    expect(measured.runs[1]!.readings).toHaveLength(9);
    expect(folded.ignored.map(({ type }) => type).filter((type) => type === 'RunOpened')).toEqual(
      [],
    );
    // Brought back, it is as it was.
    const again = foldJob(log.add('Undone', { eventId: log.events.at(-1)!.id }).events);
    expect(again.measured.runs.map(({ status }) => status)).toEqual(['closed', 'closed']);
    expect(again.log.ignored).toEqual([]);
  });

  test('should still keep two runs apart where the first was opened again before the second', () => {
    const log = undo(new LogBuilder().booked().run('r1', [0.3, 0.3, 0.3])).run('r2', [], false);
    const { measured, log: folded } = foldJob(log.events);
    expect(measured.runs.map(({ runId, status }) => [runId, status])).toEqual([['r1', 'open']]);
    expect(folded.ignored[0]!.reason).toMatch(/another run is open/);
  });

  test('should open a run again when its closing is taken back', () => {
    const log = undo(new LogBuilder().booked().run('r1', [0.3, 0.3, 0.3]));
    expect(foldJob(log.events).measured.runs[0]!.status).toBe('open');
    expect(foldJob(undo(log).events).measured.runs[0]!.readings).toHaveLength(8);
  });

  test('should be the same as never having done it, and redo as never having undone it', () => {
    fc.assert(
      fc.property(
        fc.array(fc.double({ min: 0, max: 1, noNaN: true }), { maxLength: 12 }),
        (values) => {
          const base = () => new LogBuilder().booked().run('r', [], false);
          const without = base();
          values.forEach((value) => without.reading('r', value));
          const expected = foldJob(without.events).measured.runs;
          const log = base();
          values.forEach((value) => log.reading('r', value));
          log.reading('r', 9);
          expect(foldJob(undo(log).events).measured.runs).toEqual(expected);
          expect(foldJob(redo(log).events).measured.runs[0]!.readings).toHaveLength(
            values.length + 1,
          );
        },
      ),
      { numRuns: 50 },
    );
  });
});
