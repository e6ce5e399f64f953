import type { JobEvent, WorkshopEvent } from './events.ts';
import { foldJob } from './foldJob.ts';
import { foldWorkshop } from './foldWorkshop.ts';
import logs from './tests/logsOfVersion1.json';

/**
 * Logs as they were written in version 1, with every kind of event applied at least once, and what they came to then.
 * They are never written anew: a log that a workshop has must always come to the same.
 */
interface OldLogs {
  readonly workshop: { readonly events: readonly WorkshopEvent[]; readonly state: object };
  readonly jobs: readonly {
    readonly events: readonly JobEvent[];
    readonly state: { readonly clocks: readonly object[] };
  }[];
}
const OLD = logs as unknown as OldLogs;
/** As JSON, without what was not yet folded then: when things happened among all others, how far in adjusters were. */
const LATER = ['order', 'moved'];
const withoutAdjusters = (inPlace: object): object =>
  Object.fromEntries(Object.entries(inPlace).filter(([id]) => !id.startsWith('adjuster-')));
const plain = (value: unknown): unknown =>
  JSON.parse(
    JSON.stringify(value, (key, member: unknown) =>
      LATER.includes(key)
        ? undefined
        : key === 'inPlace'
          ? withoutAdjusters(member as object)
          : member,
    ),
  );

test('should fold the jobs of version 1 to the state that they had', () => {
  expect(OLD.jobs.length).toBeGreaterThan(10);
  for (const { events, state } of OLD.jobs) {
    const { log, ...now } = foldJob(events);
    const { told, left: _left, ...rest } = log;
    expect(told).toEqual(events);
    const ignored = log.ignored.map(({ eventId, type }) => ({ eventId, type }));
    // It had no parts then: everything stood side by side.
    const { unit, specs, steps, ...parts } = { ...now, log: { ...rest, ignored } };
    const flat = Object.assign({ unit, specs, steps }, ...Object.values(parts)) as object;
    // A clock did not know then what its part was to be brought to.
    const clocks = state.clocks.map((clock) => ({ ...clock, heat: null }));
    expect(plain(flat)).toEqual({
      ...state,
      clocks,
      start: 'running',
      renew: [],
      accepted: {},
      stops: {},
      cutUp: {},
      depths: [],
      backlashes: [],
      patterns: [],
    });
  }
});

test('should fold the workshop of version 1 to the state that it had', () => {
  // It kept no drivers, rods and spacers.
  const kept = { ...OLD.workshop.state, drivers: [], rods: [], spacers: [] };
  expect(plain(foldWorkshop(OLD.workshop.events))).toEqual(kept);
});

test('should have every kind of event in the logs of version 1', () => {
  const types = OLD.jobs.flatMap(({ events }) => events.map(({ type }) => type));
  expect(new Set(types).size).toBe(45);
  expect(new Set(OLD.workshop.events.map(({ type }) => type)).size).toBe(13);
});
