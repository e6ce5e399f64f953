import type { Request, Response } from 'express';

/** A comment this often keeps proxies from closing a quiet stream (ms). */
const HEARTBEAT = 15_000;

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
    'cache-control': 'no-store',
    'x-accel-buffering': 'no',
  });
  response.write(': open\n\n');
  const heartbeat = setInterval(() => response.write(': still here\n\n'), HEARTBEAT);
  request.on('close', () => {
    clearInterval(heartbeat);
    onClose();
  });
  return { send: (event, data) => void response.write(`event: ${event}\ndata: ${data}\n\n`) };
}
