import { InputError } from '@wendaxis/core/faults';
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
  idTaken: { status: 409, message: 'An event with this id is stored already with other contents.' },
  tooLarge: {
    status: 413,
    message: 'The body is too large. Send at most 1 MB, in smaller batches.',
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

/** Database conditions under which sending again later helps: connection loss, shutdown, too many connections. */
const DATABASE_AWAY = /^(08|57P|53)|ECONN|ENOENT|EPIPE|ETIMEDOUT/;
const CONNECTION_GONE =
  /Connection terminated|not queryable|timeout exceeded when trying to connect|Cannot use a pool after/;
/** Two requests stored the same id at the same moment in different streams. */
const UNIQUE_VIOLATION = '23505';

/** Sort any thrown thing into a code of the table. */
export function toServerError(error: unknown): ServerError | InputError {
  if (error instanceof ServerError || error instanceof InputError) return error;
  const { type, status } = error as { type?: string; status?: number };
  if (databaseCodes(error).includes(UNIQUE_VIOLATION))
    return new ServerError('idTaken', 'events', null, error);
  if (type === 'entity.too.large') return new ServerError('tooLarge', null, null, error);
  if (type === 'charset.unsupported' || type === 'encoding.unsupported')
    return new ServerError('wrongType', null, null, error);
  if (status !== undefined && status >= 400 && status < 500)
    return new ServerError('notJson', null, null, error);
  return new ServerError(isDatabaseAway(error) ? 'unavailable' : 'internal', null, null, error);
}

function isDatabaseAway(error: unknown): boolean {
  if (databaseCodes(error).some((code) => DATABASE_AWAY.test(code))) return true;
  return causes(error).some(({ message }) => CONNECTION_GONE.test(message));
}

function databaseCodes(error: unknown): readonly string[] {
  return causes(error).map((cause) => String((cause as { code?: unknown }).code ?? ''));
}

/** An error and everything it was caused by. */
function causes(error: unknown): readonly Error[] {
  return error instanceof Error ? [error, ...causes(error.cause)] : [];
}

/** The answer for an error. */
export function errorAnswer(error: ServerError | InputError): {
  readonly status: number;
  readonly body: ErrorAnswer;
} {
  const code = error instanceof InputError ? 'badInput' : error.code;
  const { status, message } = ERRORS[code];
  const faults =
    error instanceof InputError
      ? error.faults
      : error.field === null
        ? []
        : [
            {
              code: 'contradiction' as const,
              field: error.field,
              value: error.value,
              expected: message,
            },
          ];
  return { status, body: { error: { code, message, faults } } };
}
