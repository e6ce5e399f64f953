import { InputError } from './fault.ts';

/** What a computation gave; or, where it failed, what went wrong, as one line. */
export type Isolated<Result> =
  | { readonly ok: true; readonly value: Result }
  | { readonly ok: false; readonly fault: string };

/**
 * Run a computation whose failure must not reach what stands beside it. Bad input and errors of the program alike are
 * told; nothing goes through.
 * @example isolated(() => spacerCut(59, -1)) // { ok: false, fault: 'cut is -1: expected …' }
 */
export function isolated<Result>(compute: () => Result): Isolated<Result> {
  try {
    return { ok: true, value: compute() };
  } catch (error) {
    return { ok: false, fault: describeError(error) };
  }
}

/** Any thrown thing as one line. */
export function describeError(error: unknown): string {
  if (error instanceof InputError) return error.message;
  return error instanceof Error
    ? `the computation failed (${error.message})`
    : 'the computation failed';
}
