import type { EntryMarks } from './entryMarks.ts';
import type { KeptStore } from './keptStore.ts';
import type { ShownLogs } from './shownLogs.ts';
import type { AsideEvent, AsideReason, StreamEvent } from './streamTypes.ts';

/** Entries that the server would not take: on screen and in the browser's store, until they are sent again or forgotten. */
export class AsideShelf {
  readonly #logs: ShownLogs;
  readonly #store: KeptStore;
  readonly #marks: EntryMarks;

  constructor(logs: ShownLogs, store: KeptStore, marks: EntryMarks) {
    this.#logs = logs;
    this.#store = store;
    this.#marks = marks;
  }

  /** Show what earlier pages set aside. */
  async load(): Promise<void> {
    const storage = await this.#store.opened();
    const rows = await storage?.aside().catch(() => []);
    const shown = new Set(this.#logs.aside.map(({ event }) => event.id));
    this.#logs.addAside((rows ?? []).filter(({ event }) => !shown.has(event.id)));
  }

  async put(streamId: string, events: readonly StreamEvent[], reason: AsideReason): Promise<void> {
    const rows = events.map((event): AsideEvent => ({ streamId, event, reason }));
    this.#logs.stopWaiting(streamId, events);
    this.#logs.addAside(rows);
    this.#marks.settled(events);
    await this.#store.write((storage) => storage.setAside(rows));
  }

  async forget(ids: readonly string[]): Promise<void> {
    this.#logs.dropAside(ids);
    await this.#store.write((storage) => storage.forget(ids));
  }

  /** Take an entry off the shelf, to be recorded anew; undefined where none has this id. */
  async take(id: string): Promise<AsideEvent | undefined> {
    const row = this.#logs.aside.find(({ event }) => event.id === id);
    if (row !== undefined) await this.forget([id]);
    return row;
  }
}
