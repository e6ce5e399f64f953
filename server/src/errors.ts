import { InputError, wantedWords, type InputFault, type Wanted } from '@wendaxis/core/faults';
import type { ErrorAnswer } from '@wendaxis/contract';

/** Every error the server answers with: its code, HTTP status and message. */
export const ERRORS = {
  badInput: { status: 400, message: 'Some fields cannot be used. Correct them and send again.' },
  notJson: { status: 400, message: 'The body is not JSON. Send valid JSON.' },
  notFound: { status: 404, message: 'There is nothing under this address.' },
  noSuchStream: {
    status: 404,
    message: 'There is no such job. Open it with a JobOpened event first.',
  },
  noSuchDevice: { status: 404, message: 'There is no such device.' },
  practiceOnly: {
    status: 409,
    message: 'This device is simulated. It is had for practice jobs only.',
  },
  wrongHost: {
    status: 421,
    message: 'The server answers only under the address it was started with.',
  },
  badAddress: { status: 400, message: 'The address cannot be read. Check its escapes.' },
  idTaken: { status: 409, message: 'An event with this id is stored already with other contents.' },
  tooLarge: {
    status: 413,
    message: 'The body is too large. Send at most 1 MB, in smaller batches.',
  },
  notStorable: {
    status: 422,
    message: 'The database cannot store this text. Send fewer entries at once to find which.',
  },
  wrongType: { status: 415, message: 'Send the body as application/json.' },
  unavailable: {
    status: 503,
    message: 'The database does not answer. Nothing was stored; send again.',
  },
  internal: {
    status: 500,
    message: 'The server failed. Nothing was stored; the log has the cause.',
  },
} as const;

export type ErrorCode = keyof typeof ERRORS;

/** An error with a code from {@link ERRORS}. */
export class ServerError extends Error {
  readonly code: ErrorCode;
  readonly field: string | null;
  readonly value: unknown;

  constructor(
    code: ErrorCode,
    field: string | null = null,
    value: unknown = null,
    cause?: unknown,
  ) {
    super(ERRORS[code].message, { cause });
    this.name = 'ServerError';
    this.code = code;
    this.field = field;
    this.value = value;
  }
}

/** The way to the database is gone. */
const CONNECTION_LOST = /ECONN|ENOENT|EPIPE|ETIMEDOUT|EHOSTUNREACH/;
/** A code of PostgreSQL: five letters or digits. */
const SQLSTATE = /^[0-9A-Z]{5}$/;
/**
 * Codes that are about what was sent: data that cannot be stored (class 22), and rules of the tables (class 23). Every other
 * one is about the database: read-only, recovering, timed out, out of space, a function that is missing. Nothing was stored,
 * and sending again helps once it is well. PostgreSQL 15 documentation, appendix A.
 */
const ABOUT_WHAT_WAS_SENT = /^2[23]/;
const CONNECTION_GONE =
  /Connection terminated|not queryable|timeout exceeded when trying to connect|Cannot use a pool after/;
/** Two requests stored the same id at the same moment in different streams. */
const UNIQUE_VIOLATION = '23505';

/** Sort any thrown thing into a code of the table. */
export function toServerError(error: unknown): ServerError | InputError {
  if (error instanceof ServerError || error instanceof InputError) return error;
  const { type, status } = (error ?? {}) as { type?: string; status?: number };
  if (databaseError(error).code === UNIQUE_VIOLATION)
    return new ServerError('idTaken', 'events', null, error);
  if (type === 'entity.too.large') return new ServerError('tooLarge', null, null, error);
  if (type === 'charset.unsupported' || type === 'encoding.unsupported')
    return new ServerError('wrongType', null, null, error);
  if (error instanceof URIError) return new ServerError('badAddress', null, null, error);
  if (status !== undefined && status >= 400 && status < 500)
    return new ServerError('notJson', null, null, error);
  return new ServerError(isDatabaseAway(error) ? 'unavailable' : 'internal', null, null, error);
}

/** Code and detail that the database gave, wherever in the chain of causes they stand; empty where there is none. */
export function databaseError(error: unknown): {
  readonly code: string;
  readonly detail: string | null;
} {
  for (const cause of causes(error)) {
    const { code, detail } = cause as { code?: unknown; detail?: unknown };
    if (typeof code === 'string')
      return { code, detail: typeof detail === 'string' ? detail : null };
  }
  return { code: '', detail: null };
}

/**
 * What the program's log may say of an error: its kind, the database's code, and where it was thrown. Messages are left
 * out: a failed query carries what people wrote.
 */
export function tracesOf(error: unknown): object {
  return {
    chain: causes(error).map((cause) => ({
      name: cause.name,
      code: (cause as { code?: unknown }).code,
      at: (cause.stack ?? '')
        .split('\n')
        .filter((line) => /^\s+at /u.test(line))
        .slice(0, 12),
    })),
  };
}

function isDatabaseAway(error: unknown): boolean {
  const codes = causes(error).map((cause) => String((cause as { code?: unknown }).code));
  const isUnwell = (code: string) => SQLSTATE.test(code) && !ABOUT_WHAT_WAS_SENT.test(code);
  if (codes.some((code) => CONNECTION_LOST.test(code) || isUnwell(code))) return true;
  return causes(error).some(({ message }) => CONNECTION_GONE.test(message));
}

/** An error and everything it was caused by. */
function causes(error: unknown): readonly Error[] {
  return error instanceof Error ? [error, ...causes(error.cause)] : [];
}

/** What a field is held to by the errors of this server that name one. */
const WANTED: Readonly<Partial<Record<ErrorCode, Wanted>>> = {
  idTaken: { id: 'ownId' },
  notStorable: { id: 'someText' },
  noSuchStream: { id: 'openedJob' },
  noSuchDevice: { id: 'knownDevice' },
  practiceOnly: { id: 'practiceJob' },
};

function faultsOf(error: ServerError | InputError): readonly InputFault[] {
  if (error instanceof InputError) return error.faults;
  const { code, field, value } = error;
  const wanted = WANTED[code];
  return field === null || wanted === undefined
    ? []
    : [{ code: 'contradiction', field, value, wanted }];
}

/** The answer for an error. */
export function errorAnswer(error: ServerError | InputError): {
  readonly status: number;
  readonly body: ErrorAnswer;
} {
  const code = error instanceof InputError ? 'badInput' : error.code;
  const { status, message } = ERRORS[code];
  const faults = faultsOf(error).map((fault) => ({
    ...fault,
    expected: wantedWords(fault.wanted),
  }));
  return { status, body: { error: { code, message, faults } } };
}
