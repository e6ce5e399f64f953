import type { StreamEvent } from './streamTypes.ts';

/** An entry that was in no store yet when its page was left. */
export interface JournalRow {
  readonly streamId: string;
  readonly event: StreamEvent;
}

/**
 * What is written down at the very moment it is recorded, before the browser's store has it: that store answers later,
 * and a page that is left meanwhile would take the entry with it.
 */
export interface Journal {
  /** @returns whether it is written down: a page that is left now loses nothing */
  write(streamId: string, event: StreamEvent): boolean;
  /** Entries that are kept elsewhere now, or need not be. */
  drop(ids: readonly string[]): void;
  /** What pages that were left had not handed over, in the order in which it was recorded. */
  left(): readonly JournalRow[];
}

/** The part of the browser's storage that a journal is written in. */
export type PlainStorage = Pick<Storage, 'getItem' | 'setItem' | 'removeItem' | 'key' | 'length'>;

const PREFIX = 'wendaxis.journal.';

/**
 * A journal in a storage that writes at once; one key an entry, so that tabs do not overwrite each other. Where the
 * browser refuses it or has no room, entries go only where they go without a journal.
 * @param storage asked for at each use: a browser may refuse the storage itself
 * @param now milliseconds since any beginning that all tabs share
 */
export function plainJournal(storage: () => PlainStorage, now: () => number): Journal {
  const keys = new Map<string, string>();
  let last = 0;
  return {
    write(streamId, event) {
      last = Math.max(last + 1, now() * 1000);
      const key = `${PREFIX}${String(last).padStart(20, '0')}.${event.id}`;
      keys.set(event.id, key);
      return attempt(() => storage().setItem(key, JSON.stringify({ streamId, event })));
    },
    drop(ids) {
      for (const id of ids) {
        const key = keys.get(id);
        if (key === undefined) continue;
        keys.delete(id);
        attempt(() => storage().removeItem(key));
      }
    },
    left() {
      const rows: JournalRow[] = [];
      attempt(() => {
        const place = storage();
        const names = Array.from({ length: place.length }, (_, at) => place.key(at) ?? '');
        for (const key of names.filter((name) => name.startsWith(PREFIX)).toSorted()) {
          const row = parsed(place.getItem(key));
          if (row === null) place.removeItem(key);
          else if (!keys.has(row.event.id)) rows.push(row);
          if (row !== null) keys.set(row.event.id, key);
        }
      });
      return rows;
    },
  };
}

/** A row as it was written; null for what is none. */
function parsed(text: string | null): JournalRow | null {
  try {
    const row = JSON.parse(text ?? '') as JournalRow | null;
    return typeof row?.streamId === 'string' && typeof row.event?.id === 'string' ? row : null;
  } catch {
    return null;
  }
}

/** Whether the browser does what it is asked. */
function attempt(action: () => void): boolean {
  try {
    action();
    return true;
  } catch {
    return false;
  }
}
