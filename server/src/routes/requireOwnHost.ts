import type { RequestHandler } from 'express';

import { ServerError } from '../errors.ts';

/** Names under which this machine calls itself, with any port. */
const LOOPBACK = /^(?:127(?:\.\d{1,3}){3}|localhost|\[::1\])(?::\d{1,5})?$/iu;

/** Whether a `Host` header, or the host of an origin, names this machine itself. */
export function isOwnHost(host: string | undefined): boolean {
  return host !== undefined && LOOPBACK.test(host);
}

/**
 * Answer only what was asked of this machine by its own name. A page elsewhere can have a name of its own lead to
 * loopback: its browser then sends that name as the host. And what writes must come from a page of ours.
 */
export const requireOwnHost: RequestHandler = (request, _response, next) => {
  if (!isOwnHost(request.headers.host)) throw new ServerError('wrongHost');
  const { origin } = request.headers;
  if (origin !== undefined && !isOwnOrigin(origin)) throw new ServerError('wrongHost');
  next();
};

function isOwnOrigin(origin: string): boolean {
  try {
    return isOwnHost(new URL(origin).host);
  } catch {
    return false;
  }
}
