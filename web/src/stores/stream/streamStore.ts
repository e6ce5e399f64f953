import { create } from 'zustand';

import type { AsideEvent, Reach, StoreState, StreamLog, Trouble } from './streamTypes.ts';

/** Everything that screens see of the logs in this browser. */
export interface StreamState {
  readonly logs: Readonly<Record<string, StreamLog>>;
  readonly reach: Reach;
  /** Why entries wait although somebody answers; null as a rule. */
  readonly trouble: Trouble | null;
  readonly store: StoreState;
  /** Entries on screen that are neither in the browser's own store nor at the server. */
  readonly unsaved: number;
  readonly aside: readonly AsideEvent[];
}

export const NO_LOG: StreamLog = { confirmed: [], waiting: [], status: 'loading' };

/** A state container with one way to change it, as Zustand has it. */
export interface StateBox<State> {
  getState(): State;
  setState(change: (state: State) => Partial<State>): void;
}

export const useStreams = create<StreamState>()(() => ({
  logs: {},
  reach: 'connecting',
  trouble: null,
  store: 'opening',
  unsaved: 0,
  aside: [],
}));
