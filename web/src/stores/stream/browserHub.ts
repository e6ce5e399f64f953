import { v4 as uuid } from 'uuid';

import { LiveHub, type HubParts, type Watch } from './liveHub.ts';

const CHANNEL = 'wendaxis.live';
const EVENTS = ['hello', 'grown', 'missed', 'line', 'refused'] as const;

/** The hub on what the browser has: a lock that one tab holds, a channel between tabs, a stream of events. */
export function browserHub(): LiveHub {
  const channel = new BroadcastChannel(CHANNEL);
  const parts: HubParts = {
    tab: uuid(),
    lead: (action) => {
      // Without locks each tab leads for itself: it works, with one connection a tab.
      if ('locks' in navigator) void navigator.locks.request(CHANNEL, action);
      else void action();
    },
    channel: {
      post: (message) => channel.postMessage(message),
      listen: (listener) => channel.addEventListener('message', ({ data }) => listener(data)),
    },
    openSource,
    sendWatches,
    timers: {
      set: (action, wait) => setTimeout(action, wait),
      clear: (timer) => clearTimeout(timer as number),
    },
  };
  return new LiveHub(parts);
}

const openSource: HubParts['openSource'] = (onMessage) => {
  const source = new EventSource('/api/live');
  for (const name of EVENTS)
    source.addEventListener(name, ({ data }: MessageEvent<string>) => onMessage(name, data));
  source.addEventListener('error', () => {
    source.close();
    onMessage('closed', '');
  });
  return source;
};

async function sendWatches(connectionId: string, watches: readonly Watch[]): Promise<boolean> {
  try {
    const response = await fetch(`/api/live/${connectionId}/watches`, {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify({ watches }),
    });
    return response.status !== 404;
  } catch {
    return true; // out of reach: the stream itself will tell
  }
}
