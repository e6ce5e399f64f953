import { InputError } from './fault.ts';

/**
 * A result, or what stands for it when the input cannot be used. Other errors go through.
 * @example orRefused(() => spacerCut(59, -1), () => null) // null
 */
export function orRefused<Result, Instead>(
  compute: () => Result,
  instead: (error: InputError) => Instead,
): Result | Instead {
  try {
    return compute();
  } catch (error) {
    if (error instanceof InputError) return instead(error);
    throw error;
  }
}
