import type { InputFault } from '@wendaxis/core/faults';

import type { PullAnswer, PushAnswer, StreamEvent, Transport } from './streamTypes.ts';

/** The workshop's log. Every other log is a job's. */
export const WORKSHOP_STREAM = 'workshop';
const PATIENCE = 15_000; // ms

/** The fetch of the browser, or of a test. */
export type Fetch = (path: string, init: RequestInit) => Promise<Response>;

/** What came back: the status, and the body where it is JSON. */
interface Answer {
  readonly status: number;
  readonly body: unknown;
}

/** Events to and from the server, by HTTP. It never fails: what goes wrong is an answer. */
export function httpTransport(ask: Fetch): Transport {
  const call = async (
    streamId: string,
    query: string,
    init: RequestInit,
  ): Promise<Answer | null> => {
    const path = streamId === WORKSHOP_STREAM ? '/workshop' : `/jobs/${streamId}`;
    try {
      const signal = AbortSignal.timeout(PATIENCE);
      const response = await ask(`/api${path}/events${query}`, { ...init, signal });
      return { status: response.status, body: await response.json().catch(() => null) };
    } catch {
      return null;
    }
  };
  return {
    async push(streamId, events) {
      const body = JSON.stringify({ events: events.map(({ seq: _, ...event }) => event) });
      const headers = { 'content-type': 'application/json' };
      return pushAnswer(await call(streamId, '', { method: 'POST', headers, body }));
    },
    async pull(streamId, after) {
      return pullAnswer(await call(streamId, `?after=${after}`, {}));
    },
  };
}

/** Refusals of our server that are about some entry of several. */
const SEND_FEWER: ReadonlySet<string> = new Set(['tooLarge', 'notStorable']);

function pushAnswer(answer: Answer | null): PushAnswer {
  if (answer === null) return { kind: 'away' };
  const { status, body } = answer;
  const accepted = (body as { accepted?: unknown } | null)?.accepted;
  if (status === 201 && Array.isArray(accepted)) return { kind: 'accepted', accepted };
  const error = errorOf(body);
  if (error === null) return { kind: status >= 500 ? 'away' : 'notOurServer' };
  const places = error.faults.flatMap(({ field }) => {
    const place = /^events\[(\d+)\]/u.exec(field)?.[1];
    return place === undefined ? [] : [Number(place)];
  });
  // Of several entries one is too large or cannot be stored: fewer at once tell which. Any other program's 413 says nothing.
  if (SEND_FEWER.has(error.code) && places.length === 0) return { kind: 'tooLarge' };
  // Only a refusal that names an event is about that event.
  if (status < 500 && places.length > 0)
    return { kind: 'refused', places, message: error.message, faults: error.faults };
  return withoutPlaces(status, error.code);
}

function pullAnswer(answer: Answer | null): PullAnswer {
  if (answer === null) return { kind: 'away' };
  const { status, body } = answer;
  const { events, lastSeq } = (body ?? {}) as { events?: unknown; lastSeq?: unknown };
  if (status === 200 && Array.isArray(events) && typeof lastSeq === 'number')
    return { kind: 'page', events: events as readonly StreamEvent[], lastSeq };
  const error = errorOf(body);
  if (error === null) return { kind: status >= 500 ? 'away' : 'notOurServer' };
  return withoutPlaces(status, error.code);
}

function withoutPlaces(status: number, code: string) {
  if (code === 'noSuchStream') return { kind: 'noSuchLog' } as const;
  if (code === 'unavailable') return { kind: 'away' } as const;
  return { kind: status >= 500 ? 'failed' : 'notOurServer' } as const;
}

/** An error as our server words it; null for anything else, such as the page of another program on the port. */
function errorOf(
  body: unknown,
): { code: string; message: string; faults: readonly InputFault[] } | null {
  const error = (body as { error?: { code?: unknown; message?: unknown; faults?: unknown } } | null)
    ?.error;
  if (typeof error?.code !== 'string' || typeof error.message !== 'string') return null;
  const faults = Array.isArray(error.faults) ? (error.faults as readonly InputFault[]) : [];
  return { code: error.code, message: error.message, faults };
}
