import type { JobEvent, WorkshopEvent } from '@wendaxis/core/job';

import { LONG_LOG } from '../longLog.ts';
import { browserHub } from './browserHub.ts';
import { httpTransport, WORKSHOP_STREAM } from './httpTransport.ts';
import { openIndexedStorage } from './indexedStorage.ts';
import { plainJournal } from './journal.ts';
import type { LiveHub } from './liveHub.ts';
import { StreamClient } from './streamClient.ts';
import { useStreams } from './streamStore.ts';

/** Everything open is looked at this often, in case news was lost on the way (ms). */
const LOOK_EVERY = 30_000;
const CHANNEL = 'wendaxis.stream';

/** The logs and the live connection of this browser tab. */
export interface BrowserStreams {
  readonly client: StreamClient;
  readonly hub: LiveHub;
}

let made: BrowserStreams | null = null;

/** The one client of this page, made when it is first asked for. */
export function browserStreams(): BrowserStreams {
  made ??= make();
  return made;
}

function make(): BrowserStreams {
  const channel = new BroadcastChannel(CHANNEL);
  const hub = browserHub();
  const client = new StreamClient({
    state: useStreams,
    storage: openIndexedStorage(),
    journal: plainJournal(() => localStorage, Date.now),
    transport: httpTransport((path, init) => fetch(path, init)),
    timers: {
      set: (action, wait) => setTimeout(action, wait),
      clear: (timer) => clearTimeout(timer as number),
    },
    tellTabs: (streamId, event) => channel.postMessage({ streamId, event }),
    readAhead: async (streamId, events) => {
      if (streamId === WORKSHOP_STREAM || events.length < LONG_LOG) return;
      // Reading a job wants the whole of the plan, which the list of jobs does not.
      const job = await import('../foldedJob.ts').catch(() => null);
      // Out of reach: whoever shows the job has it, and reads it then.
      await job?.readAhead(streamId, events as readonly JobEvent[], nextTask);
    },
  });
  channel.addEventListener(
    'message',
    ({ data }: MessageEvent<{ streamId: string; event: JobEvent | WorkshopEvent }>) =>
      client.recordedElsewhere(data.streamId, data.event),
  );
  hub.subscribe((news) => {
    if (news.kind === 'grown') client.grown(news.streamId, news.lastSeq);
    if (news.kind === 'missed') client.syncOpen();
  });
  setInterval(() => client.syncOpen(), LOOK_EVERY);
  window.addEventListener('online', () => client.syncOpen());
  window.addEventListener('beforeunload', (event) => {
    // What neither the server nor the browser's store has would be gone with the page.
    if (useStreams.getState().unsaved > 0) event.preventDefault();
  });
  return { client, hub };
}

/** The browser has done what it had to: painted, taken keys. */
function nextTask(): Promise<void> {
  return new Promise((done) => {
    const { port1, port2 } = new MessageChannel();
    port1.onmessage = () => {
      port1.close();
      done();
    };
    port2.postMessage(null);
  });
}
