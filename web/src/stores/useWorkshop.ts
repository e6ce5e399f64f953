import { useEffect, useMemo } from 'react';

import { foldWorkshop, type WorkshopEvent, type WorkshopState } from '@wendaxis/core/job';

import { browserStreams, NO_LOG, useStreams, WORKSHOP_STREAM } from './stream/index.ts';

/** The workshop as pages see it, folded from its log in this browser: it is there without the server as well. */
export interface OpenWorkshop {
  /** Undefined until anything is known of it. */
  readonly data: WorkshopState | undefined;
  readonly isPending: boolean;
  /** Nothing is known of it here, and the server does not answer. */
  readonly isError: boolean;
}

let folded: { readonly events: readonly WorkshopEvent[]; readonly state: WorkshopState } | null =
  null;

/** One fold for every part of a page that asks. */
function fold(events: readonly WorkshopEvent[]): WorkshopState {
  const same =
    folded?.events.length === events.length && folded.events.every((one, at) => one === events[at]);
  if (!same || folded === null) folded = { events, state: foldWorkshop(events) };
  return folded.state;
}

/** The workshop of this browser. */
export function useWorkshop(): OpenWorkshop {
  const log = useStreams(({ logs }) => logs[WORKSHOP_STREAM]) ?? NO_LOG;
  useEffect(() => browserStreams().client.open(WORKSHOP_STREAM), []);
  return useMemo(() => {
    const { confirmed, waiting, status } = log;
    // A server without a workshop yet is an empty one.
    const known =
      status === 'ready' || status === 'missing' || confirmed.length + waiting.length > 0;
    return {
      data: known ? fold([...confirmed, ...waiting] as readonly WorkshopEvent[]) : undefined,
      isPending: status === 'loading' && !known,
      isError: status === 'unreachable' && !known,
    };
  }, [log]);
}
