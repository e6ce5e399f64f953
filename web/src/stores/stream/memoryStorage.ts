import type { AsideEvent, StreamEvent, StreamStorage } from './streamTypes.ts';

/** A store that lasts as long as the page: where the browser refuses its own, and in tests. */
export function memoryStorage(): StreamStorage {
  const confirmed = new Map<string, StreamEvent[]>();
  let waiting: { readonly streamId: string; readonly event: StreamEvent }[] = [];
  const aside = new Map<string, AsideEvent>();
  const done = Promise.resolve();
  return {
    load: (streamId) =>
      Promise.resolve({
        confirmed: [...(confirmed.get(streamId) ?? [])],
        waiting: waiting.filter((row) => row.streamId === streamId).map(({ event }) => event),
      }),
    keep(streamId, event) {
      if (!waiting.some(({ event: { id } }) => id === event.id)) waiting.push({ streamId, event });
      return done;
    },
    confirm(streamId, events) {
      const ids = new Set(events.map(({ id }) => id));
      waiting = waiting.filter(({ event }) => !ids.has(event.id));
      const known = confirmed.get(streamId) ?? [];
      const last = known.at(-1)?.seq ?? 0;
      confirmed.set(streamId, [...known, ...events.filter(({ seq }) => (seq ?? 0) > last)]);
      return done;
    },
    setAside(rows) {
      const ids = new Set(rows.map(({ event }) => event.id));
      waiting = waiting.filter(({ event }) => !ids.has(event.id));
      for (const row of rows) aside.set(row.event.id, row);
      return done;
    },
    aside: () => Promise.resolve([...aside.values()]),
    forget(ids) {
      for (const id of ids) aside.delete(id);
      return done;
    },
    waitingStreams: () => Promise.resolve([...new Set(waiting.map(({ streamId }) => streamId))]),
  };
}
