import type { ErrorAnswer } from '@wendaxis/contract';
import type { InputFault } from '@wendaxis/core/faults';

/** The server answered with an error. */
export class AnswerError extends Error {
  readonly status: number;
  readonly code: string;
  readonly faults: readonly InputFault[];

  constructor(status: number, { code, message, faults }: ErrorAnswer['error']) {
    super(message);
    this.name = 'AnswerError';
    this.status = status;
    this.code = code;
    this.faults = faults;
  }
}

/** The server could not be reached, or said that the database is away: sending again later helps. */
export class OutOfReachError extends Error {
  override readonly name = 'OutOfReachError';
}

/** Ask the server. @throws AnswerError, OutOfReachError */
export async function ask<T>(path: string, init: RequestInit = {}): Promise<T> {
  let response: Response;
  try {
    response = await fetch(`/api${path}`, { ...init, signal: AbortSignal.timeout(10_000) });
  } catch (cause) {
    throw new OutOfReachError('The server does not answer.', { cause });
  }
  if (response.ok) return (await response.json()) as T;
  const answer = await readError(response);
  if (response.status >= 500) throw new OutOfReachError(answer.message);
  throw new AnswerError(response.status, answer);
}

/** Send JSON. */
export function send<T>(path: string, body: unknown): Promise<T> {
  const headers = { 'content-type': 'application/json' };
  return ask(path, { method: 'POST', headers, body: JSON.stringify(body) });
}

async function readError(response: Response): Promise<ErrorAnswer['error']> {
  try {
    return ((await response.json()) as ErrorAnswer).error;
  } catch {
    return { code: 'internal', message: `The server answered ${response.status}.`, faults: [] };
  }
}
