import { NO_LOG, type StateBox, type StreamState } from './streamStore.ts';
import type { AsideEvent, StreamEvent, StreamLog, Trouble } from './streamTypes.ts';

/** What screens see of the logs of this browser, and the ways in which it changes. */
export class ShownLogs {
  readonly #state: StateBox<StreamState>;

  constructor(state: StateBox<StreamState>) {
    this.#state = state;
  }

  get all(): StreamState['logs'] {
    return this.#state.getState().logs;
  }

  get aside(): readonly AsideEvent[] {
    return this.#state.getState().aside;
  }

  log(streamId: string): StreamLog {
    return this.all[streamId] ?? NO_LOG;
  }

  /** Place of the last event of a log that the server is known to have; 0 before the first. */
  lastSeq(streamId: string): number {
    return this.log(streamId).confirmed.at(-1)?.seq ?? 0;
  }

  change(streamId: string, change: (log: StreamLog) => Partial<StreamLog>): void {
    this.#state.setState(({ logs }) => {
      const log = logs[streamId] ?? NO_LOG;
      return { logs: { ...logs, [streamId]: { ...log, ...change(log) } } };
    });
  }

  /** An entry that waits to be sent, behind all that wait; once. */
  addWaiting(streamId: string, event: StreamEvent): void {
    this.change(streamId, ({ confirmed, waiting }) =>
      [...confirmed, ...waiting].some(({ id }) => id === event.id)
        ? {}
        : { waiting: [...waiting, event] },
    );
  }

  /** The server has these: each once, in order; what waited for it waits no longer. */
  confirm(streamId: string, events: readonly StreamEvent[]): void {
    this.change(streamId, ({ confirmed, waiting }) => {
      const last = confirmed.at(-1)?.seq ?? 0;
      const fresh = events.filter(({ seq }) => (seq ?? 0) > last);
      const ids = new Set(events.map(({ id }) => id));
      return {
        confirmed: fresh.length === 0 ? confirmed : [...confirmed, ...fresh],
        waiting: waiting.filter(({ id }) => !ids.has(id)),
      };
    });
  }

  /** Entries wait no longer, whatever became of them. */
  stopWaiting(streamId: string, events: readonly StreamEvent[]): void {
    const ids = new Set(events.map(({ id }) => id));
    this.change(streamId, ({ waiting }) => ({
      waiting: waiting.filter(({ id }) => !ids.has(id)),
    }));
  }

  /** Show entries that were set aside, each once; what is said of one last holds. */
  addAside(rows: readonly AsideEvent[]): void {
    const ids = new Set(rows.map(({ event }) => event.id));
    this.#state.setState(({ aside }) => ({
      aside: [...aside.filter(({ event }) => !ids.has(event.id)), ...rows],
    }));
  }

  dropAside(ids: readonly string[]): void {
    this.#state.setState(({ aside }) => ({
      aside: aside.filter(({ event }) => !ids.includes(event.id)),
    }));
  }

  /** What stands in the way, on screen. A server that cannot be reached is one thing, one that answers wrongly another. */
  tell(streamId: string, trouble: Trouble | 'away'): void {
    const unknown = trouble === 'noSuchLog' ? 'missing' : 'unreachable';
    this.change(streamId, ({ status, waiting }) =>
      status === 'loading' && waiting.length === 0 ? { status: unknown } : {},
    );
    // A log that the server does not have is nothing amiss while nothing waits to go up to it.
    const amiss = trouble !== 'noSuchLog' || this.log(streamId).waiting.length > 0;
    const reached = trouble === 'noSuchLog' || trouble === 'serverFails';
    this.set({
      reach: reached ? 'online' : 'offline',
      trouble: trouble === 'away' || !amiss ? null : trouble,
    });
  }

  /** Change what is said of sending and of the store, where it differs. */
  set(change: Partial<StreamState>): void {
    const now = this.#state.getState();
    const differs = Object.entries(change).some(
      ([name, value]) => now[name as keyof StreamState] !== value,
    );
    if (differs) this.#state.setState(() => change);
  }
}
