import type { Request, Response } from 'express';

/** A comment this often keeps proxies from closing a quiet stream (ms). */
const HEARTBEAT = 15_000;
/** A browser that takes nothing while this much waits for it has gone (bytes). */
const MOST_WAITING = 4_000_000;

/** One open server-sent event stream to a browser. */
export interface BrowserStream {
  send(event: string, data: string): void;
}

/**
 * Turn an answer into a server-sent event stream.
 * @param onClose called once, when the browser has gone
 */
export function openEventStream(
  request: Request,
  response: Response,
  onClose: () => void,
): BrowserStream {
  response.writeHead(200, {
    'content-type': 'text/event-stream; charset=utf-8',
    'cache-control': 'no-store, no-transform',
    'x-accel-buffering': 'no',
  });
  const write = (text: string): void => {
    if (response.writableEnded || response.destroyed) return;
    response.write(text);
    if (response.writableLength > MOST_WAITING) response.destroy();
  };
  write(': open\n\n');
  const heartbeat = setInterval(() => write(': still here\n\n'), HEARTBEAT);
  let open = true;
  const close = (): void => {
    if (!open) return;
    open = false;
    clearInterval(heartbeat);
    onClose();
  };
  response.on('close', close);
  request.on('close', close);
  return { send: (event, data) => write(`event: ${event}\ndata: ${data}\n\n`) };
}
